import { useState } from 'react';
import type { Schemas } from '../../api/client';
import { useCustomers } from '../../api/queries';
import { Chooser } from './Chooser';
import { CounterAsks } from './CounterAsks';
import type { CounterProps } from './counter';

type Props = CounterProps & {
  sheets: readonly Schemas['SheetCard'][];
  onFindSheet: (words: string) => void;
  owner: Schemas['Customer'] | undefined;
};

/** Which kit it is, and whose. */
export function CounterKit({ form, put, sheets, onFindSheet, owner }: Props) {
  const { sheet } = form;
  const [findOwner, setFindOwner] = useState('');
  const { data: owners } = useCustomers(findOwner);
  const person = (field: keyof typeof form.person, title: string, className = '') => (
    <label className={`text-[14px] text-pencil ${className}`}>
      {title}
      <input
        className="field text-[18px] text-ink"
        value={form.person[field]}
        onChange={(e) => put({ person: { ...form.person, [field]: e.target.value } })}
      />
    </label>
  );
  return (
    <>
      <Chooser
        label="spec sheet"
        find="Find a sheet"
        onFind={onFindSheet}
        chosen={sheet && { key: sheet.hash, title: sheet.name, note: `revision ${sheet.revision}` }}
        choices={sheets.map((s) => ({ key: s.hash, title: s.name, note: `${s.class}, revision ${s.revision}` }))}
        onChoose={(hash) => put({ sheet: sheets.find((s) => s.hash === hash), options: {} })}
      />
      <Chooser
        label="customer"
        find="Find by name, contact or notes"
        none="A new customer"
        onFind={setFindOwner}
        chosen={
          owner
            ? { key: owner.id, title: owner.name, note: owner.contact }
            : form.newOwner
              ? { key: '', title: 'A new customer', note: '' }
              : undefined
        }
        choices={(owners ?? []).map((c) => ({
          key: c.id,
          title: c.name,
          note: [c.contact, c.notes].filter(Boolean).join('; '),
        }))}
        onChoose={(key) => put({ newOwner: !key, owner: owners?.find((c) => c.id === key) })}
      />
      {!owner && (
        <div className="grid grid-cols-2 gap-3">
          {person('name', 'name')}
          {person('contact', 'contact')}
          {person('notes', 'notes', 'col-span-2')}
        </div>
      )}
      {owner?.notes && <p className="text-[16px]">{owner.notes}</p>}
      <CounterAsks form={form} put={put} />
    </>
  );
}
