import { useState } from 'react';
import { useSearchParams } from 'react-router';
import type { Schemas } from '../../api/client';
import { useStage, useTurned } from '../../api/queries';
import { Act } from '../../shared/Act';
import { Drawing } from '../../shared/Drawing';
import { Mat, Paper } from '../../shared/Paper';
import { panelOf, Tabs } from '../../shared/Tabs';
import { daysLeftShort } from '../../shared/time';
import type { Props } from './entries';
import { Bags } from './Bags';
import { claimed, type ClaimDraft, Claims } from './Claims';
import { FindingCard } from './FindingCard';
import { FindingTag } from './FindingTag';
import { NewFinding, type Tapped } from './NewFinding';
import { Papers } from './Papers';
import { WORDS } from '../../api/contract';
import { onAircraft, onDrawing, type Side } from './places';
import { Turn } from './Turn';
import { type Answer, next, standing, type Standing, Walk } from './Walk';

type Room = 'papers' | 'parts' | 'walk' | 'findings' | 'claim';

/** Papers, parts, the walk round the aircraft, everything wrong with it, and the claim that follows. */
export function Unpack({ job, recorder }: Props) {
  const { data } = useStage(job.id, 'unpack');
  const [query, setQuery] = useSearchParams();
  const [side, setSide] = useState<Side>('plan');
  const { data: turned } = useTurned(job.id, side, job.seq);
  const [tapped, setTapped] = useState<Tapped>();
  const [at, stand] = useState<Standing>({ point: '', moveOn: false });
  const [asking, setAsking] = useState<string>();
  const [chosen, setChosen] = useState<string>();
  const [bag, setBag] = useState('');
  const [part, setPart] = useState('');
  const [draft, setDraft] = useState<ClaimDraft>({ left: new Set(), wish: '' });
  if (!data)
    return (
      <Mat title="Unpack" aside="opening…">
        {null}
      </Mat>
    );

  const missing = data.papers.filter((p) => !p.found);
  const openBags = data.bags.filter((b) => !b.counted);
  const walkLeft = data.walk.filter((p) => !p.answer).length;
  const openFindings = data.findings.filter((f) => !f.cleared).length;
  const room =
    (query.get('room') as Room | null) ??
    (missing.length > 0 ? 'papers' : openBags.length > 0 ? 'parts' : walkLeft > 0 ? 'walk' : 'findings');
  const go = (to: Room) => {
    setQuery({ room: to }, { replace: true });
    setTapped(undefined);
    setAsking(undefined);
  };
  const drawing = side === 'plan' ? job.drawing : (turned ?? job.drawing);
  const now = standing(data.walk, at);
  const inClaim = claimed(data.claims, draft);
  const bagNow =
    data.bags.find((b) => b.bag === bag) ??
    openBags[0] ??
    data.bags.find((b) => b.parts.some((p) => p.short > 0)) ??
    data.bags[0];

  const acts: Record<Room, { label: string; hint?: string; run?: () => void }> = {
    papers: missing[0]
      ? {
          label: `Found: ${missing[0].paper}`,
          run: () => void recorder.record('unpack/papers', { paper: missing[0]!.paper }),
        }
      : { label: 'Next: parts', run: () => go('parts') },
    parts:
      bagNow && !bagNow.counted
        ? {
            label: `Bag ${bagNow.bag}: all here`,
            run: () =>
              void recorder.record('unpack/bag-counted', { bag: bagNow.bag, allHere: true }).then(() => {
                setBag('');
                setPart('');
              }),
          }
        : openBags[0]
          ? {
              label: `Next: bag ${openBags[0].bag}`,
              run: () => {
                setBag(openBags[0]!.bag);
                setPart('');
              },
            }
          : { label: 'Next: the walk', run: () => go('walk') },
    walk:
      !now || (now.answer && walkLeft === 0)
        ? { label: 'Every place answered', hint: 'a finding can still be recorded, at any stage' }
        : now.answer
          ? { label: 'Next place', run: () => stand({ point: next(data.walk, now.id), moveOn: false }) }
          : { label: `${now.title}: sound`, run: () => answered(now, 'sound') },
    findings: { label: 'Record a finding', run: () => start() },
    claim:
      inClaim.length > 0 && data.claims.supplier
        ? {
            label: `${data.claims.byLetter ? 'Write' : 'Send'} the claim: ${inClaim.length} ${inClaim.length === 1 ? 'line' : 'lines'}`,
            hint: data.claims.byLetter
              ? `a letter to ${data.claims.supplier}, to be posted`
              : `to ${data.claims.supplier}, into the outbox`,
            run: () => void send(),
          }
        : { label: 'Nothing to send' },
  };
  const act = acts[room];

  const start = (at?: Schemas['WalkPointView']) => {
    const p = job.drawing.parts.find((x) => x.id === at?.part) ?? job.drawing.parts[0]!;
    setAsking(at?.id);
    setSide('plan');
    setTapped(
      at
        ? { place: p.id, x: at.x, y: at.y, view: 'plan', about: at.kind }
        : { place: p.id, view: 'plan', ...onAircraft('plan', p.atAcross, p.atDown) },
    );
  };
  const answered = (p: Schemas['WalkPointView'], answer: Answer) => {
    stand({ point: p.id, moveOn: true });
    void recorder.record('unpack/walked', { point: p.id, answer, finding: '' });
  };
  const recorded = (ok: boolean) => {
    setTapped(undefined);
    if (ok && asking) stand({ point: asking, moveOn: true });
    setAsking(undefined);
  };
  const send = () =>
    recorder
      .record('unpack/claim-sent', {
        findings: inClaim.filter((c) => !c.isPart).map((c) => c.id),
        parts: inClaim.filter((c) => c.isPart).map((c) => c.id),
        wish: draft.wish,
      })
      .then((ok) => ok && setDraft({ left: new Set(), wish: '' }));
  const cross = tapped && tapped.view === side ? onDrawing(side, tapped.x, tapped.y) : undefined;

  return (
    <>
      <Mat title="Unpack" aside="tap the drawing where something is wrong">
        <Drawing
          drawing={drawing}
          mode="plain"
          selected={tapped?.place ?? (room === 'walk' ? now?.part : undefined)}
          onTap={(place, across, down) => {
            if (job.released) return;
            setTapped({ place, view: side, ...onAircraft(side, across, down) });
            setAsking(undefined);
            setChosen(undefined);
          }}
          foot={WORDS.drawingSide[side]}
          over={(px) => (
            <>
              {room === 'walk' &&
                side === 'plan' &&
                !tapped &&
                data.walk.map((p) => (
                  <circle
                    key={p.id}
                    cx={p.across}
                    cy={p.down}
                    r={(p.id === now?.id ? 9 : 4) * px}
                    fill={p.answer ? 'var(--line)' : p.id === now?.id ? 'var(--tape)' : 'none'}
                    stroke="var(--line)"
                    strokeWidth={1.5 * px}
                  />
                ))}
              {job.findings
                .filter((f) => f.view === side)
                .map((f) => (
                  <circle
                    key={f.id}
                    cx={f.across}
                    cy={f.down}
                    r={Math.max(f.size / 2, 6 * px)}
                    fill={f.cleared ? 'none' : 'url(#hatch)'}
                    stroke={f.cleared ? 'var(--line)' : 'var(--red-mat)'}
                    strokeWidth={2 * px}
                    strokeDasharray={f.cleared ? `${4 * px} ${3 * px}` : undefined}
                  />
                ))}
              {cross && (
                <path
                  d={`M${cross.across - 12 * px} ${cross.down}h${24 * px}M${cross.across} ${cross.down - 12 * px}v${24 * px}`}
                  stroke="var(--red-mat)"
                  strokeWidth={3 * px}
                />
              )}
            </>
          )}
          tags={(place) =>
            job.findings
              .filter((f) => f.view === side)
              .map((f) => (
                <FindingTag
                  key={f.id}
                  finding={f}
                  place={place}
                  chosen={f.id === chosen}
                  onChoose={() => {
                    go('findings');
                    setChosen(f.id);
                  }}
                />
              ))
          }
        />
        <Turn side={side} findings={job.findings} onTurn={setSide} />
      </Mat>
      <Paper
        job={job}
        recorder={recorder}
        act={
          tapped ? (
            <div data-region="act" />
          ) : (
            <Act
              label={act.label}
              onAct={() => act.run?.()}
              disabled={recorder.busy || job.released || !act.run}
              hint={act.hint}
            />
          )
        }
      >
        {tapped ? (
          <NewFinding
            key={`${tapped.place} ${tapped.view}`}
            job={job}
            drawing={drawing}
            opened={data.opened}
            recorder={recorder}
            tapped={tapped}
            walkPoint={asking}
            onPlace={setTapped}
            onDone={recorded}
          />
        ) : (
          <>
            <div className="-mx-[18px] -mt-3 mb-3">
              <Tabs
                label="Unpack"
                value={room}
                onChoose={go}
                tabs={[
                  { key: 'papers', title: 'Papers', note: missing.length > 0 ? `${missing.length} not yet` : 'all' },
                  {
                    key: 'parts',
                    title: 'Parts',
                    note:
                      openBags.length > 0
                        ? `${openBags.length} bags open`
                        : `${data.bags.reduce((n, b) => n + b.parts.reduce((m, p) => m + p.short, 0), 0)} short`,
                  },
                  { key: 'walk', title: 'Walk', note: walkLeft > 0 ? `${walkLeft} to go` : 'all' },
                  {
                    key: 'findings',
                    title: 'Findings',
                    note: openFindings > 0 ? `${openFindings} open` : `${data.findings.length}`,
                    red: openFindings > 0,
                  },
                  {
                    key: 'claim',
                    title: 'Claim',
                    note:
                      data.claims.daysLeft != null
                        ? daysLeftShort(data.claims.daysLeft)
                        : data.claims.sent.length > 0
                          ? `${data.claims.sent.length} sent`
                          : 'nothing',
                    red: data.claims.daysLeft != null && data.claims.daysLeft < 3,
                  },
                ]}
              />
            </div>
            <div {...panelOf(room)}>
              {room === 'papers' && <Papers job={job} papers={data.papers} recorder={recorder} />}
              {room === 'parts' && (
                <Bags
                  job={job}
                  recorder={recorder}
                  data={data}
                  bag={bagNow?.bag ?? ''}
                  part={part}
                  onBag={setBag}
                  onPart={setPart}
                />
              )}
              {room === 'walk' && now && (
                <Walk
                  job={job}
                  walk={data.walk}
                  now={now}
                  onPoint={(point) => stand({ point, moveOn: false })}
                  onAnswer={answered}
                  onFinding={start}
                />
              )}
              {room === 'findings' && (
                <section aria-label="Findings" data-region="list">
                  {data.findings.length === 0 && (
                    <p className="text-[17px] text-pencil">
                      None yet. Tap the drawing where something is wrong, or answer the walk.
                    </p>
                  )}
                  {data.findings.map((f) => (
                    <FindingCard key={f.id} job={job} recorder={recorder} finding={f} chosen={f.id === chosen} />
                  ))}
                </section>
              )}
              {room === 'claim' && (
                <Claims job={job} recorder={recorder} claims={data.claims} draft={draft} onDraft={setDraft} />
              )}
            </div>
          </>
        )}
      </Paper>
    </>
  );
}
