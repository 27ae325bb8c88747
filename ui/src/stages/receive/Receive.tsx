import { useState } from 'react';
import { useStage } from '../../api/queries';
import { Act } from '../../shared/Act';
import { Drawing } from '../../shared/Drawing';
import { Mat, Paper } from '../../shared/Paper';
import { day, dayAndClock } from '../../shared/time';
import { LineRow } from '../balance/LineRow';
import type { StageProps } from '../JobFrame';
import { BatteryFields, batteryFrom, type BatteryText } from './BatteryFields';

/** What was taken in; another battery or receiver than the one on the counter makes stale what it disturbs. */
export function Receive({ job, recorder }: StageProps) {
  const { data } = useStage(job.id, 'receive');
  const [other, setOther] = useState<BatteryText>();
  const [channels, setChannels] = useState('');
  if (!data) return <Mat title="Receive" aside="opening…">{null}</Mat>;
  const b = data.battery;
  const facts: [string, string][] = [
    ['owner', `${data.customer}${data.contact ? `, ${data.contact}` : ''}`],
    ['spec sheet', `${data.sheet}, revision ${data.revision}`],
    ['flight pack', `${b.cells} cells, ${b.capacity}, ${b.mass}, ${b.length} × ${b.width} × ${b.height}`],
    ['receiver', `${data.receiverChannels} channels`],
    ['promised', day(data.promised)],
    ['first flight', `balance in the ${data.balanceSchool}`],
    ['received', `${dayAndClock(data.receivedAt)} by ${data.receivedBy}`],
  ];
  const save = async () => {
    if (other && (await recorder.record('receive/battery', { battery: batteryFrom(other) }))) setOther(undefined);
  };
  return (
    <>
      <Mat title="Receive" aside={`${data.sheet}, ${data.source}`}>
        <Drawing drawing={job.drawing} mode="fit" />
      </Mat>
      <Paper
        job={job}
        recorder={recorder}
        act={
          other ? (
            <Act label="Record this battery" onAct={() => void save()} disabled={recorder.busy} />
          ) : (
            <Act label="Another battery" onAct={() => setOther({ mass: '', length: '', width: '', height: '', cells: String(b.cells), capacity: '' })} disabled={job.released} />
          )
        }
      >
        <h2 className="text-[25px] font-bold">{job.kit}</h2>
        <dl className="grid grid-cols-[104px_1fr] gap-x-3 py-2 text-[17px]">
          {facts.map(([name, value]) => (
            <div key={name} className="contents">
              <dt className="border-b border-steel py-2 text-[15px] text-pencil">{name}</dt>
              <dd className="border-b border-steel py-2">{value}</dd>
            </div>
          ))}
        </dl>
        {data.notes && <p className="text-[16px]">{data.notes}</p>}
        {data.lines.map((l) => (
          <div key={l.id}>
            <LineRow line={l} />
            {!l.open && <p className="pb-1 text-[15px] text-pencil">{l.why}</p>}
          </div>
        ))}
        {other && (
          <div className="pt-4">
            <h3 className="pb-2 text-[18px] font-bold">Another battery</h3>
            <BatteryFields value={other} onChange={setOther} />
          </div>
        )}
        {!job.released && (
          <div className="flex items-end gap-2 py-4">
            <label className="flex-1 text-[14px] text-pencil">
              another receiver, channels
              <input className="field" inputMode="numeric" value={channels} onChange={(e) => setChannels(e.target.value)} />
            </label>
            <button className="button" disabled={!channels.trim()} onClick={() => void recorder.record('receive/receiver', { channels: Number(channels) || 0 }).then((ok) => ok && setChannels(''))}>
              it has this one now
            </button>
          </div>
        )}
      </Paper>
    </>
  );
}
