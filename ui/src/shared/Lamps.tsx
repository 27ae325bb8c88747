import { DropdownMenu } from 'radix-ui';
import { useSyncExternalStore } from 'react';
import type { Schemas } from '../api/client';
import { currentLook, onLook } from '../api/look';
import type { Recorder } from '../api/record';
import { clock } from './time';

type Job = Schemas['JobView'];
type Choice = { words: string; say: () => Promise<boolean> };

/**
 * Propeller, flight pack, transmitter: what was said and when. In another look they fall to "not known, look" and are
 * said again.
 */
export function Lamps({ job, recorder }: { job: Job; recorder: Recorder }) {
  const look = useSyncExternalStore(onLook, currentLook);
  const { record } = recorder;
  const fan = job.motorKind === 'fan';
  const lamps: { id: string; title: string; lamp: Schemas['LampView'] | null; sign: string; choices: Choice[] }[] = [
    {
      id: 'propeller',
      title: fan ? 'Fan' : 'Propeller',
      lamp: job.lamps.propeller,
      sign: 'M0 -9A9 9 0 1 1 -.1 -9M-3 0A3 3 0 1 1 3 0A3 3 0 1 1 -3 0',
      choices: [
        { words: fan ? 'wired, can turn' : 'fitted', say: () => record('build/propeller', { state: 'fitted' }) },
        ...(fan ? [] : [{ words: 'off', say: () => record('build/propeller', { state: 'off' }) }]),
        { words: 'motor wires off', say: () => record('build/propeller', { state: 'wiresOff' }) },
      ],
    },
    {
      id: 'pack',
      title: 'Flight pack',
      lamp: job.lamps.pack,
      sign: 'M-7 -5H7V5H-7ZM-12 0H-7M7 0H12',
      choices: [
        { words: 'out', say: () => record('build/pack', { state: 'out' }) },
        { words: 'in bay, not connected', say: () => record('build/pack', { state: 'inBay' }) },
        { words: 'connected', say: () => record('build/pack', { state: 'connected' }) },
      ],
    },
    {
      id: 'transmitter',
      title: 'Transmitter',
      lamp: job.lamps.transmitter,
      sign: 'M-8 -1H8V8H-8ZM0 -1V-10',
      choices: [
        { words: 'off', say: () => record('build/transmitter', { state: 'off' }) },
        { words: 'on, throttle live', say: () => record('build/transmitter', { state: 'on' }) },
        { words: 'on, throttle low, cut set', say: () => record('build/transmitter', { state: 'onCutSet' }) },
      ],
    },
  ].filter((l) => l.id !== 'propeller' || job.motorKind !== '');

  return (
    <section aria-label="Lamps" data-region="lamps" className="flex min-h-[56px] shrink-0 border-b-2 border-ink">
      {lamps.map((l) => {
        const known = l.lamp?.look === look;
        const live = known && (l.lamp?.value === 'connected' || (l.id === 'propeller' && l.lamp?.value === 'fitted'));
        return (
          <DropdownMenu.Root key={l.id} modal={false}>
            <DropdownMenu.Trigger
              disabled={job.released}
              data-lamp={l.id}
              className={`flex min-w-0 flex-1 items-center gap-[6px] border-ink px-[7px] py-1 text-left
                not-last:border-r ${live ? 'bg-tape text-on-tape' : ''}`}
            >
              <svg aria-hidden viewBox="-13 -12 26 24" width="21" height="20" className="shrink-0">
                <path
                  d={l.sign}
                  fill={live ? 'currentColor' : 'none'}
                  stroke="currentColor"
                  strokeWidth="2"
                  strokeDasharray={known ? undefined : '2 3'}
                />
              </svg>
              <span className="min-w-0 leading-tight">
                <span className="block truncate text-[13px] tracking-tight">
                  {l.title} {l.lamp && known ? clock(l.lamp.at) : ''}
                </span>
                <span className="block text-[14.5px] leading-[1.15] font-bold">
                  {known ? l.lamp!.words : 'not known, look'}
                </span>
              </span>
            </DropdownMenu.Trigger>
            <DropdownMenu.Portal>
              <DropdownMenu.Content
                align="end"
                sideOffset={2}
                className="z-30 min-w-[250px] border-2 border-ink bg-paper text-ink"
              >
                <DropdownMenu.Label className="px-4 pt-2 text-[14px] text-pencil">
                  {l.title}: how is it?
                  {l.lamp && !known ? ` Last said ${l.lamp.words}, ${clock(l.lamp.at)}, ${l.lamp.by}.` : ''}
                </DropdownMenu.Label>
                {l.choices.map((c) => (
                  <DropdownMenu.Item
                    key={c.words}
                    onSelect={() => void c.say()}
                    className="flex min-h-[52px] cursor-pointer items-center px-4 text-[18px] data-highlighted:bg-tape
                      data-highlighted:text-on-tape"
                  >
                    {c.words}
                  </DropdownMenu.Item>
                ))}
              </DropdownMenu.Content>
            </DropdownMenu.Portal>
          </DropdownMenu.Root>
        );
      })}
    </section>
  );
}
