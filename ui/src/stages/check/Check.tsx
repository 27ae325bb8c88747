import { type ReactNode, useState } from 'react';
import type { Schemas } from '../../api/client';
import { useStage } from '../../api/queries';
import { Act } from '../../shared/Act';
import { Mat } from '../../shared/Paper';
import { type Mark, Strip } from '../../shared/Strip';
import type { Props, Room, View } from './entries';
import { Outdoors } from './Outdoors';
import { Places } from './Places';
import { PowerRoom } from './PowerRoom';
import { RunRoom } from './RunRoom';

/** The last look: everything called out in one run, every place looked at, run at full power, walked away from. */
export function Check({ job, recorder, room: _, turn, steps }: Props & { steps: (head: ReactNode) => ReactNode }) {
  const { data } = useStage(job.id, 'check');
  const [chosen, setChosen] = useState<Room>();
  if (!data)
    return (
      <Mat title="Check" aside="opening…">
        {null}
      </Mat>
    );

  const marks = marksOf(data);
  const open = chosen ?? marks.find((m) => m.mark !== 'shown')?.room ?? 'steps';
  // Opened at what is open first, and left only by hand: what closed is seen to close.
  if (!chosen) setChosen(open);
  const strip = (
    <div className="-mx-[18px] -mt-3 mb-3">
      <Strip label="Check" marks={marks} value={open} onChoose={setChosen} />
    </div>
  );
  if (open === 'steps') return steps(strip);

  const left = marks.find((m) => m.mark !== 'shown' && m.room !== open && m.room !== 'steps');
  const next = left ? (
    <Act label={`Next: ${left.title.toLowerCase()}`} onAct={() => setChosen(left.room)} hint="" />
  ) : (
    <Act label="To the steps" onAct={() => setChosen('steps')} hint="" />
  );
  const rest = { job, recorder, data, strip, next, room: '', turn };
  if (open === 'run' && data.run) return <RunRoom {...rest} run={data.run} />;
  if (open === 'power' && data.fullPower) return <PowerRoom {...rest} power={data.fullPower} />;
  if (open === 'outdoors') return <Outdoors {...rest} />;
  return <Places {...rest} of={open === 'propeller' ? 'propeller' : 'airframe'} />;
}

function marksOf(data: View) {
  const of = (room: Room, title: string, lines: readonly (Schemas['LedgerLine'] | null | undefined)[]) => {
    const asked = lines.filter((l) => !!l);
    const left = asked.filter((l) => l.open);
    const mark: Mark = left.some((l) => l.standing === 'notMet') ? 'wrong' : left.length > 0 ? 'open' : 'shown';
    const note = left.length === 0 ? 'shown' : asked.length === 1 ? 'open' : `${left.length} open`;
    return asked.length > 0 ? [{ room, title, mark, note }] : [];
  };
  const asks = (which: string) => data.asks.filter((a) => a.room === which).map((a) => a.line);
  return [
    ...of('run', 'Run', [data.run?.line]),
    ...of('airframe', 'Airframe', asks('airframe')),
    ...of('propeller', 'Propeller', asks('propeller')),
    ...of('power', 'Full power', [data.fullPower?.line]),
    ...of('outdoors', 'Outdoors', [...data.trip.map((i) => i.line), data.flight?.line]),
    { room: 'steps' as const, title: 'Steps', mark: 'shown' as const, note: 'sheet' },
  ];
}
