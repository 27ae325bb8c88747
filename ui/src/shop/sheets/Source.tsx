import { EditorField } from './EditorField';
import type { EditTools, Field } from './editTools';

/** Whether a field says from which paper its page's numbers are. */
export const isOfSource = (f: Field) => f.path.startsWith('$.sources.');

/** From which paper a page's numbers are: one line, folded while it is the manual. */
export function Source({ fields, tools }: { fields: readonly Field[]; tools: EditTools }) {
  const words = fields.map((f) => f.text).filter(Boolean);
  if (fields.length === 0) return null;
  return (
    <details data-source className="mt-2 border-t border-steel">
      <summary className="flex min-h-[44px] cursor-pointer items-center gap-2 text-[15px] text-pencil">
        These numbers are from{' '}
        <strong className="text-ink">{words.length > 0 ? words.join(', ') : 'the manual'}</strong>
      </summary>
      {fields.map((f) => (
        <EditorField key={f.path} field={f} tools={tools} />
      ))}
    </details>
  );
}
