export type Mistake = { path: string; where: string; text: string };

/** What was wrong with a file: all of it, each with its place. */
export function Mistakes({
  words,
  mistakes,
  bad,
  onClose,
}: {
  words: string;
  mistakes: readonly Mistake[];
  bad: boolean;
  onClose: () => void;
}) {
  return (
    <div role="status" className={`flex items-start gap-4 border-b-2 border-ink px-5 py-3 ${bad ? 'text-red' : ''}`}>
      <div className="min-w-0 flex-1">
        <p className="font-bold">{words}</p>
        <ul className="max-h-[260px] overflow-y-auto">
          {mistakes.map((m, i) => (
            <li key={i} className="text-[15px]">
              <strong>{m.where}</strong>: {m.text}
            </li>
          ))}
        </ul>
      </div>
      <button type="button" className="min-h-[44px] text-ink underline" onClick={onClose}>
        Close
      </button>
    </div>
  );
}
