import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { answer, api, refusalOf, type Refusal } from '../api/client';
import { refresh, useShop } from '../api/queries';
import { CatalogueForm } from './CatalogueForm';
import { FAMILIES, type Family, type Kind, kindOf, listOf, said, type Taken } from './catalogueKinds';

/** Receivers, boards, stabilisers and connectors that every job is offered: an open file, kept on a screen. */
export function Catalogue() {
  const { data } = useShop();
  const client = useQueryClient();
  const [open, setOpen] = useState<string>();
  const [words, setWords] = useState('');
  const [refusal, setRefusal] = useState<Refusal>();

  const send = async (request: () => Promise<unknown>, done: string) => {
    setRefusal(undefined);
    setWords('');
    try {
      await request();
      setWords(done);
      setOpen(undefined);
      await refresh(client, 'shop');
      return true;
    } catch (e) {
      setRefusal(refusalOf(e));
      return false;
    }
  };
  const take = (body: Taken, done: string) =>
    send(async () => answer(await api.POST('/api/shop/catalogue', { body })), done);
  const strike = (family: Family, name: string) =>
    send(
      async () =>
        answer(await api.DELETE('/api/shop/catalogue/{family}/{name}', { params: { path: { family, name } } })),
      `${name} is off the list`,
    );
  const file = async (of: File | undefined) => {
    if (!of) return;
    let body: Taken;
    try {
      body = JSON.parse(await of.text()) as Taken;
    } catch {
      setRefusal({ code: 'catalogue/file', message: `${of.name} is no JSON file.`, where: '' } as Refusal);
      return;
    }
    await take(body, `${of.name} taken in`);
  };
  if (!data) return null;
  const row = (family: Family, kind: Kind | undefined) => {
    const key = `${family}/${kind?.name ?? ''}`;
    return (
      <li key={key} className="border-b border-steel">
        <div className="flex min-h-[56px] items-center gap-4 px-5 py-1">
          <span className="min-w-0 flex-1">
            {kind ? (
              <>
                <strong className="block truncate text-[18px] leading-tight">{kind.name}</strong>
                <span className="text-[15px] text-pencil">{said(family, kind)}</span>
              </>
            ) : (
              <span className="text-[16px] text-pencil">{listOf(data, family).length === 0 && 'none listed yet'}</span>
            )}
          </span>
          <button
            type="button"
            className="button text-[15px]"
            aria-expanded={open === key}
            aria-label={kind ? `change ${kind.name}` : `add a ${family}`}
            onClick={() => {
              setRefusal(undefined);
              setOpen(open === key ? undefined : key);
            }}
          >
            {open === key ? 'leave it' : kind ? 'change' : `add a ${family}`}
          </button>
        </div>
        {open === key && (
          <CatalogueForm
            family={family}
            kind={kind}
            refusal={refusal}
            onTake={(k) => void take({ format: 'zygotome-catalogue/1', ...kindOf(family, k) }, `${k.name} is listed`)}
            onStrike={kind && (() => void strike(family, kind.name))}
          />
        )}
      </li>
    );
  };
  return (
    <section aria-label="Catalogue" className="border-t-2 border-ink pt-4">
      <div className="flex flex-wrap items-baseline justify-between gap-x-6 px-5">
        <h2 className="text-[20px] font-bold">Catalogue</h2>
        <p role="status" className="text-[16px] font-bold">
          {words}
        </p>
      </div>
      <p className="px-5 pb-3 text-[15px] text-pencil">
        What every job is offered, with port names, colours and keying. A job keeps a copy of what it was opened with.
      </p>
      <p className="flex flex-wrap gap-2 px-5 pb-3">
        <a className="button px-4 text-[16px]" href="/api/shop/catalogue" download>
          give it out as a file
        </a>
        <label className="button relative cursor-pointer px-4 text-[16px] has-focus-visible:outline-3">
          <input
            type="file"
            accept=".json,application/json"
            className="absolute inset-0 cursor-pointer opacity-0"
            onChange={(e) => {
              void file(e.target.files?.[0]);
              e.target.value = '';
            }}
          />
          take a file in
        </label>
      </p>
      {refusal && !open && (
        <p role="alert" className="px-5 pb-3 text-[16px] text-red">
          {refusal.message} {refusal.where && `(${refusal.where})`}
        </p>
      )}
      {FAMILIES.map(([family, title]) => (
        <section key={family} aria-label={title}>
          <h3 className="border-y border-steel bg-tape-wash px-5 py-1 text-[16px] font-bold">{title}</h3>
          <ul>
            {listOf(data, family).map((k) => row(family, k))}
            {row(family, undefined)}
          </ul>
        </section>
      ))}
    </section>
  );
}
