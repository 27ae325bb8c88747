import { useState } from 'react';
import type { Schemas } from '../../api/client';
import type { Recorder } from './entries';

/** What the owner wants aboard besides: each tested, or not connected and why. */
export function AddOns({
  addOns,
  recorder,
  closed,
}: {
  addOns: readonly Schemas['AddOnView'][];
  recorder: Recorder;
  closed: boolean;
}) {
  const [leaving, setLeaving] = useState<string>();
  const [why, setWhy] = useState('');
  if (addOns.length === 0) return null;
  const say = (a: Schemas['AddOnView'], state: Schemas['AddOnState'], reason?: string) =>
    recorder
      .record('receive/add-on', {
        name: a.name,
        mass: a.mass,
        ...(a.at && { at: a.at }),
        state,
        ...(a.port && { port: a.port }),
        ...(reason && { why: reason }),
      })
      .then((ok) => {
        if (!ok) return;
        setLeaving(undefined);
        setWhy('');
      });
  return (
    <section aria-label="Add-ons">
      <h3 className="pt-3 text-[18px] font-bold">Add-ons</h3>
      {addOns.map((a) => (
        <div key={a.name} className="border-b border-steel py-2">
          <div className="flex items-center gap-2">
            <span className="min-w-0 flex-1 text-[16px]">
              <strong>
                <bdi>{a.name}</bdi>
              </strong>
              , {a.mass}
              {a.at && ` at ${a.at}`}
              {a.port && `, port ${a.port}`}
              <span className="block text-[15px] text-pencil">
                {a.state === 'tested'
                  ? 'tested'
                  : a.state === 'notConnected'
                    ? `not connected${a.why && `: ${a.why}`}`
                    : 'nobody tried it yet'}
              </span>
            </span>
            {!closed && a.state === 'recorded' && (
              <>
                <button
                  type="button"
                  className="button px-3"
                  aria-label={`${a.name}: not connected`}
                  aria-expanded={leaving === a.name}
                  onClick={() => setLeaving(leaving === a.name ? undefined : a.name)}
                >
                  not connected
                </button>
                <button
                  type="button"
                  className="button dark px-3"
                  aria-label={`${a.name}: tested`}
                  disabled={recorder.busy}
                  onClick={() => void say(a, 'tested')}
                >
                  tested
                </button>
              </>
            )}
          </div>
          {leaving === a.name && (
            <div className="flex gap-2 pt-2">
              <input
                className="field flex-1"
                aria-label={`Why ${a.name} is not connected`}
                placeholder="why it is not connected"
                value={why}
                onChange={(e) => setWhy(e.target.value)}
              />
              <button
                type="button"
                className="button"
                disabled={!why.trim()}
                onClick={() => void say(a, 'notConnected', why)}
              >
                record
              </button>
            </div>
          )}
        </div>
      ))}
    </section>
  );
}
