import { useQueryClient } from '@tanstack/react-query';
import { type FormEvent, useState } from 'react';
import { refusalOf } from '../api/client';
import { type Me, signIn, signOut } from '../api/me';
import { refresh } from '../api/queries';
import { Over } from '../shared/Over';
import { PinField } from '../shared/PinField';

/** A sign-in ran out at work: the PIN is asked for over the screen, which keeps all that was typed. */
export function SignInAgain({ me, onBack }: { me: Me; onBack: () => void }) {
  const client = useQueryClient();
  const [pin, setPin] = useState('');
  const [wrong, setWrong] = useState('');
  const enter = async (e: FormEvent) => {
    e.preventDefault();
    try {
      await signIn(me.id, pin);
      onBack();
      await refresh(client);
    } catch (error) {
      setPin('');
      setWrong(refusalOf(error).message);
    }
  };
  const other = async () => {
    await signOut(client);
    onBack();
  };
  return (
    <Over title={`Your sign-in ran out, ${me.name}`} className="w-[380px]">
      <p className="pb-2 text-[16px]">All that is typed here is kept. Lamps are said again.</p>
      <form onSubmit={(e) => void enter(e)}>
        <PinField label="PIN" id="pin-again" value={pin} onChange={setPin} />
        <p role="alert" className="min-h-[24px] py-1 text-red">
          {wrong}
        </p>
        <button type="submit" className="button dark h-[60px] w-full text-[20px] font-bold" disabled={pin.length === 0}>
          Go on
        </button>
      </form>
      <button type="button" className="mt-2 min-h-[44px] text-[15px] underline" onClick={() => void other()}>
        somebody else is here now: leave what is typed
      </button>
    </Over>
  );
}
