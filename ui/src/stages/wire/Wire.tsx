import { type ReactNode, useState } from 'react';
import { useStage } from '../../api/queries';
import { Act } from '../../shared/Act';
import { Mat, Paper } from '../../shared/Paper';
import { panelOf, Tabs } from '../../shared/Tabs';
import type { Answer, Props } from './entries';
import { LeadCard } from './LeadCard';
import { LeadList } from './LeadList';
import { Looks } from './Looks';
import { PortMap } from './PortMap';
import { Power } from './Power';
import { WireMat } from './WireMat';

type Room = 'leads' | 'map' | 'looks' | 'power' | 'steps';

/** Which lead goes where: the next one lit from end to end, the port map, what holds it all, and the steps. */
export function Wire({ job, recorder, steps }: Props & { steps: (head: ReactNode) => ReactNode }) {
  const { data } = useStage(job.id, 'wire');
  const [room, setRoom] = useState<Room>('leads');
  const [chosen, setChosen] = useState<string>();
  const [chosenAsk, setChosenAsk] = useState<string>();
  const [said, setSaid] = useState<Answer & { ask?: string }>({});
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
  const answer: Answer = ask && said.ask === ask.id ? said : {};
  const unsaid = !!ask && ((ask.ways.length > 0 && !answer.by) || (ask.measured && !answer.measured?.trim()));
  const wrong = data.power.some((p) => p.suits === false);
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
        { key: 'looks', title: 'Held', note: asks.length > 0 ? `${asks.length} open` : 'all seen' },
        { key: 'power', title: 'Power', note: wrong ? 'unsuited' : 'on paper', red: wrong },
        { key: 'steps', title: 'Steps' },
      ]}
    />
  );
  if (room === 'steps') return steps(tabs);

  const plug = async () => {
    if (!lead) return;
    const serves = lead.doubt && lead.follow ? { serves: lead.id } : {};
    if (await recorder.record('wire/plugged', { lead: lead.id, into: lead.into, signal: true, ...serves }))
      setChosen(undefined);
  };
  const seen = async () => {
    if (!ask) return;
    const { by, measured } = answer;
    const more = { ...(by ? { by } : {}), ...(measured?.trim() ? { measured: measured.trim() } : {}) };
    if (await recorder.record('wire/answered', { ask: ask.id, right: true, ...more })) setChosenAsk(undefined);
  };
  const act =
    room === 'map' || room === 'power' ? (
      <Act label="To the leads" onAct={() => setRoom('leads')} hint="" />
    ) : room === 'looks' ? (
      <Act
        label={
          !ask ? 'All looked at' : ask.measured ? 'Measured' : ask.ways.length > 0 ? 'Held so, tugged' : 'Yes, it is so'
        }
        onAct={() => void seen()}
        disabled={!ask || unsaid || recorder.busy || job.released}
        hint={unsaid ? (ask.measured ? 'measure it first' : 'say what holds it first') : undefined}
      />
    ) : (
      <Act
        label={
          !lead
            ? 'Every lead is in'
            : lead.doubt && lead.follow
              ? `Wiggled: the ${lead.name.toLowerCase()} moves`
              : lead.plugged
                ? 'Looked at again'
                : 'Plugged'
        }
        onAct={() => void plug()}
        disabled={!lead || recorder.busy || job.released}
        hint={lead ? undefined : ''}
      />
    );
  return (
    <>
      <Mat title="Wire" aside={`${leads.length - open.length} of ${leads.length} leads in`}>
        <WireMat
          job={job}
          data={data}
          next={room === 'looks' || room === 'power' ? undefined : lead}
          aerial={room === 'looks' && ask?.id === 'aerial'}
        />
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
            <Looks
              job={job}
              data={data}
              current={ask}
              onChoose={setChosenAsk}
              answer={answer}
              onAnswer={(a) => setSaid({ ...a, ...(ask ? { ask: ask.id } : {}) })}
              recorder={recorder}
            />
          )}
          {room === 'power' && <Power job={job} data={data} recorder={recorder} />}
        </div>
      </Paper>
    </>
  );
}
