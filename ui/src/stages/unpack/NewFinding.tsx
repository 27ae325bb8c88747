import { Choice } from '../../shared/Choice';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { LeaveOr } from '../../shared/LeaveOr';
import { answer, api, type Schemas } from '../../api/client';
import { WORDS } from '../../api/contract';
import type { Recorder } from './entries';
import { onAircraft, type Side } from './places';

const SMALL = { className: 'flex flex-wrap gap-[6px]', button: 'button px-3 text-[15px]' };

export type Tapped = { place: string; x: number; y: number; view: Side; about?: Schemas['PlaceKind'] };
type Props = {
  job: Schemas['JobView'];
  drawing: Schemas['DrawingView'];
  /** What is opened to come at something inside. */
  opened: readonly Schemas['OpenedView'][];
  recorder: Recorder;
  tapped: Tapped;
  walkPoint: string | undefined;
  onPlace: (t: Tapped) => void;
  onDone: (recorded: boolean) => void;
};

/** What is wrong there: kind and size; the grade and its rule show before anything is recorded. */
export function NewFinding({ job, drawing, opened, recorder, tapped, walkPoint, onPlace, onDone }: Props) {
  const [placeKind, setPlaceKind] = useState<Schemas['PlaceKind'] | undefined>(tapped.about);
  const [chosen, setKind] = useState<Schemas['FindingKind']>();
  const [behind, setBehind] = useState('');
  const [size, setSize] = useState('');
  const [note, setNote] = useState('');
  const { data: choices } = useQuery({
    queryKey: ['places', job.id, tapped.place],
    queryFn: async () =>
      answer(
        await api.GET('/api/jobs/{id}/unpack/places/{part}', { params: { path: { id: job.id, part: tapped.place } } }),
      ),
  });
  const there = choices?.places.find((p) => p.kind === placeKind) ?? choices?.places[0];
  const about = there?.kind;
  const what = there?.kinds.find((k) => k.kind === chosen);
  const kind = what?.kind;
  const extent = what && !what.hasSize ? size.trim() || '0' : size;
  const { data: grade, error } = useQuery({
    queryKey: ['grade', about, kind, extent],
    enabled: !!about && !!kind && extent.trim() !== '',
    retry: false,
    queryFn: async () =>
      answer(await api.POST('/api/unpack/grade', { body: { placeKind: about!, kind: kind!, size: extent } })),
  });
  const save = async () => {
    if (!about || !kind) return;
    // What was found on the walk answers its place, in the same breath.
    const answers = walkPoint
      ? (finding: string) => ({
          type: 'unpack/walked' as const,
          body: { point: walkPoint, answer: 'finding' as const, finding },
        })
      : undefined;
    if (
      await recorder.record(
        'unpack/finding',
        {
          place: tapped.place,
          placeKind: about,
          kind,
          size: extent,
          x: tapped.x,
          y: tapped.y,
          view: tapped.view,
          note,
          ...(behind && { behind }),
        },
        answers,
      )
    )
      onDone(true);
  };

  return (
    <section aria-label="New finding" className="flex flex-col gap-3">
      <h2 className="text-[24px] leading-tight font-bold">What is wrong here?</h2>
      <label className="text-[14px] text-pencil">
        on
        <select
          className="field text-[17px]"
          value={tapped.place}
          onChange={(e) => {
            const part = drawing.parts.find((p) => p.id === e.target.value)!;
            onPlace({ place: part.id, view: tapped.view, ...onAircraft(tapped.view, part.atAcross, part.atDown) });
          }}
        >
          {[...drawing.parts.filter((p) => !p.on), ...drawing.parts.filter((p) => p.on)].map((p) => (
            <option key={p.id} value={p.id}>
              {p.name}
            </option>
          ))}
        </select>
      </label>
      <Choice
        titled
        label="about"
        value={about}
        of={(choices?.places ?? []).map((p) => ({ value: p.kind, words: WORDS.placeKind[p.kind] }))}
        onChoose={setPlaceKind}
        {...SMALL}
      />
      <Choice
        titled
        label="kind"
        value={kind}
        of={(there?.kinds ?? []).map((k) => ({ value: k.kind, words: WORDS.findingKind[k.kind] }))}
        onChoose={setKind}
        {...SMALL}
      />
      <label className={`text-[14px] text-pencil ${what?.hasSize === false ? 'hidden' : ''}`}>
        longest extent, mm
        <input
          className="field text-[24px]"
          autoFocus
          inputMode="decimal"
          value={size}
          onChange={(e) => setSize(e.target.value)}
          aria-label="Longest extent, mm"
        />
      </label>
      <div role="status" className="min-h-[76px] border-l-[6px] border-tape bg-tape-wash px-3 py-2 text-[16px]">
        {error ? (
          <span className="text-red">{error.message}</span>
        ) : grade ? (
          <>
            <strong className="text-[19px]">{grade.gradeWords}</strong> by rule {grade.rule}. {grade.text}
          </>
        ) : what ? (
          'Its grade shows here once it has a size.'
        ) : (
          'Say what is wrong: its grade shows here.'
        )}
      </div>
      {opened.length > 0 && (
        <label className="text-[14px] text-pencil">
          lies behind
          <select className="field text-[17px]" value={behind} onChange={(e) => setBehind(e.target.value)}>
            <option value="">nothing that must be opened</option>
            {opened.map((p) => (
              <option key={p.part} value={p.part}>
                {p.name}, sealed
              </option>
            ))}
          </select>
        </label>
      )}
      <label className="text-[14px] text-pencil">
        note
        <input className="field text-[17px]" value={note} onChange={(e) => setNote(e.target.value)} />
      </label>
      <LeaveOr
        label="Record the finding"
        off={!grade || recorder.busy}
        onLeave={() => onDone(false)}
        onDo={() => void save()}
      />
    </section>
  );
}
