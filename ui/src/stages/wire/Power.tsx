import { useShop } from '../../api/queries';
import { Jaws, verdictWords } from '../../shared/Jaws';
import type { Props, View } from './entries';

const SUITS = new Map<boolean | undefined, string>([
  [true, 'suits'],
  [false, 'does not suit'],
  [undefined, 'not known'],
]);

/** Pack, connector, controllers, propellers and regulator against each other, in the order the current takes. */
export function Power({ job, data, recorder }: { job: Props['job']; data: View; recorder: Props['recorder'] }) {
  const { data: shop } = useShop();
  return (
    <>
      <h3 className="flex gap-3 border-b-2 border-ink pb-1 text-[14px] text-pencil">
        <span className="min-w-0 flex-1">in the order the current takes</span>
        <span>it is</span>
        <span className="w-[92px] text-right">it may be</span>
      </h3>
      <ul aria-label="Power on paper" data-region="list">
        {data.power.map((p) => (
          <li key={p.what} className="border-b border-steel py-[7px]">
            <p className="flex items-baseline gap-3 text-[17px]">
              <strong className="min-w-0 flex-1 leading-tight">{p.what}</strong>
              <strong className="whitespace-nowrap">{p.figure || 'not known'}</strong>
              <span className="w-[92px] text-right">{p.limit || 'not said'}</span>
            </p>
            <p className="flex items-baseline gap-3 text-[14px] text-pencil">
              <span className="min-w-0 flex-1">{p.why}</span>
              <span className={p.suits === false ? 'text-[16px] font-bold text-red' : p.suits ? 'text-ink' : ''}>
                {SUITS.get(p.suits ?? undefined)}
              </span>
            </p>
          </li>
        ))}
      </ul>
      {data.connectorLine && (
        <div className="flex items-center gap-3 pt-2 text-[16px]">
          <Jaws line={data.connectorLine} />
          <strong>{verdictWords(data.connectorLine)}</strong>
          <span className="min-w-0 flex-1">{data.connectorLine.why}</span>
        </div>
      )}
      {!job.released && shop && shop.connectors.length > 0 && (
        <section aria-label="Connector" className="py-4">
          <h3 className="pb-1 text-[14px] text-pencil">between pack and controller, from the shop’s catalogue</h3>
          <div className="flex flex-wrap gap-2">
            {shop.connectors.map((c) => (
              <button
                type="button"
                key={c.name}
                className="button px-3 text-[15px]"
                aria-pressed={c.name === data.connector}
                disabled={recorder.busy}
                onClick={() => void recorder.record('wire/connector', { kind: c.name })}
              >
                {c.name}, {c.amps} A
              </button>
            ))}
          </div>
        </section>
      )}
    </>
  );
}
