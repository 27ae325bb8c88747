import { useQueryClient } from '@tanstack/react-query';
import { type FormEvent, useState } from 'react';
import { useNavigate } from 'react-router';
import { answer, api, refusalOf, type Refusal } from '../api/client';
import { newLook } from '../api/look';
import { PinField } from '../shared/PinField';

const ZONES = Intl.supportedValuesOf('timeZone');

/** A shop with nobody in it: whoever reads the code on the console of the machine makes it, and is its first lead. */
export function FirstStart() {
  const client = useQueryClient();
  const navigate = useNavigate();
  const [form, setForm] = useState({
    code: '',
    shop: '',
    timeZone: Intl.DateTimeFormat().resolvedOptions().timeZone,
    name: '',
    pin: '',
  });
  const [again, setAgain] = useState('');
  const [refusal, setRefusal] = useState<Refusal>();
  const put = (name: keyof typeof form) => (value: string) => setForm({ ...form, [name]: value });
  const differ = again.length > 0 && again !== form.pin;
  const full = form.code && form.shop && form.name && form.pin && again === form.pin;

  const begin = async (e: FormEvent) => {
    e.preventDefault();
    setRefusal(undefined);
    try {
      answer(await api.POST('/api/first-start', { body: form }));
      newLook();
      await client.resetQueries();
      void navigate('/shop', { replace: true });
    } catch (error) {
      setRefusal(refusalOf(error));
    }
  };
  const field = (name: 'code' | 'shop' | 'timeZone' | 'name', title: string, more = '') => (
    <label className="block text-[14px] text-pencil">
      {title}
      <input
        className={`field text-[20px] text-ink ${more}`}
        value={form[name]}
        onChange={(e) => put(name)(e.target.value)}
        aria-invalid={refusal?.where === name}
        autoComplete="off"
        list={name === 'timeZone' ? 'zones' : undefined}
      />
    </label>
  );

  return (
    <main className="mat-grid flex min-h-full flex-col items-center justify-center gap-6 bg-mat p-6 text-line phone:p-2">
      <div className="text-center">
        <h1 className="text-[40px] leading-tight font-bold">Zygotome</h1>
        <p className="text-[18px] text-quiet">A new shop: nobody works here yet.</p>
      </div>
      <form onSubmit={(e) => void begin(e)} className="w-full max-w-[760px] border-2 border-ink bg-paper text-ink">
        <div className="grid grid-cols-[230px_1fr] items-end gap-5 border-b-2 border-ink bg-tape-wash p-5 phone:grid-cols-1">
          {field('code', 'code on the console', 'tracking-[0.12em] uppercase')}
          <p className="text-[16px]">
            Printed where the server was started, new each time. It shows that you stand at that machine.
          </p>
        </div>
        <div className="grid grid-cols-2 gap-x-6 gap-y-4 p-5 phone:grid-cols-1">
          {field('shop', 'the shop, as it stands on records')}
          {field('timeZone', 'time zone of its days')}
          {field('name', 'your name, as it stands beside what you record')}
          <p className="self-end text-[15px] text-pencil">
            You are its first lead. Others come on the Shop screen; while you are alone, what needs a second person is
            marked as self-inspected.
          </p>
          <PinField
            label="your PIN: four to eight digits"
            value={form.pin}
            onChange={put('pin')}
            fresh
            invalid={refusal?.where === 'pin'}
          />
          <PinField label="the same again" value={again} onChange={setAgain} fresh invalid={differ} />
          <datalist id="zones">
            {ZONES.map((z) => (
              <option key={z} value={z} />
            ))}
          </datalist>
        </div>
        <p role="alert" className="min-h-[38px] px-5 pb-4 text-[16px] text-red">
          {refusal?.message ?? (differ ? 'The two PINs differ.' : '')}
        </p>
        <button
          type="submit"
          className="h-[84px] w-full border-t-2 border-ink bg-act text-[23px] font-bold text-on-act disabled:bg-steel disabled:text-pencil"
          disabled={!full}
        >
          Open the shop
        </button>
      </form>
    </main>
  );
}
