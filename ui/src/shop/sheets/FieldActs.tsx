import { Popover } from 'radix-ui';
import { useState } from 'react';
import type { EditTools, Field } from './editTools';

type Props = { field: Field; tools: EditTools; onAlso: () => void };

/** What else may be said of a field than a value, for a finger; each has its key in the field. */
export function FieldActs({ field: f, tools, onAlso }: Props) {
  const [open, setOpen] = useState(false);
  const [wrong, setWrong] = useState('');
  const done = async (act: 'confirm' | 'notStated' | 'notHere' | 'clear') => {
    const r = await tools.edit([{ path: f.path, act }]);
    setWrong(r?.message ?? '');
    if (!r) setOpen(false);
  };
  const button = 'button flex justify-between gap-3 text-left';
  return (
    <Popover.Root open={open} onOpenChange={setOpen}>
      <Popover.Trigger aria-label={`More about ${f.label}`} tabIndex={-1} className="button w-[44px] px-0 text-[20px]">
        ⋯
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          side="left"
          align="start"
          className="z-30 flex w-[330px] flex-col gap-2 border-2 border-ink bg-paper p-4 text-ink"
        >
          <p className="font-bold">{f.label}</p>
          {f.means && <p className="text-[15px]">{f.means}</p>}
          {f.standing === 'assumed' && (
            <button type="button" className={button} onClick={() => void done('confirm')}>
              It is what the manual says <span className="text-pencil">Enter</span>
            </button>
          )}
          {!f.once && f.standing !== 'assumed' && (f.text || f.statements.length > 0) && (
            <button
              type="button"
              className={button}
              onClick={() => {
                setOpen(false);
                onAlso();
              }}
            >
              It also says, elsewhere <span className="text-pencil">F2</span>
            </button>
          )}
          <button type="button" className={button} onClick={() => void done('notStated')}>
            The manual does not state it <span className="text-pencil">F8</span>
          </button>
          <button type="button" className={button} onClick={() => void done('notHere')}>
            Not on this aircraft <span className="text-pencil">F9</span>
          </button>
          <button type="button" className={button} onClick={() => void done('clear')}>
            Empty it
          </button>
          {wrong && (
            <p role="alert" className="text-red">
              {wrong}
            </p>
          )}
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}
