import { Dialog } from 'radix-ui';
import { useRef, useState } from 'react';
import { refusalOf, type Refusal, type Schemas, sendBytes } from '../api/client';

type Props = { photos: readonly Schemas['PhotoMark'][]; label: string; disabled?: boolean; onTaken: (hash: string) => Promise<boolean> };

const MOST = 12;

/** Pictures by camera or file: sent, encoded anew by the server, then named by an entry. */
export function Pictures({ photos, label, disabled, onTaken }: Props) {
  const input = useRef<HTMLInputElement>(null);
  const [busy, setBusy] = useState('');
  const [refusal, setRefusal] = useState<Refusal>();
  const [open, setOpen] = useState<string>();

  const take = async (files: FileList | null) => {
    setRefusal(undefined);
    for (const [i, file] of [...(files ?? [])].entries()) {
      setBusy(`${i + 1} of ${files!.length}`);
      try {
        const kept = await sendBytes<Schemas['PhotoView']>('/api/photos', file, file.type || 'application/octet-stream');
        if (!(await onTaken(kept.hash))) break;
      } catch (e) {
        const r = refusalOf(e);
        r.message = `${file.name}: ${r.message}`;
        setRefusal(r);
        break;
      }
    }
    setBusy('');
    if (input.current) input.current.value = '';
  };

  return (
    <div>
      <div className="flex flex-wrap gap-2">
        {photos.map((p, i) => (
          <button key={p.hash + i} aria-label={`${label}, picture ${i + 1}`} className="border-2 border-ink" onClick={() => setOpen(p.hash)}>
            <img src={`/api/photos/${p.hash}/small`} alt="" className="h-[60px] w-[80px] object-cover" />
          </button>
        ))}
        {!disabled && photos.length < MOST && (
          <button className="button h-[64px] px-3 text-[15px]" disabled={busy !== ''} onClick={() => input.current?.click()}>
            {busy ? `sending ${busy}` : photos.length === 0 ? 'Add pictures' : 'Add more'}
          </button>
        )}
      </div>
      <input ref={input} type="file" accept="image/jpeg,image/png,image/webp" multiple aria-label={`Pictures: ${label}`} className="sr-only" tabIndex={-1} onChange={(e) => void take(e.target.files)} />
      {refusal && (
        <p role="alert" className="pt-1 text-[15px] text-red">
          {refusal.message}
        </p>
      )}
      <Dialog.Root open={!!open} onOpenChange={() => setOpen(undefined)}>
        <Dialog.Portal>
          <Dialog.Overlay className="fixed inset-0 z-40 bg-ink/60" />
          <Dialog.Content aria-describedby={undefined} className="fixed top-1/2 left-1/2 z-50 -translate-x-1/2 -translate-y-1/2 border-2 border-ink bg-paper p-3">
            <Dialog.Title className="sr-only">{label}</Dialog.Title>
            {open && <img src={`/api/photos/${open}`} alt={label} className="max-h-[78vh] max-w-[86vw] object-contain" />}
            <Dialog.Close className="button mt-2 w-full">Close</Dialog.Close>
          </Dialog.Content>
        </Dialog.Portal>
      </Dialog.Root>
    </div>
  );
}
