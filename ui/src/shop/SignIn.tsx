import { Choice } from '../shared/Choice';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { type FormEvent, useState } from 'react';
import { useLocation, useNavigate } from 'react-router';
import { answer, api, Refusal } from '../api/client';
import { signIn } from '../api/me';
import { PinField } from '../shared/PinField';
import { Damaged } from './Damaged';
import { FirstStart } from './FirstStart';

const isDamage = (e: unknown): e is Refusal => e instanceof Refusal && e.code === 'shop/damaged';

/** Your strip of tape on the mat, then the PIN. */
export function SignIn() {
  const { data, error } = useQuery({
    queryKey: ['sign-in'],
    retry: (count, e) => count < 3 && !isDamage(e),
    queryFn: async () => answer(await api.GET('/api/sign-in')),
  });
  const [person, setPerson] = useState<string>();
  const [pin, setPin] = useState('');
  const [wrong, setWrong] = useState('');
  const client = useQueryClient();
  const navigate = useNavigate();
  const from = (useLocation().state as { from?: string } | null)?.from ?? '/jobs';

  const enter = async (e: FormEvent) => {
    e.preventDefault();
    if (!person) return;
    try {
      await signIn(person, pin);
      await client.resetQueries();
      void navigate(from, { replace: true });
    } catch (error) {
      setPin('');
      setWrong(error instanceof Refusal ? error.message : 'The server cannot be reached.');
    }
  };

  if (isDamage(error)) return <Damaged why={error} />;
  if (data?.firstStart) return <FirstStart />;
  return (
    <main className="mat-grid flex min-h-full flex-col items-center justify-center gap-8 bg-mat p-6 text-line">
      <div className="text-center">
        <h1 className="text-[40px] leading-tight font-bold">Zygotome</h1>
        <p className="text-[18px] text-quiet">{data?.shop}</p>
      </div>
      <Choice
        acts
        label="Who are you?"
        value={person}
        of={(data?.people ?? []).map((p, i) => ({
          value: p.id,
          button: `min-h-[72px] min-w-[190px] border bg-tape px-6 py-3 text-left text-on-tape
            ${i % 2 ? 'rotate-1' : '-rotate-1'}
            ${person === p.id ? 'border-[3px] border-on-tape' : 'border-tape-edge'}`,
          words: (
            <>
              <strong className="block text-[22px] leading-tight">{p.name}</strong>
              <span className="text-[15px]">{p.role}</span>
            </>
          ),
        }))}
        onChoose={(id) => {
          setPerson(id);
          setWrong('');
          document.getElementById('pin')?.focus();
        }}
        className="flex flex-wrap justify-center gap-5"
      />
      <form onSubmit={(e) => void enter(e)} className="w-[320px] border-2 border-ink bg-paper p-5 text-ink">
        <PinField
          label={`PIN${person ? ` of ${data?.people.find((p) => p.id === person)?.name}` : ''}`}
          id="pin"
          value={pin}
          onChange={setPin}
        />
        <p role="alert" className="min-h-[24px] py-1 text-red">
          {wrong}
        </p>
        <button
          type="submit"
          className="button dark h-[60px] w-full text-[20px] font-bold"
          disabled={!person || pin.length === 0}
        >
          {person ? 'Sign in' : 'Choose your strip of tape'}
        </button>
        {data?.demoPin && (
          <p className="pt-3 text-[15px] text-pencil">Demo data is loaded: every PIN is {data.demoPin}.</p>
        )}
      </form>
    </main>
  );
}
