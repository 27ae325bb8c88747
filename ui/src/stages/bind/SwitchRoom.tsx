import { useState } from 'react';
import type { Schemas } from '../../api/client';
import { WORDS } from '../../api/contract';
import { Choice } from '../../shared/Choice';
import { Jaws, verdictWords } from '../../shared/Jaws';
import { Mat, Paper } from '../../shared/Paper';
import { panelOf } from '../../shared/Tabs';
import { Instead } from './Instead';
import { Said } from './Said';
import type { RoomProps } from './StabiliserRoom';
import type { Props } from './entries';

type Use = Schemas['SwitchUseView'];
type At = keyof typeof WORDS.switchAt;
const ATS = Object.keys(WORDS.switchAt) as At[];

/** Which switch does what: the table on the mat, one use in hand on the paper, then each position as a whole. */
export function SwitchRoom({ job, recorder, data, strip, next }: RoomProps) {
  const { uses, wholes, clashes } = data.switches;
  const [chosen, setChosen] = useState<string>();
  const use =
    uses.find((u) => u.use === chosen) ?? uses.find((u) => !u.on && !u.elsewhere) ?? uses.find((u) => u.line.open);
  return (
    <>
      <Mat title="Bind" aside="which switch does what">
        <Table uses={uses} current={use} onChoose={setChosen} />
      </Mat>
      <Paper job={job} recorder={recorder} at="bind" act={next}>
        {strip}
        <div {...panelOf('switches')}>
          {clashes.map((c) => (
            <p
              key={c.words}
              role="alert"
              className={`mb-2 border-l-[6px] px-3 py-2 text-[17px] ${c.deadly ? 'border-red text-red' : 'border-tape bg-tape-wash'}`}
            >
              <strong>{c.deadly ? 'Never so. ' : 'Look again. '}</strong>
              {c.words}
            </p>
          ))}
          {uses.length === 0 && <p className="text-[18px]">Nothing on this aircraft is on a switch.</p>}
          {use && !job.released && <Put key={use.use} use={use} recorder={recorder} />}
          {wholes.length > 0 && (
            <section aria-label="Tried as a whole" data-region="list" className="py-3">
              <h3 className="border-b border-steel text-[18px] font-bold">Each position, tried as a whole</h3>
              {wholes.map((w) => (
                <div key={w.words} className="border-b border-steel py-1">
                  <p className="text-[18px] font-bold">{w.words}</p>
                  <p className="text-[16px]">{w.expected}</p>
                  <Said line={w.line} />
                  {!job.released && (
                    <div className="flex flex-wrap gap-2 pb-1">
                      <button
                        type="button"
                        className="button dark min-h-[48px] flex-1"
                        aria-label={`${w.words}: as the table says`}
                        disabled={recorder.busy}
                        onClick={() =>
                          void recorder.record('bind/switch-tried', {
                            switch: w.switch,
                            at: w.at,
                            asExpected: true,
                            instead: '',
                          })
                        }
                      >
                        as the table says
                      </button>
                      <Instead
                        label="not so"
                        asks={`${w.words}: what did not stand so`}
                        act="Record"
                        busy={recorder.busy}
                        className="button min-h-[48px] flex-1"
                        onSay={(instead) =>
                          recorder.record('bind/switch-tried', {
                            switch: w.switch,
                            at: w.at,
                            asExpected: false,
                            instead,
                          })
                        }
                      />
                    </div>
                  )}
                </div>
              ))}
            </section>
          )}
        </div>
      </Paper>
    </>
  );
}

const doesAt = (u: Use, at: At) => u.places.find((p) => p.at === at)?.does ?? '';

function Table({
  uses,
  current,
  onChoose,
}: {
  uses: readonly Use[];
  current: Use | undefined;
  onChoose: (use: string) => void;
}) {
  return (
    <div className="absolute inset-x-[18px] top-[76px] bottom-[18px] overflow-auto bg-paper text-ink phone:inset-0">
      <table className="w-full border-collapse text-left text-[17px]">
        <thead>
          <tr className="border-b-2 border-ink text-[15px]">
            <th className="p-2 font-normal text-pencil">what</th>
            <th className="p-2 font-normal text-pencil">switch</th>
            {ATS.map((a) => (
              <th key={a} className="p-2 font-normal text-pencil max-lg:hidden">
                {WORDS.switchAt[a]}
              </th>
            ))}
            <th className="p-2 font-normal text-pencil">stands</th>
          </tr>
        </thead>
        <tbody>
          {uses.map((u) => (
            <tr
              key={u.use}
              className={`border-b border-steel ${u === current ? 'bg-tape-wash shadow-[inset_5px_0_0_var(--tape)]' : ''}`}
            >
              <td className="p-0">
                <button
                  type="button"
                  className="min-h-[52px] w-full px-3 text-left font-bold"
                  aria-pressed={u === current}
                  onClick={() => onChoose(u.use)}
                >
                  {u.words}
                </button>
              </td>
              <td className="p-2">{u.on || <span className="text-pencil">not yet</span>}</td>
              {ATS.map((a) => (
                <td key={a} className="p-2 max-lg:hidden">
                  {doesAt(u, a)}
                </td>
              ))}
              <td className="p-2">
                <span className={`flex items-center gap-2 ${u.line.standing === 'notMet' ? 'text-red' : ''}`}>
                  <Jaws line={u.line} size={20} />
                  {verdictWords(u.line)}
                </span>
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}

/** One use put on a switch: which, what it does at each position, what that switch did before. */
function Put({ use, recorder }: { use: Use; recorder: Props['recorder'] }) {
  const [on, setOn] = useState(use.on);
  const [at, setAt] = useState<Partial<Record<At, string>>>(
    use.places.length > 0
      ? Object.fromEntries(use.places.map((p) => [p.at, p.does]))
      : Object.fromEntries(use.states.map((s, i) => [usual(i, use.states.length), s])),
  );
  const [nextTo, setNextTo] = useState(use.nextTo);
  const [before, setBefore] = useState(use.before);
  const [gone, setGone] = useState(use.beforeGone);
  if (use.elsewhere)
    return (
      <section aria-label={use.words}>
        <h2 className="text-[24px] leading-tight font-bold">Which switch is {use.words}?</h2>
        <Said line={use.line} />
        <p className="text-[17px]">
          {use.on ? `It is on the ${use.on}, as it was proven.` : 'Its switch is said where it is proven: under Cut.'}
        </p>
      </section>
    );
  const missing = use.states.filter((s) => !Object.values(at).includes(s));
  const put = () =>
    void recorder.record('bind/switch', {
      use: use.use,
      on,
      places: ATS.flatMap((a) => (at[a] ? [{ at: a, does: at[a] }] : [])),
      nextTo,
      before,
      beforeGone: gone,
    });
  return (
    <section aria-label={use.words} className="border-b-2 border-ink pb-3">
      <h2 className="text-[24px] leading-tight font-bold">Which switch is {use.words}?</h2>
      {use.line.standing !== 'notShown' && use.line.standing !== 'notMet' && <Said line={use.line} />}
      <label className="block pt-2 text-[14px] text-pencil">
        as it is marked on the transmitter
        <input
          className="field text-[20px] text-ink"
          placeholder="such as: left switch"
          value={on}
          onChange={(e) => setOn(e.target.value)}
        />
      </label>
      {ATS.map((a) => (
        <div key={a} className="flex items-center gap-2 border-b border-steel py-1">
          <span className="w-[104px] shrink-0 text-[17px]">{WORDS.switchAt[a]}</span>
          <Choice
            label={`${use.words}, ${WORDS.switchAt[a]}`}
            value={at[a] ?? ''}
            of={[...use.states.map((s) => ({ value: s, words: s })), { value: '', words: 'no stop' }]}
            onChoose={(s) => setAt({ ...at, [a]: s || undefined })}
            className="flex min-w-0 flex-1 gap-1"
            button="button min-w-0 flex-1 px-1 text-[15px]"
          />
        </div>
      ))}
      {use.reverses && (
        <label className="block pt-2 text-[14px] text-pencil">
          the switch that lies beside it
          <input className="field text-[18px] text-ink" value={nextTo} onChange={(e) => setNextTo(e.target.value)} />
        </label>
      )}
      <div className="flex items-end gap-2 pt-2">
        <label className="min-w-0 flex-1 text-[14px] text-pencil">
          what that switch did until now, if anything
          <input className="field text-[18px] text-ink" value={before} onChange={(e) => setBefore(e.target.value)} />
        </label>
        {before.trim() && (
          <Choice
            label="Is that taken off it?"
            value={gone}
            of={[
              { value: true, words: 'taken off' },
              { value: false, words: 'still on it' },
            ]}
            onChoose={setGone}
            className="flex gap-1"
            button="button px-2 text-[15px]"
          />
        )}
      </div>
      <button
        type="button"
        className="button dark mt-3 min-h-[56px] w-full text-[18px] font-bold"
        disabled={recorder.busy || !on.trim() || missing.length > 0}
        onClick={put}
      >
        {missing.length > 0 ? `Where is ${missing[0]}?` : `Put ${use.words} there`}
      </button>
    </section>
  );
}

const usual = (i: number, of: number): At => (i === 0 ? 'away' : i === 1 && of > 2 ? 'middle' : 'towards');
