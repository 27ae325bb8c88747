import { useState, useSyncExternalStore } from 'react';
import type { Schemas } from '../../api/client';
import { currentLook, onLook } from '../../api/look';
import type { SharedRecorder } from '../stage';
import { type Holding, HoldingForm } from './HoldingForm';

type Act = Schemas['ActView'];

/** The act, where it is open in this very look. */
export function useOpenAct(job: Schemas['JobView'], act: Act['act']) {
  const look = useSyncExternalStore(onLook, currentLook);
  const { open } = job.lamps;
  return open && open.act === act && open.look === look ? open : undefined;
}

/** Begins an act that needs a power state of its own; asks for who holds the aircraft where a motor may turn. */
export function useOpening(recorder: SharedRecorder) {
  const [holding, setHolding] = useState<Act>();
  const open = async (act: Act, held?: Holding) => {
    if (!held && act.held === 'any') {
      setHolding(act);
      return;
    }
    const ok = await recorder.record('bind/act-opened', { act: act.act!, ...(held ? { held } : {}) });
    if (ok) setHolding(undefined);
    else if (recorder.why()?.code === 'power/held') {
      setHolding(act);
      recorder.clear();
    }
  };
  const form = holding && (
    <HoldingForm
      label={`Begin: ${holding.title.toLowerCase()}`}
      onHeld={(held) => void open(holding, held)}
      onCancel={() => {
        setHolding(undefined);
        recorder.clear();
      }}
    />
  );
  return { open: (act: Act) => void open(act), form, holding };
}

/** One button that begins an act; in its place who holds the aircraft, where that is asked. */
export function Begin({
  act,
  label,
  recorder,
  disabled,
  large,
}: {
  act: Act;
  label: string;
  recorder: SharedRecorder;
  disabled?: boolean;
  large?: boolean;
}) {
  const opening = useOpening(recorder);
  return (
    opening.form ?? (
      <button
        type="button"
        className={
          large ? 'button dark mt-3 min-h-[60px] w-full text-[19px] font-bold' : 'button mt-2 min-h-[52px] w-full'
        }
        disabled={recorder.busy || !!disabled}
        onClick={() => opening.open(act)}
      >
        {label}
      </button>
    )
  );
}

/** Acts with a power state of their own, one button each. */
export function Acts({
  job,
  recorder,
  of,
}: {
  job: Schemas['JobView'];
  recorder: SharedRecorder;
  of: readonly Schemas['PoweredAct'][];
}) {
  const opening = useOpening(recorder);
  const look = useSyncExternalStore(onLook, currentLook);
  const isOpen = (a: Act) => job.lamps.open?.act === a.act && job.lamps.open.look === look;
  const acts = job.lamps.acts.filter((a) => of.includes(a.act));
  if (acts.length === 0 || job.released) return null;
  return (
    <section aria-label="With a live throttle" className="pt-4">
      <h3 className="border-b border-steel text-[18px] font-bold">With a live throttle</h3>
      <p className="py-1 text-[14px] text-pencil">
        Begun here, so that what is said meanwhile is not a mistake. The cut is set again before anything else.
      </p>
      {acts.map((a) => (
        <div key={a.act} className="border-b border-steel py-1">
          <button
            type="button"
            className="flex min-h-[48px] w-full items-center gap-3 px-2 text-left text-[17px]"
            disabled={recorder.busy || isOpen(a)}
            onClick={() => opening.open(a)}
          >
            <span className="min-w-0 flex-1">
              {a.title}
              <span className="block text-[14px] text-pencil">{a.do}</span>
            </span>
            <span className="shrink-0 underline">{isOpen(a) ? 'open' : 'begin'}</span>
          </button>
          {opening.holding?.act === a.act && opening.form}
        </div>
      ))}
    </section>
  );
}
