import type { Refusal, Schemas } from '../../api/client';

/** What a field does to the sheet it stands in; the refusal where it was not done. */
export type EditTools = {
  edit: (edits: Partial<Schemas['SheetEdit']>[]) => Promise<Refusal | undefined>;
  say: (flag: string, reply: Schemas['FlagAnswer'], text?: string) => Promise<Refusal | undefined>;
  answers: ReadonlyMap<string, Schemas['AnswerView']>;
};
