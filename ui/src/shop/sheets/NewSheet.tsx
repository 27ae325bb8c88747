import { Choice } from '../../shared/Choice';
import { useQuery } from '@tanstack/react-query';
import { type FormEvent, useState } from 'react';
import { useNavigate } from 'react-router';
import { answer, api, refusalOf, type Refusal } from '../../api/client';
import { useSheets } from '../../api/queries';

const FITTED = ['flaps', 'wheels', 'retracts', 'stabiliser', 'airbrakes', 'hinges to work', 'horns to fit'];
// Where a sheet that is much like this one is chosen.
const LIKE = 'like-another';
const MATERIALS = ['EPO', 'EPP', 'EPS', 'balsa and film', 'glass laminate', 'foam board'];

/** A sheet from the numbers on the lid: everything in proportion is marked assumed and waits for the paper. */
export function NewSheet() {
  const navigate = useNavigate();
  const { data: classes } = useQuery({
    queryKey: ['archetypes'],
    staleTime: Infinity,
    queryFn: async () => answer(await api.GET('/api/sheets/archetypes')),
  });
  const [form, setForm] = useState({
    class: 'high-wing',
    name: '',
    maker: '',
    span: '',
    length: '',
    emptyWeight: '',
    material: 'EPO',
  });
  const [fitted, setFitted] = useState<string[]>([]);
  const [refusal, setRefusal] = useState<Refusal>();
  const put = (name: keyof typeof form) => (e: { target: { value: string } }) =>
    setForm({ ...form, [name]: e.target.value });
  const full = form.name.trim() && form.span.trim() && form.length.trim() && form.emptyWeight.trim();

  const begin = async (e: FormEvent) => {
    e.preventDefault();
    setRefusal(undefined);
    try {
      const draft = answer(await api.POST('/api/drafts/archetype', { body: { ...form, fitted } }));
      void navigate(`/drafts/${draft.id}`);
    } catch (error) {
      setRefusal(refusalOf(error));
    }
  };
  const field = (name: 'name' | 'maker' | 'span' | 'length' | 'emptyWeight', title: string) => (
    <label className="text-[14px] text-pencil">
      {title}
      <input
        className="field text-[20px] text-ink"
        value={form[name]}
        onChange={put(name)}
        aria-invalid={refusal?.where === name}
      />
    </label>
  );

  return (
    <div className="flex max-w-[960px] flex-col gap-6">
      <form onSubmit={(e) => void begin(e)} className="border-2 border-ink bg-paper text-ink">
        <div className="flex items-center justify-between gap-4 border-b-2 border-ink px-5 py-3">
          <h1 className="text-[27px] leading-tight font-bold">New sheet, from the lid of the box</h1>
          <button
            type="button"
            className="button px-4 text-[15px]"
            onClick={() => document.getElementById(LIKE)?.focus()}
          >
            or from another kit’s sheet
          </button>
        </div>
        <div className="grid grid-cols-2 gap-x-6 gap-y-4 p-5">
          {field('name', 'name of the kit')}
          {field('maker', 'maker')}
          <fieldset className="col-span-2">
            <legend className="label">class</legend>
            <Choice
              label="Class"
              value={form.class}
              of={(classes ?? []).map((c) => ({ value: c.key, words: c.name }))}
              onChoose={(chosen) => setForm({ ...form, class: chosen })}
              className="grid grid-cols-5 gap-2 max-lg:grid-cols-3"
              button="button px-2 text-[15px]"
            />
          </fieldset>
          <div className="col-span-2 grid grid-cols-3 gap-6">
            {field('span', 'span: mm, or 55 in')}
            {field('length', 'length: mm, or in')}
            {field('emptyWeight', 'empty, without pack: g, or 2 lb 3 oz')}
          </div>
          <label className="text-[14px] text-pencil">
            material
            <select className="field text-[18px] text-ink" value={form.material} onChange={put('material')}>
              {MATERIALS.map((m) => (
                <option key={m}>{m}</option>
              ))}
            </select>
          </label>
          <fieldset>
            <legend className="label">what is fitted</legend>
            <div className="flex flex-wrap gap-2">
              {FITTED.map((f) => (
                <button
                  key={f}
                  type="button"
                  aria-pressed={fitted.includes(f)}
                  className="button px-3 text-[15px]"
                  onClick={() => setFitted(fitted.includes(f) ? fitted.filter((x) => x !== f) : [...fitted, f])}
                >
                  {f}
                </button>
              ))}
            </div>
          </fieldset>
        </div>
        <p className="mx-5 border-l-[6px] border-tape bg-tape-wash px-3 py-2 text-[16px]">
          Geometry, surfaces, throws, steps and cautions come in the proportions usual for the class, every one marked
          assumed. Only what you then type from the manual is the maker's.
        </p>
        {refusal && (
          <p role="alert" className="px-5 pt-3 text-[16px] text-red">
            {refusal.message}
          </p>
        )}
        <div className="flex justify-end gap-3 p-5">
          <button type="submit" className="button dark h-[64px] px-10 text-[20px] font-bold" disabled={!full}>
            Begin the sheet
          </button>
        </div>
      </form>
      <LikeAnother />
    </div>
  );
}

/** A kit much like one on file: its numbers as a start, none of them this maker's until confirmed. */
function LikeAnother() {
  const navigate = useNavigate();
  const { data } = useSheets();
  const [like, setLike] = useState('');
  const [name, setName] = useState('');
  const [maker, setMaker] = useState('');
  const [refusal, setRefusal] = useState<Refusal>();
  const sheets = data?.sheets ?? [];
  const chosen = sheets.find((s) => s.id === like);
  const begin = async (e: FormEvent) => {
    e.preventDefault();
    if (!chosen) return;
    setRefusal(undefined);
    try {
      const body = { id: chosen.id, revision: chosen.revision, name, maker };
      void navigate(`/drafts/${answer(await api.POST('/api/drafts/another-kit', { body })).id}`);
    } catch (error) {
      setRefusal(refusalOf(error));
    }
  };
  return (
    <form
      aria-label="Like another kit"
      onSubmit={(e) => void begin(e)}
      className="border-2 border-ink bg-paper text-ink"
    >
      <h2 className="border-b-2 border-ink px-5 py-4 text-[22px] leading-tight font-bold">
        Or much like a kit that is on file
      </h2>
      <div className="grid grid-cols-3 gap-6 p-5 max-lg:grid-cols-1">
        <label className="text-[14px] text-pencil">
          like
          <select
            id={LIKE}
            className="field text-[18px] text-ink"
            value={like}
            onChange={(e) => setLike(e.target.value)}
          >
            <option value="">choose a sheet</option>
            {sheets.map((s) => (
              <option key={s.id} value={s.id}>
                {s.name}
              </option>
            ))}
          </select>
        </label>
        <label className="text-[14px] text-pencil">
          name of the new kit
          <input className="field text-[18px] text-ink" value={name} onChange={(e) => setName(e.target.value)} />
        </label>
        <label className="text-[14px] text-pencil">
          its maker
          <input className="field text-[18px] text-ink" value={maker} onChange={(e) => setMaker(e.target.value)} />
        </label>
      </div>
      <p className="mx-5 border-l-[6px] border-tape bg-tape-wash px-3 py-2 text-[16px]">
        Every value and row comes over marked assumed: nothing is judged by it until it is confirmed against this kit’s
        own paper.
      </p>
      {refusal && (
        <p role="alert" className="px-5 pt-3 text-[16px] text-red">
          {refusal.message}
        </p>
      )}
      <div className="flex justify-end gap-3 p-5">
        <button
          type="submit"
          className="button dark h-[56px] px-8 text-[18px] font-bold"
          disabled={!chosen || !name.trim()}
        >
          Begin from it
        </button>
      </div>
    </form>
  );
}
