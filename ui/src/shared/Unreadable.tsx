import type { Schemas } from '../api/client';

/** What a list holds and nobody can show: each by name, with the reason. The rest of the list stands below it. */
export function Unreadable({ of, what }: { of: readonly Schemas['UnreadableView'][] | undefined; what: string }) {
  if (!of || of.length === 0) return null;
  return (
    <section
      role="status"
      aria-label="Cannot be read"
      className="border-b-2 border-ink px-5 py-3 text-[17px] phone:px-3"
    >
      <ul>
        {of.map((u) => (
          <li key={u.id}>
            <strong className="text-red">
              {what} {u.id} cannot be read:
            </strong>{' '}
            {u.why} What was recorded of it is kept; tell the maintainer.
          </li>
        ))}
      </ul>
    </section>
  );
}
