import { Choice } from '../../shared/Choice';
import { WORDS } from '../../api/contract';
import { each } from '../../shared/words';
import { type CounterProps, promised, receivedOn } from './counter';
import { SupplierChoice } from './SupplierChoice';

/** Who the box came from and when, what it looks like, and the day that is promised. */
export function CounterBox({ form, put }: CounterProps) {
  return (
    <>
      <SupplierChoice label="supplier" value={form.supplier} canBeUnsaid onChoose={(supplier) => put({ supplier })} />
      <Choice
        label="carton"
        titled
        value={form.carton}
        of={each(WORDS.carton).map(([value, words]) => ({ value, words }))}
        onChoose={(carton) => put({ carton })}
        className="grid grid-cols-3 gap-2"
        button="button px-1 text-[15px]"
      />
      <label className="text-[14px] text-pencil">
        what is to be seen on it
        <input
          className="field text-[17px] text-ink"
          value={form.cartonNote}
          onChange={(e) => put({ cartonNote: e.target.value })}
        />
      </label>
      <div className="grid grid-cols-[1.4fr_1.4fr_0.8fr] gap-3">
        <label className="text-[14px] text-pencil">
          received
          <input
            className="field text-[16px] text-ink"
            type="date"
            value={receivedOn(form)}
            onChange={(e) => put({ receivedOn: e.target.value })}
          />
        </label>
        <label className="text-[14px] text-pencil">
          promised
          <input
            className="field text-[16px] text-ink"
            type="date"
            value={promised(form)}
            onChange={(e) => put({ promised: e.target.value })}
          />
        </label>
        <label className="text-[14px] text-pencil">
          shelf
          <input
            className="field text-[18px] text-ink"
            value={form.shelf}
            onChange={(e) => put({ shelf: e.target.value })}
          />
        </label>
      </div>
      <p className="text-[15px] text-pencil">Photograph the box on the next screen, before it is opened.</p>
    </>
  );
}
