import { useQueryClient } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { Navigate, Route, Routes, useLocation, useMatch } from 'react-router';
import { onLapse } from './api/lapsed';
import { leads, useMe } from './api/me';
import { flush } from './api/outbox';
import { refresh, useLive, useShop } from './api/queries';
import { Outbox } from './shared/Outbox';
import { setZone } from './shared/time';
import { useRoom } from './shared/room';
import { FieldCard } from './stages/check/FieldCard';
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
  const onField = useMatch('/field/:id') !== null;
  const client = useQueryClient();
  const [lapsed, setLapsed] = useState(false);
  useLive(!!me && !lapsed);
  // Where nobody is signed in yet, nothing ran out.
  useEffect(() => onLapse(() => client.getQueryData(['me']) && setLapsed(true)), [client]);
  useEffect(() => {
    if (!me || lapsed) return;
    const send = async () => {
      if ((await flush(me.id)) > 0) await refresh(client);
    };
    void send();
    const timer = setInterval(() => void send(), 5000);
    window.addEventListener('online', send);
    return () => {
      clearInterval(timer);
      window.removeEventListener('online', send);
    };
  }, [client, me, lapsed]);

  // Outdoors there may be no network, and nobody to ask who is signed in.
  if (onField)
    return (
      <>
        {me && <Zone />}
        <Routes>
          <Route path="/field/:id" element={<FieldCard />} />
        </Routes>
      </>
    );
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
      <Outbox />
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
