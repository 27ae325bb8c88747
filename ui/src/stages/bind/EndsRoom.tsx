import { useState } from 'react';
import type { Schemas } from '../../api/client';
import { WORDS } from '../../api/contract';
import { Choice } from '../../shared/Choice';
import { Drawing } from '../../shared/Drawing';
import { Mat, Paper } from '../../shared/Paper';
import { panelOf } from '../../shared/Tabs';
import { Instead } from './Instead';
import { Said } from './Said';
import type { RoomProps } from './StabiliserRoom';
import type { Props } from './entries';

/** Both ends of every channel listened to, and legs in and out time after time. */
export function EndsRoom({ job, recorder, data, strip, next }: RoomProps) {
  const open = data.ends.find((e) => e.line.open) ?? data.ends[0];
  const [chosen, setChosen] = useState<string>();
  const shown = data.ends.find((e) => e.channel === chosen) ?? open;
  const legs = data.cycles.find((c) => c.line.open);
  const parts = shown?.line.open || !legs ? shown?.parts : legs.parts;
  return (
    <>
      <Mat title="Bind" aside="">
        <Drawing
          drawing={data.cycles.length > 0 && !shown?.line.open && data.below ? data.below : data.atRest}
          mode="plain"
          highlight={new Set(parts)}
          foot="what moves to both ends"
          pad={{ top: 140, bottom: 120 }}
        />
        {shown && (
          <div className="pointer-events-none absolute top-[64px] left-[18px] text-line max-lg:top-[6px] phone:hidden">
            <p className="text-[38px] leading-[1.05] font-bold max-lg:text-[28px]">{shown.channel}</p>
            <p className="text-[18px]">{shown.moves}: all the way, both ways, and listen</p>
          </div>
        )}
      </Mat>
      <Paper job={job} recorder={recorder} at="bind" act={next}>
        {strip}
        <div {...panelOf('ends')}>
          {data.cycles.map((c) => (
            <Legs key={c.output} of={c} recorder={recorder} closed={job.released} />
          ))}
          <section aria-label="Both ends" data-region="list">
            <h2 className="text-[24px] leading-tight font-bold">Both ends, no hum</h2>
            <p className="text-[16px] text-pencil">
              Servo warm, linkage closed. One that hums at its end draws current until it burns.
            </p>
            {data.ends.map((e) => (
              <div
                key={e.channel}
                className={`border-b border-steel px-2 py-1 ${e === shown ? 'shadow-[inset_5px_0_0_var(--tape)]' : ''}`}
              >
                <button
                  type="button"
                  className="block min-h-[44px] w-full text-left text-[17px]"
                  aria-pressed={e === shown}
                  onClick={() => setChosen(e.channel)}
                >
                  <strong>{e.channel}</strong>
                  <span className="block text-[14px] text-pencil">{e.moves}</span>
                </button>
                <Said line={e.line} />
                {!job.released && (
                  <div className="flex flex-wrap gap-2 pb-1">
                    <button
                      type="button"
                      className="button dark min-h-[48px] flex-1"
                      aria-label={`${e.channel}: both ends reached, no hum`}
                      disabled={recorder.busy}
                      onClick={() => void recorder.record('bind/ends', { channel: e.channel, free: true, heard: '' })}
                    >
                      both reached, no hum
                    </button>
                    <Instead
                      label="it strains"
                      asks={`${e.channel}: at which end, and what was heard`}
                      act="Record"
                      busy={recorder.busy}
                      className="button min-h-[48px] flex-1"
                      onSay={(heard) => recorder.record('bind/ends', { channel: e.channel, free: false, heard })}
                    />
                  </div>
                )}
              </div>
            ))}
          </section>
        </div>
      </Paper>
    </>
  );
}

type Held = keyof typeof WORDS.attitude;
const HELD = Object.keys(WORDS.attitude) as Held[];

function Legs({ of, recorder, closed }: { of: Schemas['CyclesView']; recorder: Props['recorder']; closed: boolean }) {
  const [attitude, setAttitude] = useState<Held>('asItFlies');
  const cycle = (clean: boolean, hung = '') =>
    recorder.record('bind/cycled', { output: of.output, attitude, clean, hung });
  return (
    <section aria-label={of.name} className="mb-3 border-b-2 border-ink pb-3">
      <h2 className="text-[24px] leading-tight font-bold">{of.name}, in and out</h2>
      <div className="flex items-center gap-3 py-1">
        <span className="text-[52px] leading-none font-bold tabular-nums">{Math.min(of.run, of.wanted)}</span>
        <span className="text-[17px]">of {of.wanted} clean in a row</span>
        <span aria-hidden className="flex gap-1">
          {Array.from({ length: of.wanted }, (_, i) => (
            // biome-ignore lint/suspicious/noArrayIndexKey: the place is all there is
            <span key={i} className={`size-[18px] border-2 border-ink ${i < of.run ? 'bg-ink' : 'border-dashed'}`} />
          ))}
        </span>
      </div>
      {of.note && <p className="text-[16px] text-pencil">{of.note}</p>}
      <Said line={of.line} />
      {!closed && (
        <>
          <p className="border-l-[6px] border-tape bg-tape-wash px-3 py-1 text-[16px]">
            <strong>Caution.</strong> Legs and doors pinch: hands clear before the switch.
          </p>
          <Choice
            label="How it is held"
            titled
            value={attitude}
            of={HELD.map((h) => ({ value: h, words: WORDS.attitude[h] }))}
            onChoose={setAttitude}
            className="flex gap-1 py-2"
            button="button flex-1 px-1 text-[15px]"
          />
          <div className="flex flex-wrap gap-2">
            <button
              type="button"
              className="button dark min-h-[60px] flex-1 text-[19px] font-bold"
              disabled={recorder.busy}
              onClick={() => void cycle(true)}
            >
              In and out, clean
            </button>
            <Instead
              label="it hung"
              asks="which leg or door, and where"
              act="Record"
              busy={recorder.busy}
              className="button min-h-[60px] flex-1"
              onSay={(hung) => cycle(false, hung)}
            />
          </div>
        </>
      )}
    </section>
  );
}
