import { useQueryClient } from '@tanstack/react-query';
import { useNavigate } from 'react-router';
import { signOut, useMe } from '../api/me';

/** Who is signed in, and the switch between bright bench and dim room. */
export function Person({ room, turn }: { room: string; turn: () => void }) {
  const me = useMe();
  const client = useQueryClient();
  const navigate = useNavigate();
  const out = async () => {
    await signOut(client);
    void navigate('/sign-in');
  };
  return (
    <div className="p-3 text-[15px] max-lg:hidden">
      <p className="px-1 pb-1">{me?.name}</p>
      <button type="button" className="button mb-2 w-full text-[14px]" onClick={() => void out()}>
        another person
      </button>
      <button type="button" className="button w-full text-[14px]" onClick={turn}>
        {room === 'bright' ? 'dim room' : 'bright bench'}
      </button>
    </div>
  );
}
