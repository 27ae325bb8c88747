import { useState } from 'react';
import type { Schemas } from '../../api/client';
import { Choice } from '../../shared/Choice';
import { Jaws, verdictWords } from '../../shared/Jaws';
import { Acts } from '../../shared/look/Acts';
import type { Props } from './entries';

type View = Schemas['ControllerView'];

/** How each controller is set, judged line by line; calibration and stick menu are begun here. */
export function Controllers({
  job,
  data,
  recorder,
}: {
  job: Props['job'];
  data: Schemas['BindView'];
  recorder: Props['recorder'];
}) {
  return (
    <>
      {data.ready.controllers.length === 0 && <p className="text-[18px]">There is no controller on this aircraft.</p>}
      {data.ready.controllers.map((c) => (
        <One key={c.id} of={c} recorder={recorder} closed={job.released} />
      ))}
      <Acts job={job} recorder={recorder} of={['calibration', 'stickMenu', 'arming', 'waking']} />
    </>
  );
}

const ASKS = [
  { key: 'lowIsStop', asks: 'Stick low stops the motor', yes: 'yes', no: 'no, it runs' },
  { key: 'endsLearned', asks: 'Knows low and full of this stick', yes: 'yes', no: 'not yet' },
  { key: 'brake', asks: 'Brake', yes: 'on', no: 'off' },
  { key: 'reverses', asks: 'Can turn backwards', yes: 'yes', no: 'no' },
] as const;

function One({ of, recorder, closed }: { of: View; recorder: Props['recorder']; closed: boolean }) {
  const [said, setSaid] = useState<Partial<Record<(typeof ASKS)[number]['key'], boolean>>>(of.set ?? {});
  const [cutOff, setCutOff] = useState(of.set?.cutOff ? String(of.set.cutOff) : '');
  const [timing, setTiming] = useState(of.set?.timing ?? '');
  const volts = cutOff.trim() ? Number(cutOff.replace(',', '.')) : undefined;
  const complete = ASKS.every((a) => said[a.key] !== undefined) && !Number.isNaN(volts ?? 0);
  const record = () =>
    void recorder.record('bind/controller', {
      controller: of.id,
      lowIsStop: !!said.lowIsStop,
      endsLearned: !!said.endsLearned,
      brake: !!said.brake,
      reverses: !!said.reverses,
      ...(volts !== undefined ? { cutOff: volts } : {}),
      timing,
    });
  return (
    <section aria-label={of.name} className="border-b-2 border-ink pb-3">
      <h2 className="text-[23px] leading-tight font-bold">{of.name}</h2>
      <div className="flex items-center gap-3 pt-1 text-[17px]">
        <Jaws line={of.line} />
        <strong>{verdictWords(of.line)}</strong>
        <span className={`min-w-0 flex-1 text-[16px] ${of.line.standing === 'notMet' ? 'text-red' : ''}`}>
          {of.line.why}
        </span>
      </div>
      {!closed && (
        <>
          {ASKS.map((a) => (
            <div key={a.key} className="flex items-center gap-2 border-b border-steel py-1 text-[17px]">
              <span className="min-w-0 flex-1">
                {a.asks}
                {a.key === 'brake' && of.wantsBrake && (
                  <span className="block text-[14px] text-pencil">on: the blades fold</span>
                )}
                {a.key === 'reverses' && of.reverses && (
                  <span className="block text-[14px] text-pencil">yes: the sheet has reverse thrust</span>
                )}
              </span>
              <Choice
                label={`${of.name}: ${a.asks}`}
                value={said[a.key]}
                of={[
                  { value: true, words: a.yes },
                  { value: false, words: a.no },
                ]}
                onChoose={(v) => setSaid({ ...said, [a.key]: v })}
                className="flex w-[190px] gap-1"
                button="button flex-1 px-1 text-[16px]"
              />
            </div>
          ))}
          <div className="flex items-end gap-2 pt-2">
            <label className="min-w-0 flex-1 text-[14px] text-pencil">
              cut-off, V a cell; empty where it is off
              <input
                className="field text-[18px] text-ink"
                inputMode="decimal"
                aria-label={`${of.name}: cut-off`}
                value={cutOff}
                onChange={(e) => setCutOff(e.target.value)}
              />
            </label>
            <label className="w-[110px] text-[14px] text-pencil">
              timing
              <input
                className="field text-[18px] text-ink"
                aria-label={`${of.name}: timing`}
                value={timing}
                onChange={(e) => setTiming(e.target.value)}
              />
            </label>
            <button
              type="button"
              className="button dark min-h-[48px] px-3"
              aria-label={`${of.name}: set so`}
              disabled={recorder.busy || !complete}
              onClick={record}
            >
              Set so
            </button>
          </div>
        </>
      )}
    </section>
  );
}
