import { useRef, useState } from 'react';
import { refusalOf, type Schemas, sendBytes } from '../api/client';
import { Camera, hasCamera } from './Camera';
import { Over } from './Over';

type Props = {
  photos: readonly Schemas['PhotoMark'][];
  label: string;
  disabled?: boolean;
  onTaken: (hash: string) => Promise<boolean>;
};

const MOST = 12;

/**
 * Pictures by camera or file: sent, encoded anew by the server, then named by an entry. One that is refused keeps no
 * other from being taken.
 */
export function Pictures({ photos, label, disabled, onTaken }: Props) {
  const input = useRef<HTMLInputElement>(null);
  const [busy, setBusy] = useState('');
  const [refused, setRefused] = useState<string[]>([]);
  const [open, setOpen] = useState<string>();
  const [looking, setLooking] = useState(false);

  const take = async (files: readonly File[]) => {
    const not: string[] = [];
    for (const [i, file] of files.entries()) {
      setBusy(`${i + 1} of ${files.length}`);
      try {
        const kept = await sendBytes<Schemas['PhotoView']>(
          '/api/photos',
          file,
          file.type || 'application/octet-stream',
        );
        if (await onTaken(kept.hash)) continue;
        // The screen says why; what comes after would be refused like it.
        not.push(...files.slice(i).map((f) => `${f.name}: not kept.`));
        break;
      } catch (e) {
        not.push(`${file.name}: ${refusalOf(e).message}`);
      }
    }
    setRefused(not);
    setBusy('');
    if (input.current) input.current.value = '';
  };
  const more = !disabled && photos.length < MOST;

  return (
    <div className="relative">
      <div className="flex flex-wrap gap-2">
        {photos.map((p, i) => (
          <button
            type="button"
            key={p.hash + i}
            aria-label={`${label}, picture ${i + 1}`}
            className="border-2 border-ink"
            onClick={() => setOpen(p.hash)}
          >
            <img src={`/api/photos/${p.hash}/small`} alt="" className="h-[60px] w-[80px] object-cover" />
          </button>
        ))}
        {more && (
          <button
            type="button"
            className="button h-[64px] px-3 text-[15px]"
            disabled={busy !== ''}
            onClick={() => input.current?.click()}
          >
            {busy ? `sending ${busy}` : photos.length === 0 ? 'Add pictures' : 'Add more'}
          </button>
        )}
        {more && hasCamera() && (
          <button
            type="button"
            className="button h-[64px] px-3 text-[15px]"
            aria-label={`Camera: ${label}`}
            onClick={() => setLooking(true)}
          >
            Camera
          </button>
        )}
        {!disabled && !more && (
          <p className="self-center text-[15px] text-pencil">{MOST} pictures, as many as are kept</p>
        )}
      </div>
      <input
        ref={input}
        type="file"
        accept="image/jpeg,image/png,image/webp"
        multiple
        aria-label={`Pictures: ${label}`}
        className="sr-only"
        tabIndex={-1}
        onChange={(e) => void take([...(e.target.files ?? [])])}
      />
      {refused.length > 0 && (
        <ul role="alert" className="pt-1 text-[15px] text-red">
          {refused.map((r, i) => (
            <li key={i}>{r}</li>
          ))}
        </ul>
      )}
      {looking && more && (
        <Camera
          label={label}
          busy={busy !== ''}
          onTake={(picture) => void take([picture])}
          onClose={() => setLooking(false)}
        />
      )}
      {open && (
        <Over title={label} hideTitle onClose={() => setOpen(undefined)}>
          <img src={`/api/photos/${open}`} alt={label} className="max-h-[78vh] max-w-[86vw] object-contain" />
          <button type="button" className="button mt-2 w-full" onClick={() => setOpen(undefined)}>
            Close
          </button>
        </Over>
      )}
    </div>
  );
}
