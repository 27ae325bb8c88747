import { type KeyboardEvent, useEffect, useState } from 'react';
import { Doubt } from './Doubt';
import { type EditTools, type Field, moveOn } from './editTools';
import { FieldActs } from './FieldActs';
import { AlsoSays, Statements } from './Statements';

type Props = { field: Field; tools: EditTools; rowAssumed?: boolean };

/** One field of the manual: as typed, in the other unit, whose it is, and what is doubted about it, right beside it. */
export function EditorField({ field: f, tools, rowAssumed }: Props) {
  const [text, setText] = useState(f.text);
  const [wrong, setWrong] = useState('');
  const [also, setAlso] = useState(false);
  // biome-ignore lint/correctness/useExhaustiveDependencies: whenever another field stands here
  useEffect(() => {
    setText(f.text);
    setWrong('');
  }, [f.text, f.path]);
  const tell = async (edit: Parameters<EditTools['edit']>[0][number]) => {
    const r = await tools.edit([{ path: f.path, ...edit }]);
    setWrong(r?.message ?? '');
    return !r;
  };
  const put = async (typed: string) => {
    if (typed.trim() !== f.text) return tell({ act: 'set', text: typed });
    setWrong('');
    return true;
  };
  const onKeyDown = async (e: KeyboardEvent<HTMLInputElement | HTMLSelectElement>) => {
    const at = e.currentTarget;
    if (e.key === 'Enter') {
      e.preventDefault();
      // Enter on what is in proportion only says that the manual says so.
      const done =
        f.standing === 'assumed' && text.trim() === f.text ? await tell({ act: 'confirm' }) : await put(text);
      if (done) moveOn(at, e.shiftKey ? -1 : 1);
    } else if (e.key === 'F8' || e.key === 'F9') {
      e.preventDefault();
      const act = e.key === 'F8' ? ('notStated' as const) : ('notHere' as const);
      if (await tell({ act: f.standing === act ? 'clear' : act })) moveOn(at, 1);
    } else if (e.key === 'F2' && !f.once) {
      e.preventDefault();
      if ((f.standing === 'assumed' || rowAssumed) && text.trim() === f.text)
        setWrong('Only assumed: Enter says that the manual says so, then it may also say something else.');
      else if ((await put(text)) && (text.trim() || f.statements.length > 0)) setAlso(true);
    } else if (e.key === 'Escape') setText(f.text);
  };
  const edge = f.mistake || wrong ? 'border-red!' : f.standing === 'assumed' || rowAssumed ? 'border-dashed' : '';
  const box = `field scroll-my-[90px] text-[18px] ${edge}`;
  const place = { id: f.path, 'aria-label': f.label, 'data-field': true, className: box, onKeyDown };
  return (
    <div className="pt-[6px]">
      <div className="flex items-center gap-1">
        <label htmlFor={f.path} className="grid min-w-0 flex-1 grid-cols-[138px_1fr] items-center gap-2">
          <span className="text-[15px] leading-tight">
            {f.label}
            <span className="block text-[13px] text-pencil">
              {f.standing === 'assumed' && (
                <span className="mr-1 border border-tape-edge bg-tape px-[5px] text-on-tape">assumed</span>
              )}
              {f.standing === 'notStated' && 'not stated'}
              {f.standing === 'notHere' && 'not on this aircraft'}
              {f.both}
            </span>
          </span>
          {f.kind === 'choice' || f.kind === 'flag' ? (
            <select {...place} value={f.text} onChange={(e) => void put(e.target.value)}>
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
              {...place}
              value={text}
              // Of statements against each other none is typed over; which counts is decided below.
              readOnly={f.standing === 'contradicted'}
              placeholder={f.standing === 'contradicted' ? 'undecided' : undefined}
              onChange={(e) => setText(e.target.value)}
              onBlur={() => void put(text)}
              autoComplete="off"
              list={f.refers && f.kind === 'text' ? `names-${f.refers}` : undefined}
              spellCheck={false}
            />
          )}
        </label>
        <FieldActs field={f} tools={tools} onAlso={() => setAlso(true)} />
      </div>
      {f.unused && f.text && <p className="text-[14px] text-pencil">kept; nothing judges it yet</p>}
      {f.standing === 'contradicted' && <Statements field={f} tools={tools} />}
      {also && (
        <AlsoSays
          field={f}
          tools={tools}
          onClose={() => {
            setAlso(false);
            document.getElementById(f.path)?.focus();
          }}
        />
      )}
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
