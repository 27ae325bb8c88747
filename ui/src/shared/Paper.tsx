import type { ReactNode } from 'react';
import type { Schemas } from '../api/client';
import type { Recorder } from '../api/record';
import { LastSaid } from './LastSaid';
import { Lamps } from './Lamps';
import { Notice } from './Notice';

/** The paper at the right: lamps on top, the work, what was just recorded, and the main act at the bottom. */
export function Paper({
  job,
  recorder,
  act,
  children,
}: {
  job: Schemas['JobView'];
  recorder: Recorder;
  act: ReactNode;
  children: ReactNode;
}) {
  return (
    <section
      aria-label="Paper"
      className="flex min-h-0 min-w-0 flex-col border-l-2 border-ink bg-paper [grid-area:paper] max-lg:border-t-2 max-lg:border-l-0"
    >
      <Lamps job={job} recorder={recorder} />
      <div data-region="now" className="min-h-0 flex-1 overflow-y-auto px-[18px] py-3">
        {children}
      </div>
      <Notice refusal={recorder.refusal} onClose={recorder.clear} />
      <LastSaid job={job} recorder={recorder} />
      {act}
    </section>
  );
}

/** The mat in the middle, with its title. */
export function Mat({ title, aside, children }: { title: string; aside: string; children: ReactNode }) {
  return (
    <main data-region="mat" className="relative min-h-0 min-w-0 overflow-hidden bg-mat [grid-area:mat]">
      {children}
      <div className="pointer-events-none absolute top-2 left-[18px] text-line">
        <h1 className="text-[27px] leading-tight font-bold phone:sr-only">{title}</h1>
        <p className="text-[16px] text-quiet phone:sr-only">{aside}</p>
      </div>
    </main>
  );
}
