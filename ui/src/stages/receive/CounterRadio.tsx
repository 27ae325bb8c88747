import { useShop } from '../../api/queries';
import { AddOnFields } from './AddOnFields';
import type { CounterProps } from './counter';
import { Later } from './Later';
import { ReceiverFields } from './ReceiverFields';

/** Receiver, transmitter with its memories, and what the owner wants aboard besides. */
export function CounterRadio({ form: { receiver, receiverLater, transmitter, addOns }, put }: CounterProps) {
  const { data: shop } = useShop();
  return (
    <>
      <Later
        on={receiverLater}
        onLater={(on) => put({ receiverLater: on })}
        words="the receiver is still to be bought"
      />
      {!receiverLater && (
        <ReceiverFields known={shop?.receivers ?? []} value={receiver} onChange={(to) => put({ receiver: to })} />
      )}
      <div className="grid grid-cols-3 gap-3">
        <label className="text-[14px] text-pencil">
          transmitter
          <input
            className="field text-[17px] text-ink"
            value={transmitter.name}
            onChange={(e) => put({ transmitter: { ...transmitter, name: e.target.value } })}
          />
        </label>
        <label className="text-[14px] text-pencil">
          model memories
          <input
            className="field text-[17px] text-ink"
            value={transmitter.memories}
            onChange={(e) => put({ transmitter: { ...transmitter, memories: e.target.value } })}
          />
        </label>
        <label className="text-[14px] text-pencil">
          it speaks
          <input
            className="field text-[17px] text-ink"
            placeholder="protocols, with commas"
            value={transmitter.protocol}
            onChange={(e) => put({ transmitter: { ...transmitter, protocol: e.target.value } })}
          />
        </label>
      </div>
      <h2 className="pt-1 text-[18px] font-bold">Add-ons of the owner</h2>
      {addOns.map((a) => (
        <p key={a.name} className="flex items-center justify-between border-b border-steel text-[16px]">
          {a.name}, {a.mass}
          {a.at && `, at ${a.at}`}
          <button
            type="button"
            className="min-h-[44px] underline"
            onClick={() => put({ addOns: addOns.filter((x) => x !== a) })}
          >
            take out
          </button>
        </p>
      ))}
      <AddOnFields onAdd={(a) => put({ addOns: [...addOns.filter((x) => x.name !== a.name), a] })} />
    </>
  );
}
