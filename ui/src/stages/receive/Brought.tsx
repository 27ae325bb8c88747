import { useState } from 'react';
import { Link } from 'react-router';
import type { Schemas } from '../../api/client';
import { useShop } from '../../api/queries';
import type { Recorder } from './entries';
import { Pictures } from '../../shared/Pictures';
import { daysLeft, day, dayAndClock } from '../../shared/time';
import { AddOnFields } from './AddOnFields';
import { AddOns } from './AddOns';
import { PackCells } from '../../shared/PackCells';
import { PromisedDay } from './PromisedDay';
import { NO_RECEIVER, ReceiverFields, receiverFrom } from './ReceiverFields';
import { SupplierChoice } from './SupplierChoice';
import { UsualChannels } from './UsualChannels';

const CARTONS: Schemas['Carton'][] = ['sound', 'scuffed', 'crushed', 'torn', 'wet'];

/** What came over the counter: owner, box, packs, radio, add-ons. */
export function Brought({
  job,
  data,
  recorder,
}: {
  job: Schemas['JobView'];
  data: Schemas['ReceiveView'];
  recorder: Recorder;
}) {
  const { data: shop } = useShop();
  const [receiver, setReceiver] = useState(NO_RECEIVER);
  const [transmitter, setTransmitter] = useState('');
  const [memories, setMemories] = useState('');
  const [protocol, setProtocol] = useState('');
  const [changing, setChanging] = useState(false);
  const closed = job.released;
  const flying = data.packs.filter((p) => p.flies > 0).length;
  const together = flying > 1 ? `${flying} together: ` : '';
  const facts: [string, string][] = [
    ['owner', `${data.customer}${data.contact ? `, ${data.contact}` : ''}`],
    ['spec sheet', `${data.sheet}, revision ${data.revision}`],
    [
      'flight pack',
      data.battery
        ? `${together}${data.battery.cells} cells, ${data.battery.capacity}, ${data.battery.mass}, ${data.battery.length} ×
        ${data.battery.width} × ${data.battery.height}`
        : 'still to be chosen',
    ],
    [
      'receiver',
      data.receiver
        ? `${data.receiver.name || 'typed in'}, ${data.receiver.channels} channels, ${data.receiver.ports} ports` +
          (data.receiver.protocol ? `, hears ${data.receiver.protocol}` : '')
        : data.receiverChannels > 0
          ? `${data.receiverChannels} channels`
          : 'still to be bought',
    ],
    [
      'transmitter',
      data.transmitter
        ? `${data.transmitter.name}${data.transmitter.protocol ? `, speaks ${data.transmitter.protocol}` : ''}` +
          (data.transmitter.memories ? `; memories: ${data.transmitter.memories}` : '')
        : 'not brought',
    ],
    ['promised', `${day(data.promised)}; balance in the ${data.balanceSchool}`],
    ['received', `${day(data.receivedOn)}, taken in ${dayAndClock(data.receivedAt)} by ${data.receivedBy}`],
    [
      'supplier',
      data.supplier
        ? `${data.supplier.name}, claims until ${day(data.claimUntil!)}` +
          (data.claimDaysLeft != null ? ` (${daysLeft(data.claimDaysLeft)})` : '')
        : 'not said',
    ],
    ['carton', `${data.cartonWords}${data.cartonNote ? `: ${data.cartonNote}` : ''}`],
  ];
  return (
    <>
      <dl className="grid grid-cols-[100px_1fr] gap-x-3 text-[16px]">
        {facts.map(([name, value]) => (
          <div key={name} className="contents">
            <dt className="border-b border-steel py-[6px] text-[15px] text-pencil">{name}</dt>
            <dd className="min-w-0 border-b border-steel py-[6px] break-words">
              <bdi>{value}</bdi>
            </dd>
          </div>
        ))}
      </dl>
      {data.notes && <p className="pt-1 text-[16px]">{data.notes}</p>}
      <PackCells packs={data.packs} recorder={recorder} closed={closed} />
      <UsualChannels channels={data.channels} recorder={recorder} closed={closed} />
      <AddOns addOns={data.addOns} recorder={recorder} closed={closed} />
      <h3 className="pt-3 pb-1 text-[18px] font-bold">Outside of the box</h3>
      {!closed && data.carton === 'notLooked' && (
        <div role="group" aria-label="Carton" className="flex flex-wrap gap-2 pb-2">
          {CARTONS.map((c) => (
            <button
              type="button"
              key={c}
              className="button px-3 text-[15px]"
              onClick={() => void recorder.record('receive/carton', { carton: c, note: '' })}
            >
              {c}
            </button>
          ))}
        </div>
      )}
      <Pictures
        photos={data.boxPhotos}
        label="the box"
        disabled={closed}
        onTaken={(hash) => recorder.record('receive/box-photo', { hash, note: '' })}
      />
      <h3 className="pt-3 text-[18px] font-bold">Order {data.order}</h3>
      {data.orderOthers.map((o) => (
        <p key={o.job} className="border-b border-steel py-1 text-[16px]">
          <Link className="underline" to={`/jobs/${o.job}/receive`}>
            {o.job}, {o.kit}
          </Link>{' '}
          <span className="text-pencil">{o.holds}</span>
        </p>
      ))}
      <Link
        className="inline-flex min-h-[44px] items-center underline"
        to={`/jobs/new?customer=${data.customerId}&order=${data.order}`}
      >
        another kit of this order
      </Link>
      {!closed && (
        <>
          <button
            type="button"
            className="button mt-1 w-full text-left"
            aria-expanded={changing}
            onClick={() => setChanging(!changing)}
          >
            Something else was brought, or changed
          </button>
          {changing && (
            <div className="flex flex-col gap-3 pt-3">
              <PromisedDay
                promised={data.promised}
                onPromise={(promised, reason) => recorder.record('receive/promised', { promised, reason })}
              />
              <SupplierChoice
                label="it came from"
                value={data.supplier?.id ?? ''}
                canBeUnsaid={!data.supplier}
                onChoose={(id) => {
                  const supplier = shop?.suppliers.find((x) => x.id === id);
                  if (supplier) void recorder.record('receive/supplier', { supplier: supplier.id, receivedOn: null });
                }}
              />
              <AddOnFields onAdd={(a) => recorder.record('receive/add-on', a)} />
              <div className="flex items-end gap-2">
                <label className="flex-1 text-[14px] text-pencil">
                  transmitter
                  <input
                    className="field text-ink"
                    value={transmitter}
                    onChange={(e) => setTransmitter(e.target.value)}
                  />
                </label>
                <label className="flex-1 text-[14px] text-pencil">
                  model memories
                  <input className="field text-ink" value={memories} onChange={(e) => setMemories(e.target.value)} />
                </label>
                <label className="flex-1 text-[14px] text-pencil">
                  it speaks
                  <input className="field text-ink" value={protocol} onChange={(e) => setProtocol(e.target.value)} />
                </label>
                <button
                  type="button"
                  className="button"
                  disabled={!transmitter.trim()}
                  onClick={() =>
                    void recorder.record('receive/transmitter', {
                      name: transmitter,
                      memories,
                      freeMemories: null,
                      ...(protocol.trim() && { protocol }),
                    })
                  }
                >
                  record
                </button>
              </div>
              <ReceiverFields known={shop?.receivers ?? []} value={receiver} onChange={setReceiver} />
              <button
                type="button"
                className="button"
                disabled={!receiver.channels.trim()}
                onClick={() =>
                  void recorder.record('receive/receiver', {
                    channels: Number(receiver.channels) || 0,
                    receiver: receiverFrom(receiver),
                  })
                }
              >
                it has this receiver now
              </button>
            </div>
          )}
        </>
      )}
    </>
  );
}
