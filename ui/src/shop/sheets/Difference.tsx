import { useQuery } from '@tanstack/react-query';
import { answer, api } from '../../api/client';

/** Two revisions side by side: every place that reads otherwise, and the old outline dotted under the new. */
export function Difference({ id, before, after }: { id: string; before: number; after: number }) {
  const { data } = useQuery({
    queryKey: ['sheet', id, before, after],
    queryFn: async () =>
      answer(await api.GET('/api/sheets/{id}/{before}/against/{after}', { params: { path: { id, before, after } } })),
  });
  if (!data) return <p className="px-5 py-3">Comparing…</p>;
  const box = data.drawing;
  const px = Math.max(box.width / 300, box.height / 300);
  return (
    <section aria-label="What changed" className="flex items-start gap-6 border-t-2 border-ink px-5 py-4">
      <svg
        aria-hidden
        width="300"
        height="300"
        viewBox={`${box.left - 4 * px} ${box.top - 4 * px} ${box.width + 8 * px} ${box.height + 8 * px}`}
        className="shrink-0"
      >
        {data.drawing.parts.map((p) => (
          <path key={p.id} d={p.path} fill="var(--paper)" stroke="var(--ink)" strokeWidth={1.6 * px} />
        ))}
        {data.old.parts.map((p) => (
          <path
            key={p.id}
            d={p.path}
            fill="none"
            stroke="var(--red)"
            strokeWidth={1.4 * px}
            strokeDasharray={`${2 * px} ${4 * px}`}
          />
        ))}
      </svg>
      <table className="min-w-0 flex-1 text-left text-[16px]">
        <caption className="pb-2 text-left text-[19px] font-bold">
          {data.differences.length === 0
            ? 'Nothing reads otherwise.'
            : `${data.differences.length} ${data.differences.length === 1 ? 'place reads' : 'places read'} otherwise`}
        </caption>
        <thead>
          <tr className="text-[14px] text-pencil">
            <th className="font-normal">where</th>
            <th className="font-normal">revision {before}</th>
            <th className="font-normal">revision {after}</th>
          </tr>
        </thead>
        <tbody>
          {data.differences.map((d) => (
            <tr key={d.place} className="border-t border-steel align-top">
              <td className="py-1 pr-4">{d.place}</td>
              <td className="py-1 pr-4 text-pencil">{d.before || 'not there'}</td>
              <td className="py-1 font-bold">{d.after || 'gone'}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}
