import { type ReactNode, useState } from 'react';
import { useStage } from '../../api/queries';
import { Act } from '../../shared/Act';
import { Mat, Paper } from '../../shared/Paper';
import { panelOf, Tabs } from '../../shared/Tabs';
import type { Props } from './entries';
import { LeadCard } from './LeadCard';
import { LeadList } from './LeadList';
import { Looks } from './Looks';
import { PortMap } from './PortMap';
import { WireMat } from './WireMat';

type Room = 'leads' | 'map' | 'looks' | 'steps';

/** Which lead goes where: the next one lit from end to end, the port map, what holds it all, and the steps. */
export function Wire({ job, recorder, steps }: Props & { steps: (head: ReactNode) => ReactNode }) {
  const { data } = useStage(job.id, 'wire');
  const [room, setRoom] = useState<Room>('leads');
  const [chosen, setChosen] = useState<string>();
  const [chosenAsk, setChosenAsk] = useState<string>();
  if (!data)
    return (
      <Mat title="Wire" aside="opening…">
        {null}
      </Mat>
    );

  const leads = data.leads.filter((l) => !l.lost);
  const open = leads.filter((l) => l.line?.open);
  const lead = leads.find((l) => l.id === chosen) ?? open[0];
  const asks = data.asks.filter((a) => a.line?.open);
  const ask = data.asks.find((a) => a.id === chosenAsk) ?? asks[0];
  const tabs = (
    <Tabs
      label="Wire"
      value={room}
      onChoose={setRoom}
      tabs={[
        { key: 'leads', title: 'Leads', note: open.length > 0 ? `${open.length} open` : 'all in' },
        {
          key: 'map',
          title: 'Port map',
          note: data.ports?.standing === 'notMet' ? 'not all' : data.laid ? 'laid' : 'the best',
          red: data.ports?.standing === 'notMet' || data.apart.some((a) => a.shared),
        },
        { key: 'looks', title: 'Held, clear', note: asks.length > 0 ? `${asks.length} open` : 'all seen' },
        { key: 'steps', title: 'Steps' },
      ]}
    />
  );
  if (room === 'steps') return steps(tabs);

  const plug = async () => {
    if (!lead) return;
    if (await recorder.record('wire/plugged', { lead: lead.id, into: lead.into, signal: true })) setChosen(undefined);
  };
  const seen = async () => {
    if (ask && (await recorder.record('wire/answered', { ask: ask.id, right: true }))) setChosenAsk(undefined);
  };
  const act =
    room === 'map' ? (
      <Act label="To the leads" onAct={() => setRoom('leads')} hint="" />
    ) : room === 'looks' ? (
      <Act
        label={ask ? 'Yes, it is so' : 'All looked at'}
        onAct={() => void seen()}
        disabled={!ask || recorder.busy || job.released}
      />
    ) : (
      <Act
        label={!lead ? 'Every lead is in' : lead.plugged ? 'Looked at again' : 'Plugged'}
        onAct={() => void plug()}
        disabled={!lead || recorder.busy || job.released}
        hint={lead ? undefined : ''}
      />
    );
  return (
    <>
      <Mat title="Wire" aside={`${leads.length - open.length} of ${leads.length} leads in`}>
        <WireMat job={job} data={data} next={room === 'looks' ? undefined : lead} />
      </Mat>
      <Paper job={job} recorder={recorder} act={act}>
        <div className="-mx-[18px] -mt-3 mb-3">{tabs}</div>
        <div {...panelOf(room)}>
          {room === 'leads' && (
            <>
              {lead && <LeadCard key={lead.id} job={job} lead={lead} data={data} recorder={recorder} />}
              <LeadList data={data} current={lead} onChoose={setChosen} />
            </>
          )}
          {room === 'map' && <PortMap job={job} data={data} recorder={recorder} />}
          {room === 'looks' && (
            <Looks job={job} data={data} current={ask} onChoose={setChosenAsk} recorder={recorder} />
          )}
        </div>
      </Paper>
    </>
  );
}
