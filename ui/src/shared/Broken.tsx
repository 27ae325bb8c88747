import { Component, type ReactNode } from 'react';

/**
 * A screen that fails says so and how to go on, instead of going blank. What was recorded is on the server or in this
 * device's outbox.
 */
export class Broken extends Component<{ children: ReactNode }, { words: string }> {
  override state = { words: '' };

  static getDerivedStateFromError(error: unknown) {
    return { words: error instanceof Error ? error.message : String(error) };
  }

  override render() {
    if (!this.state.words) return this.props.children;
    return (
      <main className="m-6 max-w-[640px] border-2 border-ink bg-paper p-6 text-ink">
        <h1 className="pb-2 text-[27px] leading-tight font-bold">This screen failed.</h1>
        <p className="text-[18px]">
          Nothing that was recorded is lost. Open it again; if it goes on, tell the maintainer: {this.state.words}
        </p>
        <button type="button" className="button dark mt-4 px-6 text-[18px]" onClick={() => location.reload()}>
          Open it again
        </button>
      </main>
    );
  }
}
