import type { Schemas } from '../../api/client';

type Draft = Schemas['DraftView'];
type Section = Schemas['SectionNow'];
type Rows = Schemas['RowsNow'];
type Field = Schemas['FieldNow'];

/** A draft as it is after a change: what reads otherwise put in its place, all else as it was. */
export function changed(draft: Draft, change: Schemas['DraftChange']): Draft {
  return {
    ...draft,
    version: change.version,
    name: change.name,
    by: change.by,
    changedAt: change.changedAt,
    assumed: change.assumed,
    doubts: change.doubts,
    nextRevision: change.nextRevision,
    mistakes: change.mistakes ?? draft.mistakes,
    answers: change.answers ?? draft.answers,
    drawing: change.drawn ? change.drawing : draft.drawing,
    dimensions: change.dimensions ?? draft.dimensions,
    names: change.names ?? draft.names,
    sections: draft.sections.map((s) =>
      section(
        s,
        change.sections.find((c) => c.key === s.key),
      ),
    ),
  };
}

function section(was: Section, change: Schemas['SectionChange'] | undefined): Section {
  if (!change) return was;
  if (change.whole) return change.whole;
  const now = new Map(change.fields.map((f) => [f.path, f]));
  const fields = (all: readonly Field[]) => all.map((f) => now.get(f.path) ?? f);
  const lists = (all: readonly Rows[]): Rows[] =>
    all.map((l) => ({ ...l, rows: l.rows.map((r) => ({ ...r, fields: fields(r.fields), lists: lists(r.lists) })) }));
  const { mistakes, doubts, assumed } = change;
  return { ...was, mistakes, doubts, assumed, fields: fields(was.fields), lists: lists(was.lists) };
}

/** The field at a path of the file; none where the table has none. */
export function fieldAt(draft: Draft, path: string): Field | undefined {
  const within = (lists: readonly Rows[]): Field[] =>
    lists.flatMap((l) => l.rows.flatMap((r) => [...r.fields, ...within(r.lists)]));
  return draft.sections.flatMap((s) => [...s.fields, ...within(s.lists)]).find((f) => f.path === path);
}
