import { Drawing, type Place } from '../../shared/Drawing';
import { useWide } from '../../shared/wide';
import type { Lead, Props, View } from './entries';
import { standsOf } from './entries';
import { Held } from './Held';

/** The aircraft from above with every lead on its way, and under it receiver and board as they are held. */
export function WireMat({
  job,
  data,
  next,
  aerial,
}: {
  job: Props['job'];
  data: View;
  next: Lead | undefined;
  aerial: boolean;
}) {
  const wide = useWide();
  const rows = Math.max(1, ...data.devices.map((d) => d.sockets.length));
  const held = wide ? Math.min(304, 90 + rows * 22) : 0;
  const without = new Set(data.leads.filter((l) => l.lost).flatMap((l) => l.parts));
  return (
    <>
      <Drawing
        drawing={job.drawing}
        mode="plain"
        foot={wide ? 'nose up' : 'nose up, seen from above'}
        pad={{ top: 70, bottom: held + 26, left: 40, right: 40 }}
        over={(px) => (
          <>
            {job.drawing.parts
              .filter((p) => without.has(p.id))
              .map((p) => (
                <path key={p.id} d={p.path} fill="url(#hatch)" stroke="var(--red-mat)" strokeWidth={2.5 * px} />
              ))}
            {[...data.leads.filter((l) => l.id !== next?.id), ...(next ? [next] : [])]
              .filter((l) => l.way)
              .map((l) => (
                <Way key={l.id} lead={l} lit={l.id === next?.id} px={px} />
              ))}
            {data.aerial?.ends.map((way) => (
              <g key={way} fill="none" strokeLinecap="round">
                <path d={way} stroke="var(--mat)" strokeWidth={(aerial ? 9 : 6) * px} />
                <path
                  d={way}
                  stroke="var(--line)"
                  strokeWidth={(aerial ? 4 : 2) * px}
                  strokeDasharray={`${1.5 * px} ${5 * px}`}
                />
              </g>
            ))}
          </>
        )}
        tags={(place) => (
          <>
            {next && <Ends lead={next} place={place} />}
            {aerial && data.aerial && <AerialNote words={data.aerial.words} />}
          </>
        )}
      />
      {wide && <Held data={data} next={next} height={held} />}
    </>
  );
}

/** One lead, with the mat showing beside it where it crosses another. */
function Way({ lead, lit, px }: { lead: Lead; lit: boolean; px: number }) {
  const stands = standsOf(lead);
  const shape = { d: lead.way, fill: 'none', strokeLinejoin: 'round' as const };
  return (
    <g>
      <path {...shape} stroke="var(--mat)" strokeWidth={(lit ? 11 : 5) * px} />
      {lit ? (
        <>
          <path {...shape} stroke="var(--line)" strokeWidth={8 * px} />
          <path {...shape} stroke={stands === 'fault' ? 'var(--red-mat)' : 'var(--tape)'} strokeWidth={4.5 * px} />
        </>
      ) : stands === 'fault' ? (
        <path {...shape} stroke="var(--red-mat)" strokeWidth={3 * px} strokeDasharray={`${6 * px} ${4 * px}`} />
      ) : (
        <path
          {...shape}
          stroke={stands === 'in' ? 'var(--line)' : 'var(--quiet)'}
          strokeWidth={(stands === 'in' ? 2 : 1.1) * px}
          opacity={stands === 'in' ? 1 : 0.75}
        />
      )}
      {lead.joint && (
        <g stroke="var(--line)" fill="var(--mat)" strokeWidth={1.5 * px}>
          <rect x={lead.joint.across - 6 * px} y={lead.joint.down - 4.5 * px} width={6 * px} height={9 * px} />
          <rect x={lead.joint.across} y={lead.joint.down - 4.5 * px} width={6 * px} height={9 * px} />
        </g>
      )}
      <circle
        cx={lead.from.across}
        cy={lead.from.down}
        r={(lit ? 6 : 3.5) * px}
        fill={lit ? 'var(--tape)' : 'var(--mat)'}
        stroke={stands === 'fault' ? 'var(--red-mat)' : 'var(--line)'}
        strokeWidth={1.6 * px}
      />
    </g>
  );
}

/** What the dotted line from the receiver is, while its ends are asked for. */
function AerialNote({ words }: { words: string }) {
  return (
    <p
      aria-hidden
      className="absolute top-3 right-3 max-w-[260px] border-2 border-ink bg-paper px-3 py-2 text-[14px] text-ink phone:hidden"
    >
      <strong>Aerial, dotted.</strong> {words}
    </p>
  );
}

/** What the lit lead runs between: a number at each end, and what it is beside. */
function Ends({ lead, place }: { lead: Lead; place: Place }) {
  const boxes = [
    { n: 1, kind: 'from', words: lead.name, at: lead.from },
    { n: 2, kind: 'into', words: lead.to, at: lead.end },
  ];
  const [width, height, right] = [236, 44, 12];
  return (
    <div className="phone:hidden">
      {boxes.map((b, i) => (
        <p
          key={b.n}
          aria-hidden
          className="absolute flex items-stretch border-2 border-ink bg-paper text-ink"
          style={{ right, width, height, top: 12 + i * (height + 6) }}
        >
          <strong className="flex w-8 items-center justify-center bg-tape text-[18px] text-[#14211e]">{b.n}</strong>
          <span className="min-w-0 flex-1 px-2 text-[13px] leading-tight">
            <span className="text-pencil">{b.kind}</span>
            <strong className="block truncate text-[15px]">{b.words}</strong>
          </span>
        </p>
      ))}
      {boxes.map((b) => (
        <strong
          key={b.n}
          aria-hidden
          className="absolute -translate-x-1/2 -translate-y-1/2 border-2 border-ink bg-tape px-[5px] text-[15px]
            leading-tight text-[#14211e]"
          style={{ left: place.x(b.at.across) + (b.n === 1 ? 0 : 22), top: place.y(b.at.down) - 18 }}
        >
          {b.n}
        </strong>
      ))}
    </div>
  );
}
