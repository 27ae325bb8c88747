import { type ReactNode, useState } from 'react';
import type { Schemas } from '../api/client';
import type { SharedRecorder } from './stage';
import { LastSaid } from './LastSaid';
import { ActNow, type AnsweredAt } from './look/ActNow';
import { DangerNow } from './look/DangerNow';
import { Lamps } from './look/Lamps';
import { Look } from './look/Look';
import { Notice } from './Notice';

/**
 * The paper at the right: lamps on top, what is dangerous now, what is open under power, the work, what was just recorded,
 * and the main act at the bottom.
 */
export function Paper({
  job,
  recorder,
  act,
  at,
  children,
}: {
  job: Schemas['JobView'];
  recorder: SharedRecorder;
  act: ReactNode;
  /** The stage whose screen this is, where results of acts are answered on it. */
  at?: AnsweredAt;
  children: ReactNode;
}) {
  const [lookedAt, setLookedAt] = useState<string[]>();
  const { asked } = recorder;
  return (
    <section
      aria-label="Paper"
      className="flex min-h-0 min-w-0 flex-col border-l-2 border-ink bg-paper [grid-area:paper] max-lg:border-t-2 max-lg:border-l-0"
    >
      <Lamps job={job} onLookAt={setLookedAt} />
      <DangerNow job={job} recorder={recorder} />
      <ActNow job={job} recorder={recorder} at={at} />
      {/* What is hidden in it stays in it: a choice of a radio group has an input that would lengthen the page. */}
      <div data-region="now" className="relative min-h-0 flex-1 overflow-y-auto px-[18px] py-3">
        {children}
      </div>
      <Notice refusal={recorder.refusal} onClose={recorder.clear} />
      <LastSaid job={job} recorder={recorder} />
      {act}
      {asked ? (
        <Look
          key={asked.refusal.message}
          job={job}
          recorder={recorder}
          opened={asked.refusal.code === 'lamps/not-known' ? [] : [asked.lamp]}
          because={asked.refusal.message}
          mustChange={asked.refusal.code !== 'lamps/not-known'}
          onDone={asked.answer}
        />
      ) : (
        lookedAt && (
          <Look
            job={job}
            recorder={recorder}
            opened={lookedAt}
            onDone={() => {
              setLookedAt(undefined);
              recorder.clear();
            }}
          />
        )
      )}
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
