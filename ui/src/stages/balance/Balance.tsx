import { Choice } from '../../shared/Choice';
import { useState } from 'react';
import type { Schemas } from '../../api/client';
import { useShop, useStage } from '../../api/queries';
import { Act } from '../../shared/Act';
import { Drawing } from '../../shared/Drawing';
import { Mat, Paper } from '../../shared/Paper';
import { SettingsList } from '../../shared/SettingsList';
import type { Props } from './entries';
import { BalanceOver } from './BalanceOver';
import { Advice, MovedElse } from './Corrections';
import { LineRow } from '../../shared/LineRow';
import { BalanceSteps } from './BalanceSteps';
import { type MarksDraft, MarksForm } from './MarksForm';
import { startOf, type Weighing, WeighingForm } from './WeighingForm';

type Way = 'scales' | 'marks';
const NO_MARKS: MarksDraft = { did: {}, across: undefined };

/** Weighing, centre of gravity with its uncertainty, and what to move. */
export function Balance(props: Props) {
  const { job, recorder } = props;
  const { data } = useStage(job.id, 'balance');
  const { data: shop } = useShop();
  const [name, setName] = useState<string>();
  const [draft, setDraft] = useState<Weighing>();
  const [chosenWay, setWay] = useState<Way>();
  const [marks, setMarks] = useState(NO_MARKS);
  if (!data || !shop)
    return (
      <Mat title="Balance" aside="opening…">
        {null}
      </Mat>
    );

  const current =
    data.configurations.find((c) => c.name === name) ??
    data.configurations.find((c) => c.lines.some((l) => l.line.open)) ??
    data.configurations[0];
  const scales = shop.instruments.find((i) => i.reads === 'g') ?? { id: '', name: 'scales' };
  const weighing = draft ?? startOf(job, data, current);

  const way: Way = chosenWay ?? (current?.marks?.only ? 'marks' : 'scales');
  const looked = current?.marks?.places.filter((p) => marks.did[p.at]) ?? [];
  const saveMarks = async () => {
    if (!current) return;
    const ok = await recorder.record('balance/marks', {
      configuration: current.name,
      seen: looked.map((p) => ({ at: p.at, did: marks.did[p.at]! })),
      packFront: weighing.packFront,
      propellerPlaced: weighing.propellerPlaced,
      across: marks.across ?? null,
    });
    if (ok) setMarks(NO_MARKS);
  };

  const save = async () => {
    if (!current) return;
    const ok = await recorder.record('balance/weighed', {
      configuration: current.name,
      supports: weighing.supports,
      packFront: weighing.packFront,
      propellerPlaced: weighing.propellerPlaced,
      level: weighing.level,
      instrument: scales.id,
      pitch: weighing.level ? undefined : weighing.pitch,
      height: weighing.level ? undefined : weighing.height,
    });
    if (ok) setDraft(undefined);
  };

  return (
    <>
      <Mat title="Balance" aside={`from the ${data.datum}, aft is +`}>
        <Drawing
          drawing={job.drawing}
          mode="fit"
          over={(px) =>
            current && (
              <BalanceOver view={data} current={current} drawing={job.drawing} px={px} supports={weighing.supports} />
            )
          }
        />
      </Mat>
      <Paper
        job={job}
        recorder={recorder}
        act={
          way === 'marks' && current?.marks ? (
            <Act
              label="Record what it did"
              onAct={() => void saveMarks()}
              disabled={recorder.busy || job.released || looked.length === 0}
              hint={looked.length === 0 ? 'say what it did at its marks' : undefined}
            />
          ) : (
            <Act
              label="Record the weighing"
              onAct={() => void save()}
              disabled={recorder.busy || job.released || !current || weighing.supports.some((s) => !s.reading.trim())}
              hint={weighing.supports.some((s) => !s.reading.trim()) ? 'every support needs its grams' : undefined}
            />
          )
        }
      >
        {data.configurations.length > 1 && (
          <Choice
            label="Configuration"
            value={current?.name}
            of={data.configurations.map((c) => ({ value: c.name, words: c.name }))}
            onChoose={setName}
            className="flex gap-2 pb-2"
          />
        )}
        {!current && (
          <p className="text-[18px]">The manual states no balance. A lead must give a value with its source.</p>
        )}
        {current && (
          <>
            <Result current={current} />
            <Advice {...props} current={current} />
            {current.stands && <p className="pt-2 text-[17px]">For this one: {current.stands}.</p>}
            {current.marks && (
              <Choice
                label="Found by"
                value={way}
                of={[
                  { value: 'marks' as Way, words: current.marks.method === 'stand' ? 'a stand' : 'fingertips' },
                  { value: 'scales' as Way, words: 'scales' },
                ]}
                onChoose={setWay}
                className="flex gap-2 pt-3"
              />
            )}
            {way === 'marks' && current.marks && (
              <MarksForm marks={current.marks} draft={marks} onChange={setMarks} disabled={job.released} />
            )}
            <WeighingForm
              data={data}
              weighing={weighing}
              onChange={setDraft}
              disabled={job.released}
              placesOnly={way === 'marks' && !!current.marks}
            />
          </>
        )}
        <MovedElse {...props} data={data} configuration={current?.ownPlace ? current.name : ''} />
        <BalanceSteps {...props} />
        <SettingsList job={job} first="aircraft" />
      </Paper>
    </>
  );
}

function Result({ current }: { current: Schemas['ConfigurationView'] }) {
  const stale = current.range.standing === 'stale';
  return (
    <section aria-label="Result">
      <div aria-live="polite" className="flex items-end gap-3">
        {current.x !== null ? (
          <>
            <span
              className={`text-[60px] leading-none font-bold ${stale ? 'text-pencil line-through decoration-4' : ''}`}
            >
              {current.figure}
            </span>
            <span className="pb-1 text-[16px] text-pencil">
              mm aft
              <br />± {current.spread}
            </span>
          </>
        ) : current.marks?.only ? (
          <span className="text-[28px] leading-[40px] font-bold">{current.range.reading || 'not yet'}</span>
        ) : (
          <span className="text-[40px] leading-[60px] text-pencil">not yet</span>
        )}
        {current.targetLow !== null && (
          <span className="ml-auto pb-1 text-right text-[15px] text-pencil">
            aim for {current.targetLow} to {current.targetHigh}
            <br />
            {current.school}
          </span>
        )}
      </div>
      {current.lines.map(({ line, name }, i) => (
        <LineRow key={line.id} line={line} name={name} quiet={i > 0 && line.why === current.range.why} />
      ))}
    </section>
  );
}
