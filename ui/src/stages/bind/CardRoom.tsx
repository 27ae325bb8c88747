import { useRef, useState } from 'react';
import type { Schemas } from '../../api/client';
import { Act } from '../../shared/Act';
import { Mat, Paper } from '../../shared/Paper';
import { panelOf } from '../../shared/Tabs';
import { Said } from './Said';
import type { RoomProps } from './StabiliserRoom';
import type { Props } from './entries';

type Card = Schemas['CardView'];
type Line = Schemas['CardLineView'];

const isOpen = (l: Line) => l.standing === 'notKeyed' || l.standing === 'changed';

/** Everything to key in: the card on the mat, the line in hand large on the paper, ticked by one key. */
export function CardRoom({ job, recorder, card, strip, next }: RoomProps & { card: Card }) {
  const [chosen, setChosen] = useState<string>();
  const line =
    card.lines.find((l) => l.id === chosen) ?? card.lines.find((l) => isOpen(l) && l.value) ?? card.lines.find(isOpen);
  const key = async (lines: Schemas['Entry.Keyed']['lines']) => {
    const ok = await recorder.record('bind/keyed', { lines });
    if (ok) setChosen(undefined);
    return ok;
  };
  const keyable = line && line.value && !job.released;
  return (
    <>
      <Mat title="Set-up card" aside={`${card.lines.filter((l) => !isOpen(l)).length} of ${card.lines.length} keyed`}>
        <List lines={card.lines} current={line} onChoose={setChosen} />
      </Mat>
      <Paper
        job={job}
        recorder={recorder}
        at="bind"
        act={
          keyable ? (
            <Act
              label="Keyed as it stands here"
              disabled={recorder.busy}
              onAct={() => void key([{ id: line.id, value: line.value, preset: '', reason: '' }])}
            />
          ) : (
            next
          )
        }
      >
        {strip}
        <div {...panelOf('card')}>
          {line && (
            <InHand key={line.id} line={line} card={card} onKey={key} busy={recorder.busy} closed={job.released} />
          )}
          {line && !job.released && (
            <Whole section={line.section} lines={card.lines} onKey={key} busy={recorder.busy} />
          )}
          <Heard card={card} recorder={recorder} closed={job.released} />
          <section aria-label="Power" className="py-3">
            <h3 className="text-[18px] font-bold">What is drawn beside its limit</h3>
            {card.power.map((p) => (
              <p
                key={p.what}
                className={`border-b border-steel py-1 text-[16px] ${p.suits === false ? 'text-red' : ''}`}
              >
                {p.what}: <strong>{p.figure || 'not known'}</strong>
                {p.limit && ` beside ${p.limit}`}
              </p>
            ))}
          </section>
          <p className="flex gap-4 py-2 text-[16px]">
            {['pdf', 'csv', 'json'].map((k) => (
              <a
                key={k}
                className="min-h-[44px] underline"
                href={`/api/jobs/${encodeURIComponent(job.id)}/bind/card.${k}`}
                target="_blank"
                rel="noreferrer"
              >
                {k === 'pdf' ? 'card to print' : `card as ${k.toUpperCase()}`}
              </a>
            ))}
          </p>
        </div>
      </Paper>
    </>
  );
}

const HOW: Record<Line['standing'], string> = {
  keyed: 'keyed',
  otherwise: 'otherwise',
  changed: 'key anew',
  notKeyed: '',
};

/** The whole card; up and down walk it, Enter takes a line in hand. */
function List({
  lines,
  current,
  onChoose,
}: {
  lines: readonly Line[];
  current: Line | undefined;
  onChoose: (id: string) => void;
}) {
  const list = useRef<HTMLDivElement>(null);
  const walk = (e: React.KeyboardEvent) => {
    const by = e.key === 'ArrowDown' ? 1 : e.key === 'ArrowUp' ? -1 : 0;
    if (by === 0 || !list.current) return;
    e.preventDefault();
    const rows = [...list.current.querySelectorAll('button')];
    rows[
      Math.min(Math.max(rows.indexOf(document.activeElement as HTMLButtonElement) + by, 0), rows.length - 1)
    ]?.focus();
  };
  return (
    <div
      ref={list}
      role="group"
      aria-label="Set-up card"
      onKeyDown={walk}
      className="absolute inset-x-[18px] top-[76px] bottom-[18px] overflow-auto bg-paper text-ink phone:inset-0"
    >
      {lines.map((l, i) => (
        <div key={l.id}>
          {lines[i - 1]?.section !== l.section && (
            <h3 className="border-b-2 border-ink px-3 pt-3 text-[16px] font-bold">{l.section}</h3>
          )}
          <button
            type="button"
            aria-pressed={l === current}
            onClick={() => onChoose(l.id)}
            className={`flex min-h-[44px] w-full items-center gap-3 border-b border-steel px-3 text-left text-[16px]
              ${l === current ? 'bg-tape-wash shadow-[inset_5px_0_0_var(--tape)]' : ''}`}
          >
            <Tick standing={l.standing} />
            <span className="w-[34%] shrink-0">{l.what}</span>
            <span className="min-w-0 flex-1 py-1 leading-snug font-bold">
              {l.value || <span className="font-normal text-pencil">not known yet</span>}
              {l.keyed && (
                <span className="block text-[14px] font-normal">
                  is {l.keyed}: {l.reason}
                </span>
              )}
            </span>
            <span
              className={`w-[150px] shrink-0 text-right text-[14px] leading-tight max-lg:hidden
                ${l.standing === 'changed' ? 'text-red' : 'text-pencil'}`}
            >
              {HOW[l.standing] && (
                <span className={l.standing === 'keyed' ? 'sr-only' : 'block'}>{HOW[l.standing]}</span>
              )}
              {l.tried || 'nothing tried it'}
            </span>
          </button>
        </div>
      ))}
    </div>
  );
}

/** Empty until keyed, a tick in ink then; barred where it stands otherwise, red where the card says another value. */
function Tick({ standing }: { standing: Line['standing'] }) {
  return (
    <svg aria-hidden width={22} height={22} viewBox="0 0 22 22" className="shrink-0">
      <rect
        x={2}
        y={2}
        width={18}
        height={18}
        fill="none"
        stroke={standing === 'changed' ? 'var(--red)' : 'var(--ink)'}
        strokeWidth={2}
        strokeDasharray={standing === 'notKeyed' ? '4 3' : undefined}
      />
      {standing === 'keyed' && <path d="M5 11l4 5 8-11" fill="none" stroke="var(--ink)" strokeWidth={3} />}
      {standing === 'otherwise' && <path d="M5 11h12" stroke="var(--ink)" strokeWidth={3} />}
      {standing === 'changed' && <path d="M6 6l10 10" stroke="var(--red)" strokeWidth={3} />}
    </svg>
  );
}

type Key = (lines: Schemas['Entry.Keyed']['lines']) => Promise<boolean>;

function InHand({
  line,
  card,
  onKey,
  busy,
  closed,
}: {
  line: Line;
  card: Card;
  onKey: Key;
  busy: boolean;
  closed: boolean;
}) {
  const [preset, setPreset] = useState('');
  const [reason, setReason] = useState('');
  return (
    <section aria-label="Line in hand" className="border-b-2 border-ink pb-3">
      <p className="text-[16px] text-pencil">
        {line.section === line.what ? line.section : `${line.section}: ${line.what}`}
      </p>
      <h2 className={`leading-tight font-bold ${line.value.length > 24 ? 'text-[24px]' : 'text-[44px]'}`}>
        {line.value || 'Not known yet'}
      </h2>
      <p className="text-[15px] text-pencil">
        {[line.source, line.tried || 'nothing tried it'].filter(Boolean).join(' · ')}
      </p>
      {line.standing === 'changed' && (
        <p className="text-[17px] text-red">The card says something else since it was keyed: key it anew.</p>
      )}
      {line.preset && line.standing === 'keyed' && (
        <p className="text-[16px]">The ready memory had {line.preset}; mended.</p>
      )}
      {!closed && line.value && card.preset && (
        <div className="pt-2">
          <label className="block text-[14px] text-pencil">
            what the ready memory has, where it is something else
            <input className="field text-[20px] text-ink" value={preset} onChange={(e) => setPreset(e.target.value)} />
          </label>
          {preset.trim() && (
            <div className="flex flex-wrap items-end gap-2 pt-2">
              <button
                type="button"
                className="button dark min-h-[48px] flex-1"
                disabled={busy}
                onClick={() => void onKey([{ id: line.id, value: line.value, preset, reason: '' }])}
              >
                Mended to the card
              </button>
              <label className="w-full text-[14px] text-pencil">
                or it stays so, because
                <input
                  className="field text-[18px] text-ink"
                  value={reason}
                  onChange={(e) => setReason(e.target.value)}
                />
              </label>
              <button
                type="button"
                className="button min-h-[48px] flex-1"
                disabled={busy || !reason.trim()}
                onClick={() => void onKey([{ id: line.id, value: preset, preset, reason }])}
              >
                It stays so
              </button>
            </div>
          )}
        </div>
      )}
    </section>
  );
}

/** All that is open under one heading, in one act. */
function Whole({
  section,
  lines,
  onKey,
  busy,
}: {
  section: string;
  lines: readonly Line[];
  onKey: Key;
  busy: boolean;
}) {
  const left = lines.filter((l) => l.section === section && isOpen(l) && l.value);
  if (left.length < 2) return null;
  return (
    <button
      type="button"
      className="button mt-2 min-h-[48px] w-full"
      disabled={busy}
      onClick={() => void onKey(left.map((l) => ({ id: l.id, value: l.value, preset: '', reason: '' })))}
    >
      all {left.length} of {section.toLowerCase()} stand as here
    </button>
  );
}

/** Timer and alarm: set off on purpose, and heard. */
function Heard({ card, recorder, closed }: { card: Card; recorder: Props['recorder']; closed: boolean }) {
  if (card.alarms.length === 0) return null;
  return (
    <section aria-label="Timer and alarm" className="py-3">
      <h3 className="border-b border-steel text-[18px] font-bold">Timer and alarm, heard</h3>
      {card.alarms.map((a) => (
        <div key={a.alarm} className="border-b border-steel py-1">
          <p className="text-[17px]">
            {a.words} at <strong>{a.at}</strong>
            <span className="block text-[14px] text-pencil">{a.why}</span>
          </p>
          <Said line={a.line} />
          {!closed && (
            <div className="flex gap-2 pb-1">
              <button
                type="button"
                className="button dark min-h-[48px] flex-1"
                aria-label={`${a.words}: heard`}
                disabled={recorder.busy}
                onClick={() => void recorder.record('bind/alarm', { alarm: a.alarm, heard: true })}
              >
                set off, and heard
              </button>
              <button
                type="button"
                className="button min-h-[48px] flex-1"
                aria-label={`${a.words}: not heard`}
                disabled={recorder.busy}
                onClick={() => void recorder.record('bind/alarm', { alarm: a.alarm, heard: false })}
              >
                not heard
              </button>
            </div>
          )}
        </div>
      ))}
    </section>
  );
}
