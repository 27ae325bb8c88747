import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, refusalOf, type Schemas } from '../../api/client';
import { refresh, useShop } from '../../api/queries';

type Kind = NonNullable<Schemas['AdhesiveKind']>;
type Choice = Schemas['GlueChoiceView'];
export type Chosen = { adhesive: string; celsius: string; reason: string };

/** Which glue for this joint: what works, what harms and how. Nothing is chosen beforehand. */
export function GlueChoice({
  glues,
  value,
  onChange,
}: {
  glues: readonly Choice[];
  value: Chosen;
  onChange: (chosen: Chosen) => void;
}) {
  const [adding, setAdding] = useState(false);
  const glue = glues.find((g) => g.id === value.adhesive);
  return (
    <section aria-label="Which glue" className="mt-3 border-t-2 border-ink pt-2">
      <div className="flex gap-3">
        <label className="min-w-0 flex-1 text-[14px] text-pencil">
          adhesive used
          <select
            className="field text-[17px]"
            value={value.adhesive}
            onChange={(e) => onChange({ ...value, adhesive: e.target.value, reason: '' })}
          >
            <option value="" disabled>
              which one?
            </option>
            {glues.map((g) => (
              <option key={g.id} value={g.id}>
                {g.name}
                {g.usual ? ', usual here' : g.harm ? ', harms here' : ''}
              </option>
            ))}
          </select>
        </label>
        <label className="w-[96px] text-[14px] text-pencil">
          bench, °C
          <input
            className="field text-[17px]"
            inputMode="decimal"
            placeholder="cold"
            value={value.celsius}
            onChange={(e) => onChange({ ...value, celsius: e.target.value })}
          />
        </label>
      </div>
      {glue && <p className="pt-1 text-[16px]">{glue.words}</p>}
      {glue?.harm && (
        <label className="mt-2 block border-l-[6px] border-red px-3 py-1 text-[17px]">
          <strong className="text-red">{glue.name} harms this joint:</strong> {glue.harm}. Take another. If it is in
          already, say why; a lead decides then.
          <input
            className="field text-[17px]"
            value={value.reason}
            onChange={(e) => onChange({ ...value, reason: e.target.value })}
          />
        </label>
      )}
      {adding ? (
        <NewGlue
          onDone={(id) => {
            setAdding(false);
            if (id) onChange({ ...value, adhesive: id, reason: '' });
          }}
        />
      ) : (
        <button
          type="button"
          className="min-h-[44px] text-[15px] text-pencil underline"
          onClick={() => setAdding(true)}
        >
          it is not on the list
        </button>
      )}
    </section>
  );
}

/** A glue that the shop's list lacks, in one line: its name and what it is; its times where they are known. */
function NewGlue({ onDone }: { onDone: (id?: string) => void }) {
  const client = useQueryClient();
  const { data: shop } = useShop();
  const [name, setName] = useState('');
  const [kind, setKind] = useState<Kind | ''>('');
  const [times, setTimes] = useState({ workingMinutes: '', holdSeconds: '', handleMinutes: '', fullMinutes: '' });
  const [wrong, setWrong] = useState('');
  const usual = shop?.adhesiveKinds.find((k) => k.kind === kind);
  const number = (text: string) => (text.trim() ? Number(text.replace(',', '.')) : null);
  const add = async () => {
    setWrong('');
    try {
      const { data } = await api.POST('/api/shop/adhesives', {
        body: {
          name,
          kind: kind as Kind,
          workingMinutes: number(times.workingMinutes),
          holdSeconds: number(times.holdSeconds),
          handleMinutes: number(times.handleMinutes),
          fullMinutes: number(times.fullMinutes),
        },
      });
      await Promise.all([client.invalidateQueries({ queryKey: ['shop'] }), refresh(client)]);
      onDone(data?.id);
    } catch (e) {
      setWrong(refusalOf(e).message);
    }
  };
  const time = (key: keyof typeof times, label: string, is: number | undefined) => (
    <label className="w-[84px] text-[13px] text-pencil">
      {label}
      <input
        className="field text-[16px]"
        inputMode="decimal"
        placeholder={is === undefined ? '' : String(is)}
        value={times[key]}
        onChange={(e) => setTimes({ ...times, [key]: e.target.value })}
      />
    </label>
  );
  return (
    <div role="group" aria-label="A glue more" className="mt-2 border-l-[6px] border-steel px-3 pb-2">
      <div className="flex flex-wrap items-end gap-2">
        <label className="min-w-[160px] flex-1 text-[13px] text-pencil">
          name on the tube
          <input className="field text-[16px]" value={name} onChange={(e) => setName(e.target.value)} />
        </label>
        <label className="w-[150px] text-[13px] text-pencil">
          what it is
          <select className="field text-[16px]" value={kind} onChange={(e) => setKind(e.target.value as Kind)}>
            <option value="" disabled>
              which kind?
            </option>
            {shop?.adhesiveKinds.map((k) => (
              <option key={k.kind} value={k.kind ?? ''}>
                {k.name}
              </option>
            ))}
          </select>
        </label>
        {time('workingMinutes', 'open, min', usual?.working)}
        {time('holdSeconds', 'hold, s', usual?.hold)}
        {time('handleMinutes', 'handle, min', usual?.handle)}
        {time('fullMinutes', 'full, min', usual?.full)}
      </div>
      {wrong && (
        <p role="alert" className="pt-1 text-[15px] text-red">
          {wrong}
        </p>
      )}
      <div className="flex gap-2 pt-2">
        <button type="button" className="button" onClick={() => onDone()}>
          Not now
        </button>
        <button
          type="button"
          className="button dark flex-1"
          disabled={!name.trim() || !kind}
          onClick={() => void add()}
        >
          Put it on the list
        </button>
      </div>
    </div>
  );
}
