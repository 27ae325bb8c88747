import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useRef, useState } from 'react';
import { Link, useNavigate, useSearchParams } from 'react-router';
import { answer, api, type Refusal, refusalOf, type Schemas } from '../../api/client';
import { currentLook } from '../../api/look';
import { refresh, useCustomers, useSheets, useShop } from '../../api/queries';
import { Act } from '../../shared/Act';
import { CureRail } from '../../shared/CureRail';
import { Drawing } from '../../shared/Drawing';
import { Mat } from '../../shared/Paper';
import { Tabs } from '../../shared/Tabs';
import { day } from '../../shared/time';
import { AddOnFields } from './AddOnFields';
import { BatteryFields, batteryFrom, batteryFull, type BatteryText, NO_BATTERY } from './BatteryFields';
import { BudgetOver, PackWords } from './Budget';
import { Chooser } from './Chooser';
import { NO_RECEIVER, ReceiverFields, receiverFrom } from './ReceiverFields';

const inDays = (n: number) => new Date(Date.now() + n * 86_400_000).toISOString().slice(0, 10);
const CARTONS: [Schemas['Carton'], string][] = [
  ['notLooked', 'not looked at'], ['sound', 'sound'], ['scuffed', 'scuffed'], ['crushed', 'crushed'], ['torn', 'torn'], ['wet', 'wet'],
];
type Room = 'kit' | 'packs' | 'radio' | 'box';

/** A kit comes over the counter: while the owner is still there, whether the pack fits and balances and the receiver has the ports. */
export function ReceiveNew() {
  const [query] = useSearchParams();
  const [room, setRoom] = useState<Room>('kit');
  const [findSheet, setFindSheet] = useState('');
  const [findOwner, setFindOwner] = useState('');
  const { data: sheets } = useSheets(findSheet);
  const { data: owners } = useCustomers(findOwner);
  const { data: shop } = useShop();
  const navigate = useNavigate();
  const client = useQueryClient();
  const id = useRef(crypto.randomUUID());
  const [sheet, setSheet] = useState<Schemas['SheetCard']>();
  const [owner, setOwner] = useState<Schemas['Customer']>();
  const [ownerId, setOwnerId] = useState(query.get('customer') ?? '');
  const [person, setPerson] = useState({ name: '', contact: '', notes: '' });
  const [packs, setPacks] = useState<{ name: string; battery: BatteryText }[]>([{ name: 'pack 1', battery: NO_BATTERY }]);
  const [at, setAt] = useState(0);
  const [receiver, setReceiver] = useState(NO_RECEIVER);
  const [transmitter, setTransmitter] = useState({ name: '', memories: '' });
  const [addOns, setAddOns] = useState<Schemas['Entry.AddOnBrought'][]>([]);
  const [supplier, setSupplier] = useState('');
  const [receivedOn, setReceivedOn] = useState(inDays(0));
  const [promised, setPromised] = useState(inDays(7));
  const [shelf, setShelf] = useState('');
  const [carton, setCarton] = useState<Schemas['Carton']>('notLooked');
  const [cartonNote, setCartonNote] = useState('');
  const [school, setSchool] = useState<'forwardThird' | 'middle'>('forwardThird');
  const [refusal, setRefusal] = useState<Refusal>();
  const order = query.get('order') ?? '';

  const chosen = sheet ?? sheets?.sheets[0];
  const known = owner ?? owners?.find((c) => c.id === ownerId);
  const measured = packs.filter((p) => batteryFull(p.battery)).map((p) => ({ name: p.name, battery: batteryFrom(p.battery) }));
  const full = batteryFull(packs[0]!.battery);
  const { data: outlook, error } = useQuery({
    queryKey: ['outlook', chosen?.hash, measured, receiver, addOns, school],
    enabled: !!chosen && measured.length > 0 && receiver.channels.trim() !== '',
    retry: false,
    placeholderData: (before) => before,
    queryFn: async () =>
      answer(await api.POST('/api/receive/outlook', { body: { sheetId: chosen!.id, sheetRevision: chosen!.revision, packs: measured, receiverChannels: Number(receiver.channels) || 0, receiver: receiverFrom(receiver), addOns, balanceSchool: school } })),
  });

  const receive = async () => {
    if (!chosen) return;
    setRefusal(undefined);
    try {
      const opened = answer(
        await api.POST('/api/jobs', {
          body: {
            entryId: id.current, customer: { id: known?.id ?? null, ...person }, sheetId: chosen.id, sheetRevision: chosen.revision, battery: batteryFrom(packs[0]!.battery), packName: packs[0]!.name, morePacks: measured.slice(1),
            receiverChannels: Number(receiver.channels) || 0, receiver: receiverFrom(receiver), addOns, transmitter: transmitter.name.trim() ? { ...transmitter, freeMemories: null } : null, promised, shelf, balanceSchool: school,
            order, receivedOn, supplierId: supplier, carton, cartonNote, observedAt: new Date().toISOString(), look: currentLook(),
          },
        }),
      );
      await refresh(client);
      void navigate(`/jobs/${opened.jobId}/receive`);
    } catch (e) {
      setRefusal(refusalOf(e));
    }
  };
  const pack = packs[at] ?? packs[0]!;
  const wanting = !chosen ? 'no spec sheet is chosen' : !full ? "the first pack's numbers are missing" : !known && !person.name.trim() ? 'the customer is missing' : undefined;

  return (
    <div className="frame">
      <nav aria-label="Places" className="flex flex-col border-r-2 border-ink bg-steel [grid-area:ruler] max-lg:flex-row max-lg:border-b-2">
        <p className="px-4 py-5 text-[22px] font-bold max-lg:hidden">{order ? `Order ${order}` : 'New job'}</p>
        <Link to="/jobs" className="flex min-h-[52px] items-center border-y border-steel-edge px-4 text-[17px]">
          All jobs
        </Link>
      </nav>
      <Mat title="Receive" aside={chosen ? `${chosen.name}, ${chosen.class}, revision ${chosen.revision}` : 'no spec sheet is on file yet'}>
        {chosen && <Drawing drawing={chosen.drawing} mode="plain" over={(px) => outlook && <BudgetOver budget={outlook.budget} px={px} />} pad={{ top: 84, bottom: outlook ? 210 : 48 }} />}
        {(outlook || error) && (
          <div role="status" className="absolute right-4 bottom-12 left-4 max-h-[220px] overflow-y-auto border-2 border-ink bg-paper px-4 py-2 text-ink">
            {error && <p className="text-[17px] text-red">{error.message}</p>}
            {outlook && !error && (
              <>
                <PackWords budget={outlook.budget} />
                <p className={`border-t border-steel pt-1 text-[16px] ${outlook.portsEnough ? '' : 'text-red'}`}>
                  <strong>{outlook.portsEnough ? 'The receiver has the ports.' : 'The receiver has too few ports.'}</strong> {outlook.portsWhy}
                </p>
              </>
            )}
          </div>
        )}
      </Mat>
      <section aria-label="Paper" className="flex min-h-0 flex-col border-l-2 border-ink bg-paper [grid-area:paper] max-lg:border-t-2 max-lg:border-l-0">
        <Tabs
          label="What comes in"
          value={room}
          onChoose={setRoom}
          tabs={[
            { key: 'kit', title: 'Kit, owner' },
            { key: 'packs', title: 'Packs', note: full ? `${measured.length} measured` : 'not yet' },
            { key: 'radio', title: 'Radio', note: receiver.name || `${receiver.channels} channels` },
            { key: 'box', title: 'Box, date', note: day(promised) },
          ]}
        />
        <div data-region="now" className="flex min-h-0 flex-1 flex-col gap-3 overflow-y-auto px-[18px] py-3">
          {room === 'kit' && (
            <>
              <Chooser
                label="spec sheet"
                find="Find a sheet"
                onFind={setFindSheet}
                chosen={chosen && { key: chosen.hash, title: chosen.name, note: `revision ${chosen.revision}` }}
                choices={(sheets?.sheets ?? []).map((s) => ({ key: s.hash, title: s.name, note: `${s.class}, revision ${s.revision}` }))}
                onChoose={(hash) => setSheet(sheets?.sheets.find((s) => s.hash === hash))}
              />
              <Chooser
                label="customer"
                find="Find by name, contact or notes"
                none="A new customer"
                onFind={setFindOwner}
                chosen={known ? { key: known.id, title: known.name, note: known.contact } : ownerId === 'new' ? { key: '', title: 'A new customer', note: '' } : undefined}
                choices={(owners ?? []).map((c) => ({ key: c.id, title: c.name, note: [c.contact, c.notes].filter(Boolean).join('; ') }))}
                onChoose={(key) => (setOwnerId(key || 'new'), setOwner(owners?.find((c) => c.id === key)))}
              />
              {!known && (
                <div className="grid grid-cols-2 gap-3">
                  <label className="text-[14px] text-pencil">
                    name
                    <input className="field text-[18px] text-ink" value={person.name} onChange={(e) => setPerson({ ...person, name: e.target.value })} />
                  </label>
                  <label className="text-[14px] text-pencil">
                    contact
                    <input className="field text-[18px] text-ink" value={person.contact} onChange={(e) => setPerson({ ...person, contact: e.target.value })} />
                  </label>
                  <label className="col-span-2 text-[14px] text-pencil">
                    notes
                    <input className="field text-[17px] text-ink" value={person.notes} onChange={(e) => setPerson({ ...person, notes: e.target.value })} />
                  </label>
                </div>
              )}
              {known?.notes && <p className="text-[16px]">{known.notes}</p>}
            </>
          )}
          {room === 'packs' && (
            <>
              <div className="flex flex-wrap gap-2">
                {packs.map((p, i) => (
                  <button key={i} className="button px-3 text-[15px]" aria-pressed={i === at} onClick={() => setAt(i)}>
                    {p.name || `pack ${i + 1}`}
                  </button>
                ))}
                {packs.length < 8 && (
                  <button className="button px-3 text-[15px]" onClick={() => (setPacks([...packs, { name: `pack ${packs.length + 1}`, battery: NO_BATTERY }]), setAt(packs.length))}>
                    another pack
                  </button>
                )}
              </div>
              <label className="text-[14px] text-pencil">
                this pack is called
                <input className="field text-[17px] text-ink" value={pack.name} onChange={(e) => setPacks(packs.map((p, i) => (i === at ? { ...p, name: e.target.value } : p)))} />
              </label>
              <BatteryFields value={pack.battery} onChange={(battery) => setPacks(packs.map((p, i) => (i === at ? { ...p, battery } : p)))} />
              {at === 0 && packs.length > 1 && <p className="text-[15px] text-pencil">The first pack flies until another is chosen.</p>}
              <div role="radiogroup" aria-label="Balance for the first flight">
                <span className="label">balance for the first flight</span>
                <div className="flex gap-2">
                  <button role="radio" aria-checked={school === 'forwardThird'} className="button flex-1" onClick={() => setSchool('forwardThird')}>
                    forward third
                  </button>
                  <button role="radio" aria-checked={school === 'middle'} className="button flex-1" onClick={() => setSchool('middle')}>
                    middle
                  </button>
                </div>
              </div>
            </>
          )}
          {room === 'radio' && (
            <>
              <ReceiverFields known={shop?.receivers ?? []} value={receiver} onChange={setReceiver} />
              <div className="grid grid-cols-2 gap-3">
                <label className="text-[14px] text-pencil">
                  transmitter
                  <input className="field text-[17px] text-ink" value={transmitter.name} onChange={(e) => setTransmitter({ ...transmitter, name: e.target.value })} />
                </label>
                <label className="text-[14px] text-pencil">
                  model memories
                  <input className="field text-[17px] text-ink" value={transmitter.memories} onChange={(e) => setTransmitter({ ...transmitter, memories: e.target.value })} />
                </label>
              </div>
              <h2 className="pt-1 text-[18px] font-bold">Add-ons of the owner</h2>
              {addOns.map((a) => (
                <p key={a.name} className="flex items-center justify-between border-b border-steel text-[16px]">
                  {a.name}, {a.mass}
                  {a.at && `, at ${a.at}`}
                  <button className="min-h-[44px] underline" onClick={() => setAddOns(addOns.filter((x) => x !== a))}>
                    take out
                  </button>
                </p>
              ))}
              <AddOnFields onAdd={(a) => setAddOns([...addOns.filter((x) => x.name !== a.name), a])} />
            </>
          )}
          {room === 'box' && (
            <>
              <label className="text-[14px] text-pencil">
                supplier
                <select className="field text-[17px] text-ink" value={supplier} onChange={(e) => setSupplier(e.target.value)}>
                  <option value="">not said</option>
                  {shop?.suppliers.map((s) => (
                    <option key={s.id} value={s.id}>
                      {s.name}, claims within {s.claimDays} days
                    </option>
                  ))}
                </select>
              </label>
              <div role="radiogroup" aria-label="Carton">
                <span className="label">carton</span>
                <div className="grid grid-cols-3 gap-2">
                  {CARTONS.map(([key, title]) => (
                    <button key={key} role="radio" aria-checked={carton === key} className="button px-1 text-[15px]" onClick={() => setCarton(key)}>
                      {title}
                    </button>
                  ))}
                </div>
              </div>
              <label className="text-[14px] text-pencil">
                what is to be seen on it
                <input className="field text-[17px] text-ink" value={cartonNote} onChange={(e) => setCartonNote(e.target.value)} />
              </label>
              <div className="grid grid-cols-[1.4fr_1.4fr_0.8fr] gap-3">
                <label className="text-[14px] text-pencil">
                  received
                  <input className="field text-[16px] text-ink" type="date" value={receivedOn} onChange={(e) => setReceivedOn(e.target.value)} />
                </label>
                <label className="text-[14px] text-pencil">
                  promised
                  <input className="field text-[16px] text-ink" type="date" value={promised} onChange={(e) => setPromised(e.target.value)} />
                </label>
                <label className="text-[14px] text-pencil">
                  shelf
                  <input className="field text-[18px] text-ink" value={shelf} onChange={(e) => setShelf(e.target.value)} />
                </label>
              </div>
              <p className="text-[15px] text-pencil">Photograph the box on the next screen, before it is opened.</p>
            </>
          )}
        </div>
        {refusal && (
          <p role="alert" className="border-t-2 border-red px-[18px] py-2 text-[16px] text-red">
            {refusal.message}
          </p>
        )}
        <Act label="Take it in" onAct={() => void receive()} disabled={!!wanting} hint={wanting} />
      </section>
      <CureRail />
    </div>
  );
}
