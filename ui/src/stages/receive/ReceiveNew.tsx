import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useRef, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { answer, api, Refusal } from '../../api/client';
import { currentLook } from '../../api/look';
import { useSheets, useShop } from '../../api/queries';
import { Act } from '../../shared/Act';
import { CureRail } from '../../shared/CureRail';
import { Drawing } from '../../shared/Drawing';
import { Mat } from '../../shared/Paper';
import { day } from '../../shared/time';
import { BatteryFields, batteryFrom, type BatteryText } from './BatteryFields';

const inDays = (n: number) => new Date(Date.now() + n * 86_400_000).toISOString().slice(0, 10);

/** A kit comes over the counter: while the owner is still there, whether the pack fits and the receiver has the ports. */
export function ReceiveNew() {
  const { data: sheets } = useSheets();
  const { data: shop } = useShop();
  const navigate = useNavigate();
  const client = useQueryClient();
  const id = useRef(crypto.randomUUID());
  const [sheetKey, setSheet] = useState('');
  const [customer, setCustomer] = useState('');
  const [name, setName] = useState('');
  const [contact, setContact] = useState('');
  const [battery, setBattery] = useState<BatteryText>({ mass: '', length: '', width: '', height: '', cells: '4', capacity: '' });
  const [channels, setChannels] = useState('6');
  const [promised, setPromised] = useState(inDays(7));
  const [shelf, setShelf] = useState('');
  const [school, setSchool] = useState<'forwardThird' | 'middle'>('forwardThird');
  const [refusal, setRefusal] = useState<Refusal>();

  const sheet = sheets?.find((s) => `${s.id}/${s.revision}` === sheetKey) ?? sheets?.[0];
  const full = Object.values(battery).every((v) => v.trim());
  const { data: outlook, error } = useQuery({
    queryKey: ['outlook', sheet?.hash, battery, channels],
    enabled: !!sheet && full && channels.trim() !== '',
    retry: false,
    queryFn: async () => answer(await api.POST('/api/receive/outlook', { body: { sheetId: sheet!.id, sheetRevision: sheet!.revision, battery: batteryFrom(battery), receiverChannels: Number(channels) || 0 } })),
  });

  const receive = async () => {
    if (!sheet) return;
    setRefusal(undefined);
    try {
      const opened = answer(
        await api.POST('/api/jobs', {
          body: {
            entryId: id.current, customer: { id: customer || null, name, contact, notes: '' }, sheetId: sheet.id, sheetRevision: sheet.revision, battery: batteryFrom(battery),
            receiverChannels: Number(channels) || 0, promised, shelf, balanceSchool: school, observedAt: new Date().toISOString(), look: currentLook(),
          },
        }),
      );
      await client.invalidateQueries();
      void navigate(`/jobs/${opened.jobId}/unpack`);
    } catch (e) {
      setRefusal(e instanceof Refusal ? e : new Refusal(0, 'network', 'The server cannot be reached.', ''));
    }
  };

  return (
    <div className="frame">
      <nav aria-label="Places" className="border-r-2 border-ink bg-steel [grid-area:ruler] max-lg:border-b-2">
        <p className="px-4 py-5 text-[22px] font-bold max-lg:hidden">New job</p>
        <Link to="/jobs" className="flex min-h-[52px] items-center border-y border-steel-edge px-4 text-[17px]">
          All jobs
        </Link>
      </nav>
      <Mat title="Receive" aside={sheet ? `${sheet.name}, ${sheet.class}, revision ${sheet.revision}` : 'no spec sheet is on file yet'}>
        {sheet && <Drawing drawing={sheet.drawing} mode="plain" />}
        {(outlook || error) && (
          <div role="status" className="absolute right-4 bottom-12 left-4 border-2 border-ink bg-paper px-4 py-3 text-[18px] text-ink">
            {error && <p className="text-red">{error.message}</p>}
            {outlook && (
              <>
                <p className={outlook.packFits ? '' : 'text-red'}>
                  <strong>{outlook.packFits ? 'The pack fits.' : 'The pack does not fit.'}</strong> {outlook.packWhy}
                </p>
                <p className={outlook.portsEnough ? '' : 'text-red'}>
                  <strong>{outlook.portsEnough ? 'The receiver has the ports.' : 'The receiver has too few ports.'}</strong> {outlook.portsWhy}
                </p>
              </>
            )}
          </div>
        )}
      </Mat>
      <section aria-label="Paper" className="flex min-h-0 flex-col border-l-2 border-ink bg-paper [grid-area:paper] max-lg:border-t-2 max-lg:border-l-0">
        <div data-region="now" className="flex min-h-0 flex-1 flex-col gap-3 overflow-y-auto px-[18px] py-3">
          <label className="text-[14px] text-pencil">
            spec sheet
            <select className="field text-[18px]" value={sheet ? `${sheet.id}/${sheet.revision}` : ''} onChange={(e) => setSheet(e.target.value)}>
              {sheets?.map((s) => (
                <option key={s.hash} value={`${s.id}/${s.revision}`}>
                  {s.name}, revision {s.revision}
                </option>
              ))}
            </select>
          </label>
          <label className="text-[14px] text-pencil">
            customer
            <select className="field text-[18px]" value={customer} onChange={(e) => setCustomer(e.target.value)}>
              <option value="">a new one</option>
              {shop?.customers.map((c) => (
                <option key={c.id} value={c.id}>
                  {c.name}
                </option>
              ))}
            </select>
          </label>
          {!customer && (
            <div className="grid grid-cols-2 gap-3">
              <label className="text-[14px] text-pencil">
                name
                <input className="field text-[18px]" value={name} onChange={(e) => setName(e.target.value)} />
              </label>
              <label className="text-[14px] text-pencil">
                contact
                <input className="field text-[18px]" value={contact} onChange={(e) => setContact(e.target.value)} />
              </label>
            </div>
          )}
          <h2 className="pt-2 text-[20px] font-bold">Flight pack</h2>
          <BatteryFields value={battery} onChange={setBattery} />
          <div className="grid grid-cols-[1fr_1.7fr_0.8fr] gap-3 pt-2">
            <label className="text-[14px] text-pencil">
              channels
              <input className="field text-[18px]" inputMode="numeric" value={channels} onChange={(e) => setChannels(e.target.value)} />
            </label>
            <label className="text-[14px] text-pencil">
              promised, {day(promised)}
              <input className="field text-[16px]" type="date" value={promised} onChange={(e) => setPromised(e.target.value)} />
            </label>
            <label className="text-[14px] text-pencil">
              shelf
              <input className="field text-[18px]" value={shelf} onChange={(e) => setShelf(e.target.value)} />
            </label>
          </div>
          <div role="radiogroup" aria-label="Balance for the first flight" className="pb-2">
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
        </div>
        {refusal && (
          <p role="alert" className="border-t-2 border-red px-[18px] py-2 text-[16px] text-red">
            {refusal.message}
          </p>
        )}
        <Act label="Take it in" onAct={() => void receive()} disabled={!sheet || !full || (!customer && !name.trim())} hint={!full ? "the pack's numbers are missing" : undefined} />
      </section>
      <CureRail />
    </div>
  );
}
