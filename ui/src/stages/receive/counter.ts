import type { Schemas } from '../../api/client';
import { currentLook } from '../../api/look';
import { today } from '../../shared/time';
import { batteryFrom, batteryFull, type BatteryText, NO_BATTERY } from './BatteryFields';
import { NO_RECEIVER, receiverFrom } from './ReceiverFields';

/** What is said at the counter while a kit is taken in, as it is typed. */
export type Counter = ReturnType<typeof emptyCounter>;
export type CounterProps = { form: Counter; put: (change: Partial<Counter>) => void };

export const emptyCounter = () => ({
  entryId: crypto.randomUUID() as string,
  sheet: undefined as Schemas['SheetCard'] | undefined,
  owner: undefined as Schemas['Customer'] | undefined,
  newOwner: false,
  person: { name: '', contact: '', notes: '' },
  packLater: false,
  receiverLater: false,
  packs: [{ name: 'pack 1', battery: NO_BATTERY }] as { name: string; battery: BatteryText }[],
  school: 'forwardThird' as 'forwardThird' | 'middle',
  receiver: NO_RECEIVER,
  transmitter: { name: '', memories: '', protocol: '' },
  addOns: [] as Schemas['Entry.AddOnBrought'][],
  options: {} as Record<string, string>,
  carried: 'notSaid' as Schemas['Carriage'],
  supplier: '',
  carton: 'notLooked' as Schemas['Carton'],
  cartonNote: '',
  // Empty means the usual: received today, promised in a week.
  receivedOn: '',
  promised: '',
  shelf: '',
});

export const receivedOn = (form: Counter) => form.receivedOn || today();
export const promised = (form: Counter) => form.promised || today(7);

/** The packs whose numbers are complete. */
export const measured = (form: Counter) =>
  form.packLater
    ? []
    : form.packs.filter((p) => batteryFull(p.battery)).map((p) => ({ name: p.name, battery: batteryFrom(p.battery) }));

const radio = (form: Counter) =>
  form.receiverLater
    ? { receiverChannels: 0, receiver: null }
    : { receiverChannels: Number(form.receiver.channels) || 0, receiver: receiverFrom(form.receiver) };

/** What is asked while the owner is still there: whether these packs fit and balance and the receiver has the ports. */
export const question = (form: Counter, sheet: Schemas['SheetCard']) => ({
  sheetId: sheet.id,
  sheetRevision: sheet.revision,
  packs: measured(form),
  ...radio(form),
  addOns: form.addOns,
  protocol: form.transmitter.protocol,
  options: form.options,
  balanceSchool: form.school,
});

/** The kit taken in. */
export const opening = (
  form: Counter,
  sheet: Schemas['SheetCard'],
  owner: Schemas['Customer'] | undefined,
  order: string,
) => ({
  entryId: form.entryId,
  customer: { id: owner?.id ?? null, ...form.person },
  sheetId: sheet.id,
  sheetRevision: sheet.revision,
  battery: form.packLater ? null : batteryFrom(form.packs[0]!.battery),
  packName: form.packs[0]!.name,
  morePacks: measured({ ...form, packs: form.packs.slice(1) }),
  ...radio(form),
  addOns: form.addOns,
  transmitter: form.transmitter.name.trim() ? { ...form.transmitter, freeMemories: null } : null,
  promised: promised(form),
  receivedOn: receivedOn(form),
  shelf: form.shelf,
  balanceSchool: form.school,
  order,
  supplierId: form.supplier,
  options: form.options,
  carried: form.carried,
  carton: form.carton,
  cartonNote: form.cartonNote,
  observedAt: new Date().toISOString(),
  look: currentLook(),
});

/** What still stands between the form and taking the kit in. */
export const wanting = (form: Counter, owner: Schemas['Customer'] | undefined) =>
  !form.sheet
    ? 'no spec sheet is chosen'
    : !form.packLater && !batteryFull(form.packs[0]!.battery)
      ? "the first pack's numbers are missing"
      : !owner && !form.person.name.trim()
        ? 'the customer is missing'
        : undefined;
