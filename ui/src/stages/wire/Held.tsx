import type { Lead, View } from './entries';
import { standsOf } from './entries';

// A wire has its colour whatever the room: white, between, black.
const WIRES = ['#fdfcf7', '#a3a8a0', '#14211e'];

/** A plug from its signal side: three wires, three contacts, and the bar that the signal goes to. */
export function Plug({ width = 128 }: { width?: number }) {
  return (
    <svg aria-hidden width={width} height={width * 0.86} viewBox="0 0 128 110" className="shrink-0">
      {[
        ['signal', 24, WIRES[0]],
        ['+', 64, WIRES[1]],
        ['−', 104, WIRES[2]],
      ].map(([word, x, fill]) => (
        <g key={word as string}>
          <text x={x as number} y={12} fontSize={14} textAnchor="middle" fill="var(--ink)">
            {word}
          </text>
          <rect x={(x as number) - 5} y={18} width={10} height={18} fill={fill as string} stroke="var(--ink)" />
        </g>
      ))}
      <rect x={4} y={36} width={120} height={34} fill="var(--tape)" stroke="var(--ink)" strokeWidth={2.5} />
      {[24, 64, 104].map((x, i) => (
        <rect key={x} x={x - 9} y={44} width={18} height={18} fill={WIRES[i]} stroke="#14211e" strokeWidth={1.5} />
      ))}
      <rect x={4} y={84} width={120} height={22} fill="none" stroke="var(--ink)" strokeWidth={2.5} />
      <rect x={7} y={87} width={7} height={16} fill="var(--ink)" />
      {[24, 64, 104].map((x) => (
        <g key={x} stroke="var(--ink)">
          <path d={`M${x} 70V84`} strokeDasharray="3 3" />
          <rect x={x - 4} y={90} width={8} height={10} fill="var(--ink)" />
        </g>
      ))}
    </svg>
  );
}

/** Receiver, board and stabiliser as they are held, every socket with what goes into it. */
export function Held({ data, next, height }: { data: View; next: Lead | undefined; height: number }) {
  return (
    <div
      aria-hidden
      className="absolute inset-x-0 bottom-0 flex justify-center gap-8 border-t-2 border-ink bg-mat px-4 pt-2 pb-8 phone:hidden"
      style={{ height }}
    >
      {data.devices.map((d) => (
        <Device key={d.id} device={d} leads={data.leads} next={next} room={height - 72} />
      ))}
    </div>
  );
}

function Device({
  device,
  leads,
  next,
  room,
}: {
  device: View['devices'][number];
  leads: readonly Lead[];
  next: Lead | undefined;
  room: number;
}) {
  const row = Math.min(22, Math.floor(room / Math.max(1, device.sockets.length)));
  return (
    <div className="min-w-0">
      <p className="truncate text-[15px] text-line">
        <strong>{device.title}</strong> <span className="text-quiet">held {device.held}</span>
      </p>
      <div className="border-2 border-line bg-paper">
        {device.sockets.map((s, i) => {
          const lead = leads.find((l) => l.id === s.lead);
          const lit = !!lead && lead.id === next?.id;
          const stands = lead ? standsOf(lead) : 'free';
          return (
            <div
              key={`${s.key}${i}`}
              className={`flex items-center gap-2 px-2 text-[13px] leading-none ${lit ? 'bg-tape text-[#14211e]' : ''}`}
              style={{ height: row }}
            >
              {s.outlet && <strong className="w-4 text-right text-[15px]">{s.outlet}</strong>}
              <span className={`truncate ${s.outlet ? 'w-[92px]' : 'w-[140px]'}`}>{s.name || 'free'}</span>
              <svg aria-hidden width={44} height={14} viewBox="0 0 44 14" className="shrink-0">
                <path d="M3 1V13" stroke="currentColor" strokeWidth={3} />
                {[12, 23, 34].map((x) =>
                  stands === 'in' || lit ? (
                    <rect key={x} x={x - 4} y={2} width={8} height={10} fill="currentColor" />
                  ) : (
                    <circle
                      key={x}
                      cx={x}
                      cy={7}
                      r={2.2}
                      fill={stands === 'fault' ? 'var(--red)' : 'none'}
                      stroke={stands === 'fault' ? 'var(--red)' : 'currentColor'}
                    />
                  ),
                )}
              </svg>
              {s.outlet && (
                <span
                  className={`w-[160px] truncate ${stands === 'fault' ? 'text-red' : ''} ${lit ? 'font-bold' : ''}`}
                >
                  {s.leadName}
                </span>
              )}
            </div>
          );
        })}
      </div>
    </div>
  );
}
