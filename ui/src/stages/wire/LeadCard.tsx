import { useState } from 'react';
import { Jaws, verdictWords } from '../../shared/Jaws';
import { WithReason } from '../../shared/WithReason';
import type { Lead, Props, View } from './entries';
import { Bands, Plug } from './Plug';
import { Mended } from './Mended';

const OTHERWISE = [
  ['into', 'it is somewhere else'],
  ['serves', 'its wires lead elsewhere'],
  ['mended', 'cut, joined or opened up'],
] as const;

/** The lead in hand: what it is, where it goes in the largest figure, and what is looked at before it counts. */
export function LeadCard({
  job,
  lead,
  data,
  recorder,
}: {
  job: Props['job'];
  lead: Lead;
  data: View;
  recorder: Props['recorder'];
}) {
  const [other, setOther] = useState<(typeof OTHERWISE)[number][0]>();
  const device = data.devices.find((d) => d.sockets.some((s) => s.key === lead.into)) ?? data.devices.at(-1);
  const into = data.devices.flatMap((d) =>
    d.sockets
      .filter((s) => s.key)
      .map((s) => ({
        key: s.key,
        words: s.outlet
          ? `port ${s.outlet}${s.name ? `, ${s.name}` : ''}`
          : `${d.title}${s.print ? `, socket ${s.print}` : ''}, ${s.name}`,
      })),
  );
  const fault = lead.line?.standing === 'notMet' || lead.line?.standing === 'stale';
  return (
    <section aria-label="Lead in hand">
      <p className="text-[16px] text-pencil">
        {lead.plugged ? 'In already' : 'Next'}
        {lead.label && lead.label.toLowerCase() !== lead.name.toLowerCase() && `, labelled “${lead.label}”`}
      </p>
      <div className="flex items-end gap-3">
        <h2 className="min-w-0 flex-1 text-[28px] leading-tight font-bold">
          {lead.name}
          <span className="block text-[20px] font-normal">to {lead.to}</span>
        </h2>
        {lead.outlet && <span className="text-[72px] leading-[0.85] font-bold">{lead.outlet}</span>}
      </div>
      {fault && (
        <p className="mt-2 border-2 border-red px-3 py-2 text-[17px]">
          <strong className="text-red">{lead.line?.reading}</strong> {lead.line?.why}
        </p>
      )}
      <div className="mt-3 flex gap-4 border-y border-steel py-3">
        <Plug width={128} style={device?.plug} />
        <ul className="min-w-0 flex-1 text-[17px]">
          <li>
            <strong>Signal side:</strong> the {device?.plug?.signal ?? 'signal'} wire to the bar
            {device?.plug?.side && `, ${device.plug.side}`}.
          </li>
          {lead.follow ? (
            <li className="pt-1">
              <strong>Label proven:</strong> wiggled here, it moves at the {lead.name.toLowerCase()}.
              {lead.doubt && <span className="text-red"> Asked, because {lead.doubt}.</span>}
            </li>
          ) : (
            <li className="pt-1">
              <strong>Followed:</strong> from end to end, nothing else plugged between.
            </li>
          )}
          <li className="pt-1">
            {device?.plug?.keyed
              ? 'Keyed: its rib goes to the slot. Never force it.'
              : 'Home without force: nothing stops it the wrong way round but you.'}
          </li>
          {lead.band && (
            <li className="pt-1">
              The owner parts it: <Bands band={lead.band} /> on both plugs.
            </li>
          )}
          {lead.mended && <li className="pt-1">{lead.mended}, on the record.</li>}
        </ul>
      </div>
      {!job.released && (
        <div className="pt-1">
          {OTHERWISE.filter(([what]) => what !== 'serves' || lead.follow).map(([what, words]) => (
            <button
              type="button"
              key={what}
              className="mr-6 min-h-[44px] text-[15px] text-pencil underline"
              aria-expanded={other === what}
              onClick={() => setOther(other === what ? undefined : what)}
            >
              {words}
            </button>
          ))}
          <WithReason
            link="left off for now"
            label="Why it is left off, and till when"
            placeholder="why, and till when"
            act="Left off"
            busy={recorder.busy}
            onSay={(why) =>
              recorder.record('build/loop-opened', {
                kind: 'plugLeftOff',
                detail: `${lead.name}: ${why}`,
                function: lead.command,
              })
            }
          />
          {lead.plugged && (
            <WithReason
              link="pulled out again"
              label="Why it is pulled out"
              placeholder="why"
              act="Pulled"
              busy={recorder.busy}
              onSay={(why) => recorder.record('wire/pulled', { lead: lead.id, why })}
            />
          )}
        </div>
      )}
      {other === 'mended' && (
        <Mended
          busy={recorder.busy}
          onSay={async (what) => {
            if (await recorder.record('wire/mended', { lead: lead.id, ...what })) setOther(undefined);
          }}
        />
      )}
      {(other === 'into' || other === 'serves') && (
        <label className="block text-[14px] text-pencil">
          {other === 'into' ? 'it is in' : 'wiggled, it moves at'}
          <select
            className="field text-[18px] text-ink"
            value=""
            onChange={(e) => {
              const at = e.target.value;
              setOther(undefined);
              void recorder.record(
                'wire/plugged',
                other === 'into'
                  ? { lead: lead.id, into: at, signal: true }
                  : { lead: lead.id, into: lead.into, signal: true, serves: at },
              );
            }}
          >
            <option value="">choose</option>
            {(other === 'into' ? into : data.serves.map((s) => ({ key: s.id, words: s.name })))
              .filter((o) => o.key !== (other === 'into' ? lead.into : lead.id))
              .map((o) => (
                <option key={o.key} value={o.key}>
                  {o.words}
                </option>
              ))}
          </select>
        </label>
      )}
      {lead.line && !fault && lead.plugged && (
        <p className="flex items-center gap-3 pt-1 text-[16px]">
          <Jaws line={lead.line} />
          {verdictWords(lead.line)}
        </p>
      )}
    </section>
  );
}
