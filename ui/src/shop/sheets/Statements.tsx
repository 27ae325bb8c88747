import { useState } from 'react';
import { type EditTools, type Field, moveOn } from './editTools';

type Props = { field: Field; tools: EditTools };

/** Statements against each other with their places, which of them counts, why, and who decided. */
export function Statements({ field: f, tools }: Props) {
  const [taken, setTaken] = useState(f.text);
  const [reason, setReason] = useState(f.reason);
  const [wrong, setWrong] = useState('');
  const take = async () => {
    const r = await tools.edit([{ path: f.path, act: 'take', text: taken, reason }]);
    setWrong(r?.message ?? '');
    const field = document.getElementById(f.path);
    if (!r && field) moveOn(field, 1);
  };
  return (
    <form
      aria-label={`What the manual says of ${f.label}`}
      className="mt-1 border-l-[6px] border-steel px-3 py-1 text-[15px]"
      onSubmit={(e) => {
        e.preventDefault();
        void take();
      }}
    >
      {f.statements.map((s, i) => (
        <p key={i} className="flex items-baseline gap-2">
          <span className="min-w-0 flex-1">
            “{s.text}”{s.source && `, ${s.source}`}
            {s.page && `, page ${s.page}`}
          </span>
          <button type="button" className="min-h-[44px] px-1 underline" onClick={() => setTaken(s.text)}>
            this one counts
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
        <button type="submit" className="button px-3">
          decide
        </button>
      </div>
      {f.by && <p className="text-pencil">Decided by {f.by}.</p>}
      {wrong && (
        <p role="alert" className="text-red">
          {wrong}
        </p>
      )}
    </form>
  );
}

/** What another page or paper says of the same; both are kept until somebody decides. */
export function AlsoSays({ field: f, tools, onClose }: Props & { onClose: () => void }) {
  const [text, setText] = useState('');
  const [page, setPage] = useState('');
  const [source, setSource] = useState('');
  const [wrong, setWrong] = useState('');
  const keep = async () => {
    const r = await tools.edit([{ path: f.path, act: 'also', text, page, source }]);
    if (r) setWrong(r.message);
    else onClose();
  };
  return (
    <form
      aria-label={`${f.label}, the manual also says`}
      className="mt-1 border-l-[6px] border-tape bg-tape-wash px-3 py-2 text-[15px]"
      onSubmit={(e) => {
        e.preventDefault();
        void keep();
      }}
      onKeyDown={(e) => {
        if (e.key !== 'Escape') return;
        e.stopPropagation();
        onClose();
      }}
    >
      <p>The manual also says, elsewhere:</p>
      <div className="grid grid-cols-[1fr_84px] gap-2">
        <input
          // biome-ignore lint/a11y/noAutofocus: it was asked for by a key
          autoFocus
          aria-label="It also says"
          className="field text-[16px]"
          value={text}
          onChange={(e) => setText(e.target.value)}
        />
        <input
          aria-label="On page"
          className="field text-[16px]"
          placeholder="page"
          value={page}
          onChange={(e) => setPage(e.target.value)}
        />
        <input
          aria-label="In which paper"
          className="field text-[16px]"
          placeholder="in which paper, if another"
          value={source}
          onChange={(e) => setSource(e.target.value)}
        />
        <button type="submit" className="button px-2" disabled={!text.trim()}>
          keep both
        </button>
      </div>
      {wrong && (
        <p role="alert" className="text-red">
          {wrong}
        </p>
      )}
    </form>
  );
}
