import { useState } from 'react';
import { WORDS } from '../../api/contract';
import type { Recorder } from './entries';

type Kind = keyof typeof WORDS.loopKind;
const KINDS = Object.keys(WORDS.loopKind) as Kind[];
const DETAILED: readonly Kind[] = ['other', 'plugLeftOff', 'heldByTape', 'dropped', 'gainRaised'];

/** Opens a loop: what is changed for now, or dropped, and holds up release until it is changed back. */
export function Loops({ recorder, functions }: { recorder: Recorder; functions: readonly string[] }) {
  const [kind, setKind] = useState<Kind>();
  const [fn, setFn] = useState('');
  const [detail, setDetail] = useState('');
  const chosen = fn || functions[0] || '';
  const open = async () => {
    if (!kind) return;
    const body =
      kind === 'leadMovedForBinding' ? { kind, detail: '', function: chosen } : { kind, detail, function: '' };
    if (!(await recorder.record('build/loop-opened', body))) return;
    setKind(undefined);
    setDetail('');
  };
  return (
    <section aria-label="Changed for now" className="py-4">
      <h3 className="text-[18px] font-bold">Changed for now</h3>
      <div className="flex flex-wrap items-end gap-2 pt-1">
        <label className="w-full text-[14px] text-pencil">
          what is changed, or lost
          <select
            className="field text-[16px]"
            value={kind ?? ''}
            onChange={(e) => setKind((e.target.value || undefined) as Kind | undefined)}
          >
            <option value="">nothing more</option>
            {KINDS.map((k) => (
              <option key={k} value={k}>
                {WORDS.loopKind[k]}
              </option>
            ))}
          </select>
        </label>
        {kind === 'leadMovedForBinding' && (
          <label className="min-w-[120px] flex-1 text-[14px] text-pencil">
            lead moved for binding
            <select className="field text-[16px]" value={chosen} onChange={(e) => setFn(e.target.value)}>
              {functions.map((f) => (
                <option key={f}>{f}</option>
              ))}
            </select>
          </label>
        )}
        {kind && DETAILED.includes(kind) && (
          <label className="min-w-[160px] flex-1 text-[14px] text-pencil">
            {kind === 'gainRaised' ? 'the gain before' : 'which, and where'}
            <input className="field text-[16px]" value={detail} onChange={(e) => setDetail(e.target.value)} />
          </label>
        )}
        {kind && (
          <button
            type="button"
            className="button"
            disabled={recorder.busy || (DETAILED.includes(kind) && !detail.trim())}
            onClick={() => void open()}
          >
            {kind === 'dropped' ? 'dropped' : kind === 'leadMovedForBinding' ? 'moved for now' : 'for now'}
          </button>
        )}
      </div>
    </section>
  );
}
