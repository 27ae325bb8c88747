import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { answer, api, refusalOf, type Refusal, type Schemas } from '../api/client';
import { refresh, usePeople } from '../api/queries';
import { PinField } from '../shared/PinField';

type Role = Schemas['Role'];

const ROLES: readonly [Role, string][] = [
  ['counter', 'takes boxes in, promises dates, claims'],
  ['technician', 'builds, measures, releases'],
  ['lead', 'inspects, concedes, keeps the shop'],
];

/** Who works here. What is changed of somebody ends their sign-ins; what they recorded stays theirs. */
export function People() {
  const { data } = usePeople();
  const client = useQueryClient();
  const [open, setOpen] = useState<string>();
  const [said, setSaid] = useState('');

  const done = async (words: string) => {
    setOpen(undefined);
    setSaid(words);
    await refresh(client, 'people');
  };
  return (
    <section aria-label="People">
      <div className="flex flex-wrap items-baseline justify-between gap-x-6 px-5 pt-4">
        <h2 className="text-[20px] font-bold">People</h2>
        <p role="status" className="text-[16px] font-bold">
          {said}
        </p>
      </div>
      <p className="px-5 pb-3 text-[15px] text-pencil">
        {data?.length === 1
          ? 'A shop of one: what needs a second person is marked as self-inspected, until somebody else comes.'
          : 'A change ends that person’s sign-ins at every device. What they recorded stays theirs.'}
      </p>
      <ul className="border-t border-steel">
        {data?.map((p) => (
          <li key={p.id} className="border-b border-steel">
            <div className="flex min-h-[60px] items-center gap-4 px-5 py-2">
              <span className="min-w-0 flex-1">
                <strong className="block truncate text-[20px] leading-tight">{p.name}</strong>
                <span className="text-[15px] text-pencil">{p.role}</span>
              </span>
              <button
                type="button"
                className="button text-[15px]"
                aria-expanded={open === p.id}
                aria-label={`change ${p.name}`}
                onClick={() => {
                  setSaid('');
                  setOpen(open === p.id ? undefined : p.id);
                }}
              >
                {open === p.id ? 'leave it' : 'change'}
              </button>
            </div>
            {open === p.id && <Change person={p} onDone={done} />}
          </li>
        ))}
      </ul>
      <Add key={data?.length} onDone={done} />
    </section>
  );
}

function useSent(onDone: (words: string) => Promise<void>) {
  const [refusal, setRefusal] = useState<Refusal>();
  const send = async (request: () => Promise<unknown>, words: string) => {
    setRefusal(undefined);
    try {
      await request();
      await onDone(words);
    } catch (e) {
      setRefusal(refusalOf(e));
    }
  };
  return { refusal, send };
}

function Roles({ value, onChange, of }: { value: Role | undefined; onChange: (r: Role) => void; of: string }) {
  return (
    <fieldset>
      <legend className="text-[14px] text-pencil">role</legend>
      <div className="mt-[3px] grid grid-cols-3 gap-2 phone:grid-cols-1">
        {ROLES.map(([role, does]) => (
          <label
            key={role}
            className={`relative min-h-[44px] cursor-pointer border-2 border-ink px-3 py-2 has-focus-visible:outline-3
              ${value === role ? 'bg-ink text-paper' : 'bg-paper'}`}
          >
            <input
              type="radio"
              name={`role of ${of}`}
              className="absolute inset-0 cursor-pointer opacity-0"
              checked={value === role}
              onChange={() => onChange(role)}
            />
            <span className="block text-[17px] font-bold">{role}</span>
            <span className="block text-[13px] leading-tight">{does}</span>
          </label>
        ))}
      </div>
    </fieldset>
  );
}

function Change({ person, onDone }: { person: Schemas['Person']; onDone: (words: string) => Promise<void> }) {
  const [name, setName] = useState(person.name);
  const [role, setRole] = useState<Role>(person.role);
  const [pin, setPin] = useState('');
  const [leaving, setLeaving] = useState(false);
  const { refusal, send } = useSent(onDone);
  const params = { path: { id: person.id } };
  const changed = name !== person.name || role !== person.role;
  return (
    <div className="grid grid-cols-[minmax(0,1fr)_280px] gap-x-8 gap-y-4 bg-tape-wash px-5 py-4 max-lg:grid-cols-1">
      <div className="grid content-start gap-3">
        <label className="block text-[14px] text-pencil">
          name, as it stands beside what they record from now on
          <input className="field text-[20px] text-ink" value={name} onChange={(e) => setName(e.target.value)} />
        </label>
        <Roles value={role} onChange={setRole} of={person.name} />
        <button
          type="button"
          className="button dark justify-self-start px-6 font-bold"
          disabled={!changed || !name.trim()}
          onClick={() =>
            void send(
              async () => answer(await api.PUT('/api/shop/people/{id}', { params, body: { name, role } })),
              `${name.trim()} is ${role} now, and signs in again.`,
            )
          }
        >
          Change {person.name}
        </button>
      </div>
      <div className="grid content-start gap-3 border-l-2 border-tape-edge pl-6 max-lg:border-l-0 max-lg:pl-0">
        <PinField
          label={`new PIN of ${person.name}`}
          value={pin}
          onChange={setPin}
          fresh
          invalid={refusal?.where === 'pin'}
        />
        <button
          type="button"
          className="button justify-self-start px-6 font-bold"
          disabled={!pin}
          onClick={() =>
            void send(
              async () => answer(await api.PUT('/api/shop/people/{id}/pin', { params, body: { pin } })),
              `${person.name} has a new PIN, and signs in again with it.`,
            )
          }
        >
          Give this PIN
        </button>
        {leaving ? (
          <p className="text-[15px]">
            Their records stay; nobody gets their id again.{' '}
            <button
              type="button"
              className="button mt-2 block font-bold text-red"
              onClick={() =>
                void send(
                  async () => answer(await api.DELETE('/api/shop/people/{id}', { params })),
                  `${person.name} does not work here any more.`,
                )
              }
            >
              Remove {person.name}
            </button>
          </p>
        ) : (
          <button
            type="button"
            className="min-h-[44px] justify-self-start text-[15px] underline"
            onClick={() => setLeaving(true)}
          >
            {person.name} leaves
          </button>
        )}
      </div>
      {refusal && (
        <p role="alert" className="col-span-full text-[16px] text-red">
          {refusal.message}
        </p>
      )}
    </div>
  );
}

function Add({ onDone }: { onDone: (words: string) => Promise<void> }) {
  const [open, setOpen] = useState(false);
  const [name, setName] = useState('');
  const [role, setRole] = useState<Role>();
  const [pin, setPin] = useState('');
  const { refusal, send } = useSent(onDone);
  if (!open) {
    return (
      <div className="px-5 py-4">
        <button type="button" className="button" onClick={() => setOpen(true)}>
          Add somebody
        </button>
      </div>
    );
  }
  return (
    <div className="grid grid-cols-[minmax(0,1fr)_280px] gap-x-8 gap-y-3 px-5 py-4 max-lg:grid-cols-1">
      <h3 className="col-span-full text-[17px] font-bold">Somebody new</h3>
      <div className="grid content-start gap-3">
        <label className="block text-[14px] text-pencil">
          name
          <input
            className="field text-[20px] text-ink"
            value={name}
            aria-invalid={refusal?.where === 'name'}
            onChange={(e) => setName(e.target.value)}
          />
        </label>
        <Roles value={role} onChange={setRole} of="somebody new" />
      </div>
      <div className="grid content-between gap-3 pl-6 max-lg:pl-0">
        <PinField
          label="PIN: four to eight digits"
          value={pin}
          onChange={setPin}
          fresh
          invalid={refusal?.where === 'pin'}
        />
        <button
          type="button"
          className="button dark h-[60px] px-6 text-[18px] font-bold"
          disabled={!name.trim() || !role || !pin}
          onClick={() =>
            void send(
              async () => answer(await api.POST('/api/shop/people', { body: { name, role: role!, pin } })),
              `${name.trim()} works here as ${role}.`,
            )
          }
        >
          {!name.trim() ? 'Name?' : !role ? 'Role?' : !pin ? 'PIN?' : `Add ${name.trim()}`}
        </button>
      </div>
      {refusal && (
        <p role="alert" className="col-span-full text-[16px] text-red">
          {refusal.message}
        </p>
      )}
    </div>
  );
}
