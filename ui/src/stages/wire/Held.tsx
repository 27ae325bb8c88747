import type { Lead, View } from './entries';
import { standsOf } from './entries';
import { Pins } from './Plug';

/** Receiver, board and stabiliser as they are held, every socket with what goes into it. */
export function Held({ data, next, height }: { data: View; next: Lead | undefined; height: number }) {
  return (
    <div
      aria-hidden
      className="absolute inset-x-0 bottom-0 flex justify-center gap-8 border-t-2 border-ink bg-mat px-4 pt-2 pb-8 phone:hidden"
      style={{ height }}
    >
      {data.devices.map((d) => (
        <Device key={d.id} device={d} leads={data.leads} next={next} room={height - 84} />
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
  const longest = Math.max(0, ...device.sockets.map((s) => (s.print === s.outlet ? 0 : s.print.length)));
  const named = longest > 5 ? 'w-[104px]' : longest > 2 ? 'w-[64px]' : 'w-[24px]';
  const row = Math.min(22, Math.floor(room / Math.max(1, device.sockets.length)));
  return (
    <div className="min-w-0">
      <p className="truncate text-[15px] leading-tight font-bold text-line">{device.title}</p>
      <p className="truncate pb-[2px] text-[13px] leading-tight text-quiet">held {device.held}</p>
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
              {(s.outlet || s.print) && (
                <strong className={`${named} truncate text-[14px]`}>
                  {s.outlet} {s.print !== s.outlet && s.print}
                </strong>
              )}
              <Pins style={device.plug} full={stands === 'in' || lit} fault={stands === 'fault'} />
              <span className={`w-[164px] truncate ${stands === 'fault' ? 'text-red' : ''} ${lit ? 'font-bold' : ''}`}>
                {s.leadName || (s.binds ? 'free, for binding' : 'free')}
              </span>
            </div>
          );
        })}
      </div>
    </div>
  );
}
