import { useQueryClient } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { Navigate, Route, Routes, useLocation } from 'react-router';
import { onLapse } from './api/lapsed';
import { leads, useMe } from './api/me';
import { flush, onWaiting } from './api/outbox';
import { refresh, useLive, useShop } from './api/queries';
import { setZone } from './shared/time';
import { useRoom } from './shared/room';
import { JobFrame } from './stages/JobFrame';
import { ReceiveNew } from './stages/receive/ReceiveNew';
import { Jobs } from './shop/Jobs';
import { Outside } from './shop/Outside';
import { Bench } from './shop/Bench';
import { Editor } from './shop/sheets/Editor';
import { NewSheet } from './shop/sheets/NewSheet';
import { SheetPage } from './shop/sheets/SheetPage';
import { Sheets } from './shop/sheets/Sheets';
import { Shop } from './shop/Shop';
import { SignIn } from './shop/SignIn';
import { SignInAgain } from './shop/SignInAgain';

export function App() {
  const me = useMe();
  const [room, turn] = useRoom();
  const location = useLocation();
  const client = useQueryClient();
  const [said, setSaid] = useState('');
  const [lapsed, setLapsed] = useState(false);
  useLive(!!me && !lapsed);
  // Where nobody is signed in yet, nothing ran out.
  useEffect(() => onLapse(() => client.getQueryData(['me']) && setLapsed(true)), [client]);
  useEffect(() => {
    if (!me || lapsed) return;
    const send = async () => {
      const sent = await flush(me.id, (w, r) =>
        setSaid(`Not taken: ${w.entries.map((e) => e.type).join(', ')} of ${w.jobId}. ${r.message}`),
      );
      if (sent > 0) await refresh(client);
    };
    void send();
    const timer = setInterval(() => void send(), 5000);
    window.addEventListener('online', send);
    return () => {
      clearInterval(timer);
      window.removeEventListener('online', send);
    };
  }, [client, me, lapsed]);

  if (me === undefined) return <p className="p-6">Opening…</p>;
  if (!me && location.pathname !== '/sign-in')
    return <Navigate to="/sign-in" replace state={{ from: location.pathname + location.search }} />;
  return (
    <>
      {me && <Zone />}
      {me && <CutNote />}
      <Routes>
        <Route path="/sign-in" element={<SignIn />} />
        <Route path="/jobs/new" element={<ReceiveNew />} />
        <Route path="/jobs/:id/:stage" element={<JobFrame room={room} turn={turn} />} />
        <Route path="/drafts/:id" element={<Editor />} />
        <Route element={<Outside room={room} turn={turn} />}>
          <Route path="/bench" element={<Bench />} />
          <Route path="/sheets/new" element={<NewSheet />} />
          <Route path="/sheets/:id/:revision" element={<SheetPage />} />
          <Route path="/jobs" element={<Jobs />} />
          <Route path="/sheets" element={<Sheets />} />
          {leads(me) && <Route path="/shop" element={<Shop />} />}
        </Route>
        <Route path="*" element={<Navigate to="/jobs" replace />} />
      </Routes>
      {me && lapsed && <SignInAgain me={me} onBack={() => setLapsed(false)} />}
      <WaitingNote said={said} onClose={() => setSaid('')} />
    </>
  );
}

function Zone() {
  const { data } = useShop();
  useEffect(() => void (data && setZone(data.timeZone)), [data]);
  return null;
}

/** A shop that has lost some of what was sealed is looked at and not written to; whoever works here is told. */
function CutNote() {
  const { data } = useShop();
  const { pathname } = useLocation();
  // In Shop it stands in its place.
  if (!data?.cut || pathname === '/shop') return null;
  return (
    <p
      role="alert"
      className="fixed bottom-[144px] left-1/2 z-40 w-[min(760px,94vw)] -translate-x-1/2 border-2 border-red bg-paper px-5
        py-3 text-[16px] text-red"
    >
      <strong>To be read only.</strong> {data.cut}. Nothing is recorded until a lead has had a backup restored; what is
      typed meanwhile waits on this device.
    </p>
  );
}

/** Entries on this device that the server has not acknowledged yet, and one it would not take. */
function WaitingNote({ said, onClose }: { said: string; onClose: () => void }) {
  const [count, setCount] = useState(0);
  useEffect(() => onWaiting(setCount), []);
  const [shown, setShown] = useState(false);
  useEffect(() => {
    const timer = setTimeout(() => setShown(count > 0), count > 0 ? 1500 : 0);
    return () => clearTimeout(timer);
  }, [count]);
  if (!shown && !said) return null;
  return (
    <div
      role="status"
      className="fixed bottom-[56px] left-1/2 z-40 flex -translate-x-1/2 items-center gap-4 border-2 border-ink bg-tape
        px-4 py-2 text-on-tape"
    >
      {said || `${count} waiting to send: kept on this device`}
      {said && (
        <button type="button" className="min-h-[44px] underline" onClick={onClose}>
          Close
        </button>
      )}
    </div>
  );
}
