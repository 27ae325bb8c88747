import { type ReactNode, useState } from 'react';
import type { Schemas } from '../../api/client';
import type { Recorder } from './entries';
import { Fields, filled, whole } from './Fields';

type Line = Schemas['LedgerLine'];

const SERVO = [
  ['name', 'which servo it is'],
  ['torque', 'torque, kg cm'],
  ['length', 'long, mm'],
  ['width', 'wide, mm'],
  ['height', 'high, mm'],
  ['mass', 'mass, g'],
  ['working', 'working, A'],
  ['stall', 'stalled, A'],
] as const;
type ServoText = Record<(typeof SERVO)[number][0], string>;
const NO_SERVO: ServoText = {
  name: '',
  torque: '',
  length: '',
  width: '',
  height: '',
  mass: '',
  working: '',
  stall: '',
};

const DRIVE = [
  ['motor', 'another motor, its name'],
  ['bears', 'it bears, A'],
  ['motorCells', 'it takes cells up to'],
  ['propeller', 'propeller, such as 10x5'],
  ['propellerMass', 'with spinner, g'],
  ['draw', 'it draws at full, A'],
  ['controller', 'another controller, its name'],
  ['rating', 'rated, A'],
  ['leastCells', 'cells from'],
  ['mostCells', 'cells to'],
  ['connector', 'its plug for the pack'],
] as const;
type DriveText = Record<(typeof DRIVE)[number][0], string>;
const NO_DRIVE: DriveText = {
  motor: '',
  bears: '',
  motorCells: '',
  propeller: '',
  propellerMass: '',
  draw: '',
  controller: '',
  rating: '',
  leastCells: '',
  mostCells: '',
  connector: '',
};

const servoFrom = (t: ServoText): Schemas['ServoKind'] => ({ ...filled(t), name: t.name });

const driveFrom = ({ motorCells, leastCells, mostCells, ...words }: DriveText): Schemas['DriveKind'] => ({
  ...filled(words),
  motorCells: whole(motorCells),
  leastCells: whole(leastCells),
  mostCells: whole(mostCells),
});

// What is known already, as it was typed, so that a figure that was wanting is put in beside it.
const text = <K extends string>(empty: Record<K, string>, kind: object | null | undefined): Record<K, string> =>
  kind
    ? {
        ...empty,
        ...Object.fromEntries(
          Object.entries(kind)
            .filter(([key, value]) => key in empty && value != null)
            .map(([key, value]) => [key, String(value)]),
        ),
      }
    : empty;

/** Servos, motors, propellers and controllers that were chosen apart from the kit, judged against it. */
export function Apart({
  data,
  recorder,
  closed,
}: {
  data: Schemas['ReceiveView'];
  recorder: Recorder;
  closed: boolean;
}) {
  const [open, setOpen] = useState('');
  const [servo, setServo] = useState(NO_SERVO);
  const [drive, setDrive] = useState(NO_DRIVE);
  const line = (id: string) => data.lines.find((l) => l.id === `receive/${id}`);
  const shut = (ok: boolean) => ok && setOpen('');
  return (
    <>
      {data.drives.length > 0 && <h2 className="text-[20px] font-bold">Motor, propeller, controller</h2>}
      {data.drives.map((d) => (
        <Place
          key={d.motor}
          title={data.drives.length > 1 ? `Motor ${d.motor}` : 'The motor'}
          own={d.own || 'the sheet says nothing of it'}
          now={d.kind ? describe(d.kind) : ''}
          line={line(`drive/${d.motor}`)}
          open={open === `drive/${d.motor}`}
          closed={closed}
          busy={recorder.busy}
          onOpen={(on) => {
            setDrive(text(NO_DRIVE, d.kind));
            setOpen(on ? `drive/${d.motor}` : '');
          }}
          onOwn={() => void recorder.record('receive/drive', { motor: d.motor })}
          canRecord={Object.values(drive).some((v) => v.trim())}
          onRecord={() => void recorder.record('receive/drive', { motor: d.motor, kind: driveFrom(drive) }).then(shut)}
        >
          <Fields of={DRIVE} value={drive} onChange={setDrive} />
          <p className="text-[15px] text-pencil">What is left empty is the kit's own.</p>
        </Place>
      ))}
      {data.servos.length > 0 && <h2 className="pt-4 text-[20px] font-bold">Servos</h2>}
      {data.servos.map((s) => (
        <Place
          key={s.id}
          title={s.place}
          own={s.asks || 'the sheet asks for nothing here'}
          now={s.kind?.name ?? ''}
          line={line(`servo/${s.id}`)}
          open={open === `servo/${s.id}`}
          closed={closed}
          busy={recorder.busy}
          onOpen={(on) => {
            setServo(text(NO_SERVO, s.kind));
            setOpen(on ? `servo/${s.id}` : '');
          }}
          onOwn={() => void recorder.record('receive/servo', { servo: s.id })}
          canRecord={servo.name.trim().length > 0}
          onRecord={() => void recorder.record('receive/servo', { servo: s.id, kind: servoFrom(servo) }).then(shut)}
        >
          <Fields of={SERVO} value={servo} onChange={setServo} />
        </Place>
      ))}
      {data.back.length > 0 && (
        <p className="pt-3 text-[16px]">
          <strong>Back to the owner:</strong> {data.back.join('; ')}.
        </p>
      )}
    </>
  );
}

const describe = (kind: Schemas['DriveKind']) =>
  [
    kind.motor && `motor ${kind.motor}`,
    kind.propeller && `propeller ${kind.propeller}`,
    kind.controller && `controller ${kind.controller}`,
    kind.draw && `draws ${kind.draw}`,
  ]
    .filter(Boolean)
    .join(', ') || 'figures of its own';

// One place: what the kit has there, what is in its stead, what the ledger says of it.
function Place({
  title,
  own,
  now,
  line,
  open,
  closed,
  busy,
  canRecord,
  onOpen,
  onOwn,
  onRecord,
  children,
}: {
  title: string;
  own: string;
  now: string;
  line: Line | undefined;
  open: boolean;
  closed: boolean;
  busy: boolean;
  canRecord: boolean;
  onOpen: (open: boolean) => void;
  onOwn: () => void;
  onRecord: () => void;
  children: ReactNode;
}) {
  const bad = line?.standing === 'notMet';
  return (
    <section aria-label={title} className="border-b border-steel py-2">
      <div className="flex items-start justify-between gap-3">
        <div className="min-w-0">
          <h3 className="text-[17px] font-bold first-letter:uppercase">{title}</h3>
          <p className="text-[15px] text-pencil">{own}</p>
        </div>
        {!closed && !open && (
          <button
            type="button"
            className="button shrink-0 px-3 text-[15px]"
            aria-label={`${now ? 'change' : 'another'}, ${title}`}
            onClick={() => onOpen(true)}
          >
            {now ? 'change' : 'another'}
          </button>
        )}
      </div>
      {now && (
        <p className="text-[16px]">
          In its place: <strong>{now}</strong>
        </p>
      )}
      {line && <p className={`text-[16px] ${bad ? 'font-bold text-red' : ''}`}>{line.why}</p>}
      {open && (
        <div className="flex flex-col gap-2 py-2">
          {children}
          <div className="flex gap-2">
            <button type="button" className="button flex-1" disabled={busy || !canRecord} onClick={onRecord}>
              it has this one
            </button>
            {now && (
              <button type="button" className="button" disabled={busy} onClick={onOwn}>
                the kit's own again
              </button>
            )}
            <button type="button" className="min-h-[44px] px-2 underline" onClick={() => onOpen(false)}>
              leave it
            </button>
          </div>
        </div>
      )}
    </section>
  );
}
