import type { Schemas } from '../../api/client';
import { useShop } from '../../api/queries';
import { Jaws, verdictWords } from '../../shared/Jaws';
import type { Props, View } from './entries';

const BY: Partial<Record<Schemas['RemedyKind'], Schemas['Entry.ServoTurned']['by']>> = {
  armSide: 'armSide',
  inLineReverser: 'inLineReverser',
  reversedServo: 'reversedServo',
};

/** Ranked port maps, each plug with its port, and what may never share a lead with its ways out. */
export function PortMap({ job, data, recorder }: { job: Props['job']; data: View; recorder: Props['recorder'] }) {
  const lay = (plugs: readonly { id: string; port: number }[]) =>
    recorder.record('wire/map-laid', { plugs: plugs.map((p) => ({ plug: p.id, port: p.port })) });
  const ports = data.devices.at(-1)?.sockets ?? [];
  const { data: shop } = useShop();
  if (!data.known)
    return (
      <p className="text-[19px]">
        Which receiver it gets is not known yet. Say it at Receive: the port map is of its ports.
      </p>
    );
  return (
    <>
      {data.ports && (
        <div className="flex items-center gap-3 text-[18px]">
          <Jaws line={data.ports} />
          <strong>{verdictWords(data.ports)}</strong>
          <span className="min-w-0 flex-1 text-[16px]">
            {data.ports.standing === 'met' && `${data.ports.reading}. `}
            {data.ports.why}
          </span>
        </div>
      )}
      {data.gains.length > 0 && (
        <ol aria-label="Ways to gain a port" className="list-decimal pt-2 pl-6 text-[17px]">
          {data.gains.map((g) => (
            <li key={g}>{g}</li>
          ))}
        </ol>
      )}
      <p className="flex flex-wrap gap-2 pt-3">
        <a
          className="button px-4 text-[16px]"
          href={`/api/jobs/${job.id}/wire/labels.pdf`}
          target="_blank"
          rel="noreferrer"
        >
          print labels
        </a>
        <a
          className="button px-4 text-[16px]"
          href={`/api/jobs/${job.id}/wire/port-map.pdf`}
          target="_blank"
          rel="noreferrer"
        >
          print the card for the hatch
        </a>
      </p>
      {data.devices
        .filter((d) => d.id !== 'receiver')
        .map((d) => (
          <section key={d.id} aria-label={`Kind of ${d.id}`} className="pt-3">
            <h3 className="text-[14px] text-pencil">
              {d.kind ? `the ${d.id}` : `which ${d.id} is it?`}
              {d.printed && ` by the sheet: “${d.printed}”`}
            </h3>
            <div className="flex flex-wrap gap-2 pt-1">
              {(d.id === 'stabiliser' ? shop?.stabilisers : shop?.boards)?.map((k) => (
                <button
                  type="button"
                  key={k.name}
                  className="button px-3 text-[15px]"
                  aria-pressed={k.name === d.kind}
                  disabled={recorder.busy || job.released}
                  onClick={() => void recorder.record('wire/device', { of: d.id, kind: k.name })}
                >
                  {k.name}
                </button>
              ))}
            </div>
            {d.line?.standing === 'notMet' && <p className="pt-1 text-[16px] text-red">{d.line.why}</p>}
          </section>
        ))}
      <section aria-label="Plugs and ports" data-region="list" className="pt-3">
        <h3 className="border-b border-steel text-[18px] font-bold">
          {data.laid ? 'As laid' : 'The best there is'},{' '}
          {data.freePorts === 0 ? 'no port free' : `${data.freePorts} free`}
        </h3>
        {data.plugs.map((p) => (
          <label key={p.id} className="flex min-h-[48px] items-center gap-3 border-b border-steel text-[17px]">
            <span className="min-w-0 flex-1">{p.name}</span>
            <select
              className="field w-[190px] text-[17px]"
              value={p.port}
              disabled={job.released || recorder.busy}
              onChange={(e) =>
                void lay(data.plugs.map((q) => (q.id === p.id ? { ...q, port: Number(e.target.value) } : q)))
              }
            >
              {p.port === 0 && <option value={0}>without a port</option>}
              {ports.map((s) => (
                <option key={s.key} value={s.outlet}>
                  port {s.outlet}
                  {s.print && s.print !== s.outlet ? ` ${s.print}` : ''}
                  {s.name ? `, ${s.name}` : s.binds ? ', for binding' : ', free'}
                </option>
              ))}
            </select>
          </label>
        ))}
      </section>
      {data.mixes.map((m) => (
        <p key={m} className="pt-1 text-[16px]">
          {m}
        </p>
      ))}
      {data.departures.map((d) => (
        <p key={d} className="pt-1 text-[16px] text-pencil">
          {d}
        </p>
      ))}
      {data.apart.map((a) => (
        <section
          key={a.of.join()}
          aria-label={`${a.words}, apart`}
          className={`mt-4 border-2 px-3 py-2 ${a.shared ? 'border-red' : 'border-ink'}`}
        >
          <h3 className={`text-[18px] font-bold ${a.shared ? 'text-red' : ''}`}>
            {a.words}: {a.shared ? 'one goes the other way' : 'not on one Y-lead'}
          </h3>
          <p className="text-[16px]">{a.why}</p>
          {a.remedies.map((r, i) => (
            <div key={r.kind} className="flex min-h-[52px] items-center gap-3 border-t border-steel text-[16px]">
              <span className="w-4 text-[20px] font-bold">{i + 1}</span>
              <span className="min-w-0 flex-1">
                {r.words}
                <span className="block text-[14px] text-pencil">{r.cost}</span>
              </span>
              {!job.released && (
                <button
                  type="button"
                  className="button"
                  disabled={recorder.busy}
                  onClick={() =>
                    void (r.kind === 'ownChannel'
                      ? recorder.record('wire/map-laid', { plugs: [...r.map] })
                      : recorder.record('wire/turned', { servo: r.of, by: BY[r.kind]! }))
                  }
                >
                  {r.kind === 'ownChannel' ? 'lay so' : 'done so'}
                </button>
              )}
            </div>
          ))}
        </section>
      ))}
      <section aria-label="Other port maps" className="py-4">
        <h3 className="border-b border-steel text-[18px] font-bold">Port maps, best first</h3>
        {data.maps.map((m, i) => (
          <div
            key={`${m.words}${i}`}
            className="flex min-h-[52px] items-center gap-3 border-b border-steel text-[16px]"
          >
            <span className="w-4 text-[20px] font-bold">{i + 1}</span>
            <span className="min-w-0 flex-1">
              {m.words}
              <span className="block text-[14px] text-pencil">{m.why}</span>
            </span>
            {m.counts ? (
              <strong>counts</strong>
            ) : (
              !job.released && (
                <button type="button" className="button" disabled={recorder.busy} onClick={() => void lay(m.plugs)}>
                  lay it
                </button>
              )
            )}
          </div>
        ))}
      </section>
    </>
  );
}
