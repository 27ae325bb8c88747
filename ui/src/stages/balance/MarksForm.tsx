import type { Schemas } from '../../api/client';
import { WORDS } from '../../api/contract';
import { Choice } from '../../shared/Choice';
import { each } from '../../shared/words';

export type MarksDraft = {
  did: Partial<Record<Schemas['MarkPlaceView']['at'], NonNullable<Schemas['MarkPlaceView']['did']>>>;
  across: NonNullable<Schemas['Entry.MarksSeen']['across']> | undefined;
};

/** Fingertips or a stand: what it does at its marks, or at both ends of its range. */
export function MarksForm({
  marks,
  draft,
  onChange,
  disabled,
}: {
  marks: Schemas['MarksView'];
  draft: MarksDraft;
  onChange: (d: MarksDraft) => void;
  disabled: boolean;
}) {
  return (
    <fieldset disabled={disabled} className="mt-4">
      <legend className="text-[18px] font-bold">{marks.method === 'stand' ? 'On a stand' : 'On two fingertips'}</legend>
      <p className="pb-1 text-[15px] text-pencil">
        As flown: pack in its bay, not connected. Hold it up under the wing and let it settle.
      </p>
      {marks.places.map((p) => (
        <div key={p.at} className="pb-2">
          <p className="text-[17px]">{p.words}</p>
          <Choice
            label={p.words}
            value={draft.did[p.at]}
            of={each(WORDS.markAnswer).map(([value, words]) => ({ value, words }))}
            onChoose={(did) => onChange({ ...draft, did: { ...draft.did, [p.at]: did } })}
            className="grid grid-cols-2 gap-2"
            button="button min-h-[52px] text-[17px]"
          />
        </div>
      ))}
      <p className="text-[17px]">held at nose and tail</p>
      <Choice
        label="held at nose and tail"
        value={draft.across}
        of={each(WORDS.acrossAnswer).map(([value, words]) => ({ value, words }))}
        onChoose={(across) => onChange({ ...draft, across })}
        className="grid grid-cols-3 gap-2"
        button="button min-h-[52px] px-1 text-[15px]"
      />
    </fieldset>
  );
}
