/** Something the owner has not brought yet: its line stays open. */
export function Later({ on, onLater, words }: { on: boolean; onLater: (on: boolean) => void; words: string }) {
  return (
    <label className="flex min-h-[44px] items-center gap-3 text-[16px]">
      <input type="checkbox" className="h-6 w-6" checked={on} onChange={(e) => onLater(e.target.checked)} />
      {words}
    </label>
  );
}
