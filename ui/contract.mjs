// Writes src/api/contract.ts: what the server's document says beyond the types of its schemas.
// node contract.mjs DOCUMENT TARGET
import { readFileSync, writeFileSync } from 'node:fs';

const [, , from, to] = process.argv;
const document = JSON.parse(readFileSync(from, 'utf8'));
const { schemas } = document.components;

/** Where numbers and quantities stand in a body that somebody typed, each as the names that lead there; 0 is any row. */
function typed(schema, path = []) {
  if (!schema) return [];
  if (schema.$ref) return typed(schemas[schema.$ref.slice('#/components/schemas/'.length)], path);
  if (schema.format === 'quantity' || is(schema, 'number') || is(schema, 'integer')) return [path];
  if (is(schema, 'array')) return typed(schema.items, [...path, 0]);
  return [schema.oneOf, schema.anyOf, schema.allOf]
    .flatMap((all) => all ?? [])
    .concat(Object.keys(schema.properties ?? {}).length > 0 ? [{ properties: schema.properties }] : [])
    .flatMap((part) =>
      part.properties
        ? Object.entries(part.properties).flatMap(([name, inner]) => typed(inner, [...path, name]))
        : typed(part, path),
    );
}

const is = (schema, type) => [schema.type].flat().includes(type);
const text = (value) => JSON.stringify(value).replaceAll('"', "'");
const rows = (all, row) => all.map((one) => `  ${row(one)},\n`).join('');
const POST = "'entryId' | 'observedAt' | 'expectedSeq' | 'look'";
const body = (e) =>
  e.schema.startsWith('Entry.') ? `Schemas['${e.schema}']` : `Omit<Schemas['${e.schema}'], ${POST}>`;

writeFileSync(
  to,
  `/** Written by ui/build-types from the server's document; not changed by hand. */
import type { components } from './schema';

type Schemas = components['schemas'];

/** What is said of each kind of entry, as its door takes it. */
export type Bodies = {
${rows(document['x-entries'], (e) => `'${e.type}': ${body(e)}`).replaceAll(',\n', ';\n')}};
export type EntryType = keyof Bodies;

type Facts = {
  /** Where it is posted. */
  door: '/api/jobs/{id}/entries' | '/api/jobs/{id}/release' | '/api/jobs/{id}/claims';
  /** On which screen it is recorded; null where on any. */
  stage: Schemas['Stage'] | null;
  /** Who may record it. */
  by: 'anybody' | 'bench' | 'lead';
  /** Whether it is decided on what is on the screen, and needs the server there and then. */
  decides: 'never' | 'always' | 'whenConnecting';
  /** Where what was typed stands in its body; 0 is any row of a list. */
  typed: readonly (readonly (string | 0)[])[];
};

export const ENTRIES: Readonly<Record<EntryType, Facts>> = {
${rows(
  document['x-entries'],
  (e) =>
    `'${e.type}': { door: '${e.door}', stage: ${text(e.stage)}, by: '${e.by}', decides: '${e.decides}', typed: ${text(e.schema.startsWith('Entry.') ? typed(schemas[e.schema]) : [])} }`,
)}};

/** The ten stages, in the order the work is done. */
export const STAGES = [
${rows(document['x-stages'], (s) => `{ stage: '${s.stage}', key: '${s.key}', title: ${text(s.title)} }`)}] as const;

/** What people read for the names in entries and views. */
export const WORDS = {
${rows(Object.entries(document['x-words']), ([name, words]) => `${name}: ${text(words)}`)}} as const;
`,
);
