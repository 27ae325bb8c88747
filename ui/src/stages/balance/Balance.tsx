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
import { startOf, type Weighing, WeighingForm } from './WeighingForm';

/** Weighing, centre of gravity with its uncertainty, and what to move. */
export function Balance(props: Props) {
  const { job, recorder } = props;
  const { data } = useStage(job.id, 'balance');
  const { data: shop } = useShop();
  const [name, setName] = useState<string>();
  const [draft, setDraft] = useState<Weighing>();
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
          <Act
            label="Record the weighing"
            onAct={() => void save()}
            disabled={recorder.busy || job.released || !current || weighing.supports.some((s) => !s.reading.trim())}
            hint={weighing.supports.some((s) => !s.reading.trim()) ? 'every support needs its grams' : undefined}
          />
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
            <WeighingForm data={data} weighing={weighing} onChange={setDraft} disabled={job.released} />
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
