import { useQuery } from '@tanstack/react-query';
import { answer, api } from '../api/client';

const TITLES: Record<string, string> = { radio: 'In the radio', aircraft: 'In the aircraft' };

/**
 * What stays set in aircraft and radio, as last said: what was shown rests on it, and is asked for again when it is set
 * otherwise.
 */
export function SettingsList({ job, first }: { job: { id: string; seq: number }; first: 'radio' | 'aircraft' }) {
  const { data } = useQuery({
    queryKey: ['job', job.id, 'settings', job.seq],
    placeholderData: (before) => before,
    queryFn: async () => answer(await api.GET('/api/jobs/{id}/settings', { params: { path: { id: job.id } } })),
  });
  const groups = first === 'radio' ? ['radio', 'aircraft'] : ['aircraft', 'radio'];
  return (
    <section aria-label="Settings" className="py-4">
      <h3 className="text-[18px] font-bold">Set, as last said</h3>
      <p className="text-[14px] text-pencil">What was shown rests on these. Set otherwise, it is shown again.</p>
      {groups.map((group) => {
        const of = data?.settings.filter((s) => s.group === group) ?? [];
        if (of.length === 0) return null;
        return (
          <div key={group}>
            <h4 className="border-b border-steel pt-2 text-[15px] text-pencil">{TITLES[group]}</h4>
            <dl>
              {of.map((s) => (
                <div
                  key={s.id}
                  className="flex items-baseline gap-3 border-b border-steel py-1 text-[16px] leading-tight"
                >
                  <dt className="min-w-0 flex-1">{s.name}</dt>
                  <dd className="max-w-[60%] text-right">
                    <strong>{s.value}</strong> <span className="text-[13px] text-pencil">{s.by}</span>
                  </dd>
                </div>
              ))}
            </dl>
          </div>
        );
      })}
    </section>
  );
}
