import { useState } from 'react';
import { Navigate, useParams } from 'react-router';
import { isGone } from '../api/client';
import { useJob } from '../api/queries';
import type { EntryType } from '../api/contract';
import { type Recorder, useRecord } from '../api/record';
import { CureRail } from '../shared/CureRail';
import { Find } from '../shared/Find';
import { useKeys } from '../shared/keys';
import { Ruler } from '../shared/Ruler';
import type { StageProps } from '../shared/stage';
import { STAGE_KEYS, type StageKey } from '../shared/stageKeys';
import { Balance } from './balance/Balance';
import { Bind } from './bind/Bind';
import { Steps } from './build/Steps';
import { Check } from './check/Check';
import { HandOver } from './handover/HandOver';
import { Plan } from './plan/Plan';
import { Receive } from './receive/Receive';
import { Throws } from './throws/Throws';
import { Unpack } from './unpack/Unpack';
import { Wire } from './wire/Wire';

const SCREENS: Record<StageKey, (props: StageProps<Recorder<EntryType>>) => React.ReactNode> = {
  receive: (p) => <Receive {...p} />,
  unpack: (p) => <Unpack {...p} />,
  plan: (p) => <Plan {...p} />,
  build: (p) => <Steps {...p} stage="build" />,
  wire: (p) => <Wire {...p} steps={(head) => <Steps {...p} stage="wire" head={head} />} />,
  bind: (p) => <Bind {...p} />,
  throws: (p) => <Throws {...p} />,
  balance: (p) => <Balance {...p} />,
  check: (p) => <Check {...p} steps={(head) => <Steps {...p} stage="check" head={head} />} />,
  handover: (p) => <HandOver {...p} />,
};

/** A job: ruler, mat and paper of the chosen stage, cure rail. */
export function JobFrame({ room, turn }: { room: string; turn: () => void }) {
  const { id = '', stage = '' } = useParams();
  const { data: job, error } = useJob(id);
  const recorder = useRecord(id);
  const [find, setFind] = useState(false);
  useKeys(id, stage, () => setFind(true));
  if (!STAGE_KEYS.includes(stage as StageKey)) return <Navigate to={`/jobs/${id}/receive`} replace />;
  if (error && (!job || isGone(error))) return <p className="p-8 text-[20px]">{error.message}</p>;
  if (!job) return <p className="p-8">Opening {id}…</p>;
  return (
    <div className="frame">
      <Ruler job={job} stage={stage} />
      {SCREENS[stage as StageKey]({ job, recorder, room, turn })}
      <CureRail />
      <Find open={find} onOpenChange={setFind} jobId={id} />
    </div>
  );
}
