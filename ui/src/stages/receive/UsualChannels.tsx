import { useState } from 'react';
import type { Schemas } from '../../api/client';
import type { Recorder } from './entries';

/** What the owner has on each channel in every model, and this kit laid to it. */
export function UsualChannels({
  channels,
  recorder,
  closed,
}: {
  channels: Schemas['ChannelsView'];
  recorder: Recorder;
  closed: boolean;
}) {
  const [text, setText] = useState('');
  const { usual, before, beforeOn, laid } = channels;
  const said = text.split(',').map((c) => c.trim());
  const record = (of: readonly string[]) =>
    void recorder.record('receive/channels', { channels: [...of] }).then((ok) => ok && setText(''));
  const words = (of: readonly string[]) =>
    of
      .map((c, i) => (c ? `${i + 1} ${c}` : ''))
      .filter(Boolean)
      .join(', ');
  return (
    <section aria-label="The owner's usual channels">
      <h3 className="pt-3 text-[18px] font-bold">The owner's usual channels</h3>
      <p className="text-[16px]">{usual.length > 0 ? words(usual) : 'Nobody has said.'}</p>
      {!closed && usual.length === 0 && before && (
        <button
          type="button"
          className="button my-1 w-full text-left"
          disabled={recorder.busy}
          onClick={() => record(before)}
        >
          As on {beforeOn}: {words(before)}
        </button>
      )}
      {laid.length > 0 && (
        <ul className="my-1 border-l-[6px] border-steel pl-3">
          {laid.map((l) => (
            <li key={l.function} className="flex gap-2 text-[16px]">
              <span className="w-6 shrink-0 text-right font-bold tabular-nums">{l.channel || '–'}</span>
              <span>
                {l.function}
                {l.why && <span className="font-bold text-red">, {l.why}</span>}
              </span>
            </li>
          ))}
        </ul>
      )}
      {!closed && (
        <div className="flex items-end gap-2 border-b border-steel pb-2">
          <label className="min-w-0 flex-1 text-[14px] text-pencil">
            from channel 1 on, with commas
            <input
              className="field text-[17px] text-ink"
              placeholder="aileron, elevator, throttle, rudder"
              value={text}
              onChange={(e) => setText(e.target.value)}
            />
          </label>
          <button
            type="button"
            className="button px-3"
            aria-label="Usual channels: record"
            disabled={recorder.busy || !said.some(Boolean)}
            onClick={() => record(said)}
          >
            record
          </button>
        </div>
      )}
    </section>
  );
}
