import { Popover } from 'radix-ui';
import { useEffect, useState } from 'react';
import type { Schemas } from '../../api/client';
import { WORDS } from '../../api/contract';
import { dayAndClock } from '../../shared/time';
import type { EditTools } from './editTools';

type Field = Schemas['FieldNow'];
type Props = { field: Field; tools: EditTools; rowAssumed?: boolean };

/** One field of the manual: as typed, in the other unit, whose it is, and what is doubted about it, right beside it. */
export function EditorField({ field: f, tools, rowAssumed }: Props) {
  const [text, setText] = useState(f.text);
  const [wrong, setWrong] = useState('');
  // biome-ignore lint/correctness/useExhaustiveDependencies: whenever another field stands here
  useEffect(() => {
    setText(f.text);
    setWrong('');
  }, [f.text, f.path]);
  const put = async (typed: string) => {
    if (typed.trim() === f.text && f.standing !== 'notStated') return setWrong('');
    setWrong((await tools.edit([{ path: f.path, act: 'set', text: typed }]))?.message ?? '');
  };
  const box = `field text-[18px] ${f.mistake || wrong ? 'border-red!' : f.standing === 'assumed' || rowAssumed ? 'border-dashed' : ''}`;
  const measured = f.kind === 'quantity' || f.kind === 'stated';
  return (
    <div className="pt-2">
      <div className="flex items-end gap-1">
        <label htmlFor={f.path} className="min-w-0 flex-1 text-[14px] text-pencil">
          <span className="flex items-baseline justify-between gap-2">
            <span>{f.label}</span>
            <span>
              {f.standing === 'assumed' && (
                <span className="border border-tape-edge bg-tape px-[6px] text-[13px] text-on-tape">assumed</span>
              )}
              {f.standing === 'notStated' && 'not stated by the manual'}
              {f.both && <span className="pl-2">{f.both}</span>}
            </span>
          </span>
          {f.kind === 'choice' || f.kind === 'flag' ? (
            <select
              id={f.path}
              aria-label={f.label}
              className={box}
              value={f.text}
              onChange={(e) => void put(e.target.value)}
            >
              {(f.kind === 'flag'
                ? ['', 'yes', 'no']
                : f.choices.includes(f.text)
                  ? f.choices
                  : [f.text, ...f.choices]
              ).map((c) => (
                <option key={c} value={c}>
                  {c || 'not said'}
                </option>
              ))}
            </select>
          ) : (
            <input
              id={f.path}
              aria-label={f.label}
              className={box}
              value={text}
              onChange={(e) => setText(e.target.value)}
              onBlur={() => void put(text)}
              onKeyDown={(e) => e.key === 'Enter' && void put(text)}
              autoComplete="off"
              spellCheck={false}
            />
          )}
        </label>
        {measured && <More field={f} tools={tools} />}
      </div>
      {f.unused && f.text && <p className="text-[14px] text-pencil">kept; nothing judges it yet</p>}
      {f.standing === 'contradicted' && <Statements field={f} tools={tools} />}
      {(wrong || f.mistake) && (
        <p role="alert" className="text-[15px] text-red">
          {wrong || f.mistake}
        </p>
      )}
      {f.flags.map((flag) => (
        <Doubt key={flag.id} flag={flag} said={tools.answers.get(flag.id)} tools={tools} />
      ))}
    </div>
  );
}

/** Why a number is doubted, the likely misreading, and one-tap answers, kept with who and when. */
function Doubt({
  flag,
  said,
  tools,
}: {
  flag: Schemas['Flag'];
  said: Schemas['AnswerView'] | undefined;
  tools: EditTools;
}) {
  const [wrong, setWrong] = useState('');
  const mean = async (edit: Partial<Schemas['SheetEdit']>) =>
    setWrong((await tools.edit([{ path: flag.path, ...edit }]))?.message ?? '');
  if (said)
    return (
      <p className="border-l-[6px] border-steel px-3 py-1 text-[15px] text-pencil">
        {flag.reason} <strong>{WORDS.flagAnswer[said.answer]}</strong>, {said.by}, {dayAndClock(said.at)}
      </p>
    );
  return (
    <div className="mt-1 border-l-[6px] border-tape bg-tape-wash px-3 py-2 text-[16px]">
      <p>
        {flag.reason} {flag.misreading}
      </p>
      <div className="flex flex-wrap gap-2 pt-2">
        {flag.pair && (
          <>
            <button
              type="button"
              className="button px-3 text-[15px] font-bold"
              onClick={() =>
                void mean({ act: 'take', text: flag.pair!.band, reason: 'A band printed the other way round.' })
              }
            >
              A band: {flag.pair.band}
            </button>
            <button
              type="button"
              className="button px-3 text-[15px] font-bold"
              onClick={() => void mean({ act: 'twoRates' })}
            >
              Two rates: {flag.pair.high} high, {flag.pair.low} low
            </button>
          </>
        )}
        {flag.suggestion && (
          <button
            type="button"
            className="button px-3 text-[15px] font-bold"
            onClick={() => void tools.say(flag.id, 'corrected')}
          >
            Corrected: {flag.suggestion}
          </button>
        )}
        <button type="button" className="button px-3 text-[15px]" onClick={() => void tools.say(flag.id, 'asPrinted')}>
          As printed
        </button>
        <button
          type="button"
          className="button px-3 text-[15px]"
          onClick={() => void tools.say(flag.id, 'confirmedWithMaker')}
        >
          Confirmed with the maker
        </button>
      </div>
      {wrong && (
        <p role="alert" className="pt-1 text-[15px] text-red">
          {wrong}
        </p>
      )}
    </div>
  );
}

/** Two statements with their pages, and which of them counts. */
function Statements({ field: f, tools }: { field: Field; tools: EditTools }) {
  const [taken, setTaken] = useState(f.text);
  const [reason, setReason] = useState(f.reason);
  const [wrong, setWrong] = useState('');
  const take = async () =>
    setWrong((await tools.edit([{ path: f.path, act: 'take', text: taken, reason }]))?.message ?? '');
  return (
    <div className="mt-1 border-l-[6px] border-steel px-3 py-1 text-[15px]">
      {f.statements.map((s, i) => (
        <p key={i}>
          “{s.text}”{s.page && `, page ${s.page}`}{' '}
          <button type="button" className="min-h-[32px] underline" onClick={() => setTaken(s.text)}>
            this one
          </button>
        </p>
      ))}
      <div className="grid grid-cols-[1fr_auto] gap-2">
        <input
          aria-label="What counts"
          className="field text-[16px]"
          placeholder="what counts"
          value={taken}
          onChange={(e) => setTaken(e.target.value)}
        />
        <input
          aria-label="Why it counts"
          className="field order-last col-span-2 text-[16px]"
          placeholder="why"
          value={reason}
          onChange={(e) => setReason(e.target.value)}
        />
        <button type="button" className="button px-3" onClick={() => void take()}>
          decide
        </button>
      </div>
      {wrong && <p className="text-red">{wrong}</p>}
    </div>
  );
}

function More({ field: f, tools }: { field: Field; tools: EditTools }) {
  const [open, setOpen] = useState(false);
  const [also, setAlso] = useState('');
  const [page, setPage] = useState('');
  const [wrong, setWrong] = useState('');
  const done = async (edit: Parameters<EditTools['edit']>[0]) => {
    const r = await tools.edit(edit);
    setWrong(r?.message ?? '');
    if (!r) setOpen(false);
  };
  return (
    <Popover.Root open={open} onOpenChange={setOpen}>
      <Popover.Trigger aria-label={`More about ${f.label}`} className="button w-[44px] px-0 text-[20px]">
        ⋯
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          side="left"
          align="start"
          className="z-30 flex w-[330px] flex-col gap-2 border-2 border-ink bg-paper p-4 text-ink"
        >
          <p className="font-bold">{f.label}</p>
          {f.means && <p className="text-[15px]">{f.means}</p>}
          {f.standing === 'assumed' && (
            <button
              type="button"
              className="button text-left"
              onClick={() => void done([{ path: f.path, act: 'confirm' }])}
            >
              It is what the manual says
            </button>
          )}
          <button
            type="button"
            className="button text-left"
            onClick={() => void done([{ path: f.path, act: 'notStated' }])}
          >
            The manual does not state it
          </button>
          <button
            type="button"
            className="button text-left"
            onClick={() => void done([{ path: f.path, act: 'clear' }])}
          >
            Empty it
          </button>
          {f.kind === 'stated' && f.text && (
            <>
              <p className="pt-1 text-[15px]">The manual also says, elsewhere:</p>
              <div className="flex gap-2">
                <input
                  aria-label="It also says"
                  className="field flex-1"
                  value={also}
                  onChange={(e) => setAlso(e.target.value)}
                />
                <input
                  aria-label="On page"
                  className="field w-[84px]"
                  placeholder="page"
                  value={page}
                  onChange={(e) => setPage(e.target.value)}
                />
              </div>
              <button
                type="button"
                className="button"
                disabled={!also.trim()}
                onClick={() => void done([{ path: f.path, act: 'also', text: also, page }])}
              >
                Keep both
              </button>
            </>
          )}
          {wrong && (
            <p role="alert" className="text-red">
              {wrong}
            </p>
          )}
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}
