import type { Schemas } from '../../api/client';
import { PackCells } from '../../shared/PackCells';
import type { Props } from './entries';

/** Before the first power: the volts of every cell; then in what order this kit comes under power. */
export function Power({
  job,
  data,
  recorder,
}: {
  job: Props['job'];
  data: Schemas['BindView'];
  recorder: Props['recorder'];
}) {
  const { packs, notMeasured, wasConnected } = data.ready;
  const { order, orderStated } = job.lamps;
  return (
    <section aria-label="Before the first power">
      <h2 className="text-[25px] leading-tight font-bold">
        {wasConnected ? 'It was under power' : notMeasured ? 'Measure its cells first' : 'Ready for its first power'}
      </h2>
      {notMeasured && (
        <p className="pt-1 text-[17px]">
          Before its first power the volts of every cell: {notMeasured}. A low, swollen or unequal pack stays off.
        </p>
      )}
      <PackCells packs={packs} recorder={recorder} closed={job.released} />
      <h3 className="pt-4 text-[18px] font-bold">In this order{orderStated ? ', as its sheet says' : ''}</h3>
      <ol aria-label="Power order" className="list-decimal pl-7 text-[19px] leading-relaxed">
        {job.lamps.lamps.some((l) => l.part) && <li>every motor isolated: propeller off, or its wires</li>}
        {order.map((o) => (
          <li key={o}>{o}</li>
        ))}
      </ol>
      <p className="pt-1 text-[15px] text-pencil">Off the other way round: pack first, transmitter last.</p>
    </section>
  );
}
