import { useState } from 'react';
import { useNavigate, useSearchParams } from 'react-router';
import { useStage } from '../../api/queries';
import { Act } from '../../shared/Act';
import { Drawing } from '../../shared/Drawing';
import { Mat, Paper } from '../../shared/Paper';
import { panelOf, Tabs } from '../../shared/Tabs';
import type { Props } from './entries';
import { BatteryFields, batteryFrom, batteryFull, type BatteryText, NO_BATTERY } from './BatteryFields';
import { Apart } from './Apart';
import { Brought } from './Brought';
import { BudgetOver, BudgetParts, PackWords } from './Budget';
import { CarriedHow } from './CarriedHow';
import { Options } from './Options';
import { SchoolList } from './SchoolList';
import { SheetOfJob } from './SheetOfJob';
import { ToBuyList } from './ToBuyList';

type Room = 'brought' | 'budget' | 'apart' | 'buy' | 'schools' | 'sheet';

/**
 * What was taken in, and what follows from it on the first day: balance, ports, what to buy, and how it will be done.
 */
export function Receive({ job, recorder }: Props) {
  const { data } = useStage(job.id, 'receive');
  const [query, setQuery] = useSearchParams();
  const navigate = useNavigate();
  const room = (query.get('room') as Room | null) ?? 'brought';
  const setRoom = (to: Room) => setQuery({ room: to }, { replace: true });
  const [pack, setPack] = useState<{ name: string; battery: BatteryText }>();
  if (!data)
    return (
      <Mat title="Receive" aside="opening…">
        {null}
      </Mat>
    );
  const flies = data.packs
    .filter((p) => p.flies > 0)
    .toSorted((a, b) => a.flies - b.flies)
    .map((p) => p.name)
    .join(' + ');
  const misfit = data.lines.some((l) => /^receive\/(servo|drive)\//.test(l.id) && l.standing === 'notMet');
  const toBuy = data.toBuy.filter((t) => t.state === 'open').length;
  const open = data.lines.filter((l) => l.open).length;
  const bad = data.budget.packs.some((p) => p.name === flies && p.inTheWay);
  const better = data.budget.packs.find((p) => p.name === data.budget.bestPack);
  const choose = ([name = '', ...others]: readonly string[]) =>
    void recorder.record('receive/pack-chosen', { name, with: others });
  const save = async () => {
    if (
      pack &&
      (await recorder.record('receive/pack-brought', { name: pack.name, battery: batteryFrom(pack.battery) }))
    )
      setPack(undefined);
  };
  const another = () => {
    setRoom('budget');
    setPack({
      name: `pack ${data.packs.length + 1}`,
      battery: { ...NO_BATTERY, cells: String(data.battery?.cells ?? 4) },
    });
  };
  return (
    <>
      <Mat title="Receive" aside={`${data.sheet}, ${data.source}`}>
        <Drawing drawing={job.drawing} mode="fit" over={(px) => <BudgetOver budget={data.budget} px={px} />} />
      </Mat>
      <Paper
        job={job}
        recorder={recorder}
        act={
          pack ? (
            <Act
              label="Record this pack"
              onAct={() => void save()}
              disabled={recorder.busy || !batteryFull(pack.battery) || !pack.name.trim()}
              hint={batteryFull(pack.battery) ? undefined : "the pack's numbers are missing"}
            />
          ) : bad && better && !job.released ? (
            <Act
              label={`Fly ${better.name} instead`}
              onAct={() => choose(better.packs)}
              disabled={recorder.busy}
              hint={`it fits and balances; ${flies} does not`}
            />
          ) : bad && !job.released ? (
            <Act
              label="Another pack"
              onAct={another}
              hint="this one does not fit, is not for this aircraft, or cannot balance"
            />
          ) : (
            <Act
              label="Next: unpack"
              onAct={() => void navigate(`/jobs/${job.id}/unpack`)}
              hint="papers, parts, the walk round"
            />
          )
        }
      >
        <div className="-mx-[18px] -mt-3 mb-3">
          <Tabs
            label="Received"
            value={room}
            onChoose={setRoom}
            tabs={[
              { key: 'brought', title: 'Brought' },
              {
                key: 'budget',
                title: 'Balance',
                note: bad ? 'trouble' : data.budget.packs.length > 1 ? `${data.budget.packs.length} packs` : undefined,
                red: bad,
              },
              { key: 'apart', title: 'Instead', note: misfit ? 'trouble' : undefined, red: misfit },
              { key: 'buy', title: 'To buy', note: `${toBuy}` },
              { key: 'schools', title: 'Schools' },
              {
                key: 'sheet',
                title: 'Sheet',
                note: open > 0 ? `${open} open` : data.gaps.length > 0 ? `${data.gaps.length} gaps` : undefined,
                red: open > 0,
              },
            ]}
          />
        </div>
        <div {...panelOf(room)}>
          {room === 'brought' && (
            <>
              <Options job={job} options={data.options} recorder={recorder} />
              <CarriedHow data={data} recorder={recorder} closed={job.released} />
              <Brought job={job} data={data} recorder={recorder} />
            </>
          )}
          {room === 'budget' && (
            <>
              {pack ? (
                <div className="pb-3">
                  <h2 className="pb-2 text-[20px] font-bold">Another pack</h2>
                  <label className="text-[14px] text-pencil">
                    it is called
                    <input
                      className="field mb-2 text-[17px] text-ink"
                      value={pack.name}
                      onChange={(e) => setPack({ ...pack, name: e.target.value })}
                    />
                  </label>
                  <BatteryFields value={pack.battery} onChange={(battery) => setPack({ ...pack, battery })} />
                  <button type="button" className="min-h-[44px] underline" onClick={() => setPack(undefined)}>
                    leave it
                  </button>
                </div>
              ) : (
                <>
                  <PackWords budget={data.budget} flies={flies} {...(job.released ? {} : { onChoose: choose })} />
                  {!job.released && (
                    <button type="button" className="button mb-2" onClick={another}>
                      another pack
                    </button>
                  )}
                </>
              )}
              <BudgetParts budget={data.budget} />
            </>
          )}
          {room === 'apart' && <Apart data={data} recorder={recorder} closed={job.released} />}
          {room === 'buy' && <ToBuyList job={job} lines={data.toBuy} recorder={recorder} />}
          {room === 'schools' && <SchoolList job={job} schools={data.schools} recorder={recorder} />}
          {room === 'sheet' && <SheetOfJob job={job} data={data} recorder={recorder} />}
        </div>
      </Paper>
    </>
  );
}
