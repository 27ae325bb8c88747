import type { Refusal } from '../api/client';

/** The shop's file cannot be read: what is wrong, what is left of it, and what to do. */
export function Damaged({ why }: { why: Refusal }) {
  const readable = (why.detail.readable as string[] | undefined) ?? [];
  return (
    <main className="mat-grid flex min-h-full flex-col items-center justify-center gap-6 bg-mat p-6 text-line phone:p-2">
      <h1 className="text-[40px] leading-tight font-bold">Zygotome</h1>
      <section className="w-full max-w-[760px] border-2 border-red bg-paper p-6 text-ink">
        <h2 className="text-[27px] leading-tight font-bold text-red">This shop’s file cannot be served</h2>
        <p className="pt-3 text-[19px]">{why.message}</p>
        <p className="pt-3 text-[16px]">
          {readable.length > 0
            ? `Still to be read from it: ${readable.join(', ')}.`
            : 'Nothing can be read from it any more.'}
        </p>
        <p className="pt-3 text-[16px]">
          Stop the server, move zygotome.db and all that is named after it away without deleting any of it, and restore
          the last backup into the folder:
          <code className="mt-2 block bg-tape-wash px-3 py-2">
            zygotome restore backups/zygotome-….db --data folder
          </code>
        </p>
        <p className="pt-3 text-[16px] text-pencil">
          What was recorded on tablets and not acknowledged is kept there and sent afterwards.
        </p>
      </section>
    </main>
  );
}
