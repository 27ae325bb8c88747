import { type ReactNode, type RefObject, useEffect, useMemo, useRef, useState } from 'react';
import type { Schemas } from '../../api/client';
import { useShop, useStage } from '../../api/queries';
import { Act } from '../../shared/Act';
import { Drawing } from '../../shared/Drawing';
import { Mat, Paper } from '../../shared/Paper';
import { SettingsList } from '../../shared/SettingsList';
import type { Props } from './entries';
import { type Method, METHODS, MethodChoice } from './method';
import { Reading } from './Reading';
import { Surfaces } from './Surfaces';
import { ThrowTable } from './ThrowTable';
import { WalkRound } from './WalkRound';

type Throw = Schemas['ThrowView'];

/** Every throw of the sheet, one under the ruler at a time. */
export function Throws({ job, recorder }: Props) {
  const { data } = useStage(job.id, 'throws');
  const { data: shop } = useShop();
  const [chosen, setChosen] = useState<string>();
  const [drafts, setDrafts] = useState<Record<string, string>>({});
  const [travels, setTravels] = useState<Record<string, string>>({});
  const [method, setMethod] = useState<Method>(METHODS[0]!);
  const entry = useRef<HTMLInputElement>(null);
  const moveOnWhenIn = useRef<string>(null);
  const throws = data?.throws;
  const current = useMemo(
    () =>
      throws?.find((t) => t.line.id === chosen) ??
      throws?.find((t) => t.line.standing === 'notMet' || t.line.standing === 'stale') ??
      throws?.find((t) => t.line.standing === 'notShown') ??
      throws?.[0],
    [throws, chosen],
  );
  const id = current?.line.id;

  // biome-ignore lint/correctness/useExhaustiveDependencies: whenever another requirement is in hand
  useEffect(() => void entry.current?.focus(), [id]);

  if (!data || !shop)
    return (
      <Mat title="Throws" aside="opening…">
        {null}
      </Mat>
    );
  const onTheRadio = current?.unit === '%';
  // A transmitter shows whole percents: half of one either way.
  const instrument = onTheRadio
    ? { id: 'transmitter', name: 'transmitter', u: 0.5 }
    : (shop.instruments.find((i) => i.reads === (method.measure === 'angle' ? 'degrees' : 'mm')) ?? {
        id: '',
        name: 'no instrument of the shop',
        u: 0.5,
      });
  const rule = shop.instruments.find((i) => i.reads === 'mm') ?? instrument;
  if (!current || !id) {
    return (
      <Empty job={job} recorder={recorder}>
        <Surfaces job={job} recorder={recorder} data={data} instrument={rule} />
      </Empty>
    );
  }
  const draft = drafts[id] ?? '';
  // Unsaid leaves the radio as it is.
  const travel = travels[id] ?? '';

  const save = async () => {
    if (!draft.trim()) return entry.current?.focus();
    const readings = draft.split(';').filter((r) => r.trim());
    const ok = await recorder.record('throws/read', {
      target: id,
      readings,
      measure: method.measure,
      instrument: instrument.id,
      ...(travel.trim() && { travel }),
    });
    if (!ok) return;
    setTravels((t) => ({ ...t, [id]: '' }));
    setDrafts((d) => ({ ...d, [id]: '' }));
    setChosen(id);
    moveOnWhenIn.current = id;
  };
  const step = (by: number) => {
    const index = data.throws.findIndex((t) => t.line.id === id);
    setChosen(data.throws[(index + by + data.throws.length) % data.throws.length]!.line.id);
  };

  const readBy = onTheRadio
    ? 'read off the transmitter'
    : `${instrument.name} ± ${instrument.u} ${method.unit === '°' ? '°' : 'mm'}, ${method.words}`;

  return (
    <>
      <Mat title="Throws" aside={`${readBy} · ${current.rate} rate`}>
        <Drawing
          drawing={job.drawing}
          mode="throws"
          selected={current.surface}
          inks={new Map(data.inks.filter((i) => i.rate === current.rate).map((i) => [i.surface, i.standing]))}
          onTap={(part) => {
            const hit = data.throws.find((t) => t.surface === part && t.rate === current.rate);
            if (hit) setChosen(hit.line.id);
          }}
        />
        <WalkRound throws={data.throws} current={current} onChoose={setChosen} />
      </Mat>
      <Paper
        job={job}
        recorder={recorder}
        act={
          <Act label="Record" onAct={() => void save()} disabled={recorder.busy || job.released}>
            <label className="sr-only" htmlFor="reading">
              Reading, {current.name}
            </label>
            <input
              id="reading"
              data-entry
              ref={entry}
              className="w-[150px] min-w-0 -outline-offset-4! shadow-none! border-r-2 border-ink bg-paper px-4 text-[32px] font-bold"
              inputMode="text"
              autoComplete="off"
              placeholder={onTheRadio ? '%' : method.unit}
              value={draft}
              disabled={job.released}
              onChange={(e) => setDrafts((d) => ({ ...d, [id]: e.target.value }))}
              onKeyDown={(e) => {
                if (e.repeat || e.nativeEvent.isComposing) return;
                if (e.key === 'Enter') document.querySelector<HTMLButtonElement>('[data-act]')?.click();
                else if (e.key === 'ArrowDown') step(1);
                else if (e.key === 'ArrowUp') step(-1);
                else return;
                e.preventDefault();
              }}
            />
          </Act>
        }
      >
        <MoveOn waiting={moveOnWhenIn} current={current} throws={data.throws} choose={setChosen} />
        <Reading
          job={job}
          recorder={recorder}
          item={current}
          onTap={(value) => setDrafts((d) => ({ ...d, [id]: value }))}
        />
        {!onTheRadio && (
          <div className="flex items-center gap-3 border-t border-steel py-2">
            <MethodChoice method={method} onChoose={setMethod} />
            {current.number && (
              <label className="ml-auto flex items-center gap-2 text-right text-[14px] leading-tight text-pencil">
                <span title={current.number}>{current.numberShort}, %</span>
                <input
                  className="field w-[64px] px-2 text-[17px]"
                  inputMode="numeric"
                  placeholder={String(current.travel)}
                  value={travel}
                  onChange={(e) => setTravels((t) => ({ ...t, [id]: e.target.value }))}
                />
              </label>
            )}
          </div>
        )}
        <ThrowTable throws={data.throws} sides={data.sides} current={current} onChoose={setChosen} />
        <Surfaces job={job} recorder={recorder} data={data} instrument={rule} />
        <SettingsList job={job} first="radio" />
      </Paper>
    </>
  );
}

/** After recording: in moves on to the next throw; close and out stay with their advice. */
function MoveOn({
  waiting,
  current,
  throws,
  choose,
}: {
  waiting: RefObject<string | null>;
  current: Throw;
  throws: readonly Throw[];
  choose: (id: string) => void;
}) {
  useEffect(() => {
    if (waiting.current !== current.line.id) return;
    if (current.line.standing === 'met') {
      const order = throws.slice(throws.indexOf(current) + 1).concat(throws);
      const next = order.find((t) => t.rate === current.rate && t.line.open) ?? order.find((t) => t.line.open);
      if (next) choose(next.line.id);
    }
    if (current.line.standing !== 'notShown') waiting.current = null;
  }, [waiting, current, throws, choose]);
  return null;
}

function Empty({ job, recorder, children }: Pick<Props, 'job' | 'recorder'> & { children: ReactNode }) {
  return (
    <>
      <Mat title="Throws" aside="the sheet states none">
        <Drawing drawing={job.drawing} mode="throws" />
      </Mat>
      <Paper job={job} recorder={recorder} act={<Act label="Nothing to measure" onAct={() => undefined} disabled />}>
        <p className="text-[18px]">This spec sheet states no throws.</p>
        {children}
      </Paper>
    </>
  );
}
