import type { Schemas } from '../../api/client';

export type WeighedAt = { x: string; y: string; reading: string };
export type Weighing = {
  supports: WeighedAt[];
  packFront: string;
  propellerPlaced: boolean;
  level: boolean;
  pitch: string;
  height: string;
};

const mm = (v: number) => String(Math.round(v));

/**
 * The supports of the last weighing; else three where the drawing has something to stand on. Every place can be typed
 * over.
 */
export function startOf(
  job: Schemas['JobView'],
  data: Schemas['BalanceView'],
  current: Schemas['ConfigurationView'] | undefined,
): Weighing {
  const last = [current, ...data.configurations].find((c) => c && c.supports.length > 0)?.supports;
  const wheels = job.drawing.parts.filter((p) => p.kind === 'wheel');
  const [a, b] = wheels.length >= 2 ? wheels : job.drawing.parts.filter((p) => p.kind === 'wing');
  const body = job.drawing.parts.find((p) => p.kind === 'body');
  const far = wheels.length >= 2 ? job.drawing.top + job.drawing.height * 0.82 : data.pack.bayTo - 50;
  return {
    supports: last?.map((s) => ({ ...s, reading: '' })) ?? [
      { x: mm(a?.atDown ?? 0), y: mm(a?.atAcross ?? -100), reading: '' },
      { x: mm(b?.atDown ?? 0), y: mm(b?.atAcross ?? 100), reading: '' },
      { x: mm(far), y: mm(body?.atAcross ?? 0), reading: '' },
    ],
    packFront: mm(current?.packFront ?? data.pack.firstFront ?? 0),
    propellerPlaced: false,
    level: true,
    pitch: '',
    height: '',
  };
}

type Props = {
  data: Schemas['BalanceView'];
  weighing: Weighing;
  onChange: (w: Weighing) => void;
  disabled: boolean;
  /** Only what lies where, for a look that needs no scales. */
  placesOnly?: boolean;
};

export function WeighingForm({ data, weighing: w, onChange, disabled, placesOnly }: Props) {
  const set = (i: number, field: keyof WeighedAt, value: string) =>
    onChange({ ...w, supports: w.supports.map((s, k) => (k === i ? { ...s, [field]: value } : s)) });
  return (
    <fieldset disabled={disabled} className="mt-4">
      {!placesOnly && (
        <>
          <legend className="text-[18px] font-bold">Weigh</legend>
          <p className="pb-2 text-[15px] text-pencil">Pack in its bay, not connected; scales tared with cradles.</p>
          <div className="grid grid-cols-[28px_1fr_1fr_1.2fr] items-center gap-x-2 gap-y-1 text-[15px]">
            <span />
            <span className="text-pencil">x, mm aft</span>
            <span className="text-pencil">y, mm right</span>
            <span className="text-pencil">reads, g</span>
            {w.supports.map((s, i) => (
              <Row key={i} number={i + 1} support={s} onChange={(field, value) => set(i, field, value)} />
            ))}
          </div>
          <button
            type="button"
            className="min-h-[44px] text-[15px] underline"
            onClick={() =>
              onChange({
                ...w,
                supports:
                  w.supports.length === 3 ? w.supports.slice(0, 2) : [...w.supports, { x: '0', y: '0', reading: '' }],
              })
            }
          >
            {w.supports.length === 3 ? 'only two supports' : 'a third support'}
          </button>
        </>
      )}
      <div className="grid grid-cols-2 gap-3">
        <label className="text-[14px] text-pencil">
          front of the pack, mm
          <input
            className="field text-[18px]"
            inputMode="text"
            value={w.packFront}
            onChange={(e) => onChange({ ...w, packFront: e.target.value })}
          />
        </label>
        {data.motorKind === 'propeller' && (
          <button
            type="button"
            className="button self-end"
            aria-pressed={w.propellerPlaced}
            onClick={() => onChange({ ...w, propellerPlaced: !w.propellerPlaced })}
          >
            {w.propellerPlaced ? `its ${data.propellerMass ?? ''} g placed` : 'propeller on'}
          </button>
        )}
        {!placesOnly && (
          <button
            type="button"
            className="button"
            aria-pressed={w.level}
            onClick={() => onChange({ ...w, level: !w.level })}
          >
            {w.level ? 'datum line level' : 'not level'}
          </button>
        )}
      </div>
      {!w.level && !placesOnly && (
        <div className="grid grid-cols-2 gap-3 pt-2">
          <label className="text-[14px] text-pencil">
            pitch, ° nose up +
            <input
              className="field text-[18px]"
              value={w.pitch}
              onChange={(e) => onChange({ ...w, pitch: e.target.value })}
            />
          </label>
          <label className="text-[14px] text-pencil">
            height of the centre, mm
            <input
              className="field text-[18px]"
              value={w.height}
              onChange={(e) => onChange({ ...w, height: e.target.value })}
            />
          </label>
        </div>
      )}
    </fieldset>
  );
}

function Row({
  number,
  support,
  onChange,
}: {
  number: number;
  support: WeighedAt;
  onChange: (field: keyof WeighedAt, value: string) => void;
}) {
  return (
    <>
      <strong className="text-[17px]">{number}</strong>
      <input
        className="field text-[17px]"
        aria-label={`Support ${number}, x`}
        value={support.x}
        onChange={(e) => onChange('x', e.target.value)}
      />
      <input
        className="field text-[17px]"
        aria-label={`Support ${number}, y`}
        value={support.y}
        onChange={(e) => onChange('y', e.target.value)}
      />
      <input
        className="field text-[22px] font-bold"
        inputMode="decimal"
        aria-label={`Support ${number}, grams`}
        value={support.reading}
        onChange={(e) => onChange('reading', e.target.value)}
      />
    </>
  );
}
