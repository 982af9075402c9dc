import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { Navigate, Route, Routes } from 'react-router';
import { FinishSignUp } from '../accounts/FinishSignUp';
import { ForgotPassword } from '../accounts/ForgotPassword';
import { Invitation } from '../accounts/Invitation';
import { NewPassword } from '../accounts/NewPassword';
import { SignIn } from '../accounts/SignIn';
import { SignInAgain } from '../accounts/SignInAgain';
import { signedOut, type Schemas } from '../lib/api';
import { SignUp } from '../accounts/SignUp';
import { Start } from '../accounts/Start';
import { Board } from '../board/Board';
import { MyDay } from '../board/MyDay';
import { Clients } from '../clients/Clients';
import { Ledger } from '../ledger/Ledger';
import { Offer } from '../offer/Offer';
import { Roster } from '../roster/Roster';
import { GateRoom } from '../roster/GateRoom';
import { me } from '../lib/queries';
import { SessionPage } from '../sessions/SessionPage';
import { Room } from './Room';
import * as say from '@words/workspace';

/** Who is signed in decides which doors there are. */
export function Workspace() {
  const { data: now, error } = useQuery(me);
  useEnded();
  const [signedIn, setSignedIn] = useState(now);
  if (now !== undefined && now.user !== null && now !== signedIn) {
    setSignedIn(now); // whoever is signed out while they work stays where they are
  }
  const isEnded = now?.user === null && signedIn !== undefined && signedIn.user !== null;
  const data = isEnded ? signedIn : now;
  if (error !== null && now === undefined) {
    return (
      <main className="p-6">
        <h1 className="text-2xl">{say.yardBellDoesNot}</h1>
        <p>{error.message}</p>
      </main>
    );
  }
  if (data === undefined) {
    return (
      <p className="p-6" role="status">
        {say.yardBellOpening}
      </p>
    );
  }
  const first = data.businesses[0];
  const verified = new URLSearchParams(window.location.search).has('verified');
  const home = data.user === null ? '/sign-in' : first === undefined ? '/start' : homeIn(first);
  return (
    <>
      {isEnded && <SignInAgain email={data.user?.email ?? ''} />}
      <Routes>
        {data.user === null ? (
          <>
            <Route path="/sign-in" element={<SignIn />} />
            <Route path="/sign-up" element={<SignUp />} />
            <Route path="/forgot-password" element={<ForgotPassword />} />
          </>
        ) : (
          <>
            <Route
              path="/start"
              element={
                verified && first !== undefined ? (
                  <Navigate to={`/at/${first.slug}/gate`} replace />
                ) : (
                  <Start me={data} />
                )
              }
            />
            <Route path="/at/:business" element={<Room me={data} />}>
              <Route path="board" element={<Board />} />
              <Route path="my-day" element={<MyDay />} />
              <Route path="offer/*" element={<Offer />} />
              <Route path="sessions/:id" element={<SessionPage />} />
              <Route path="roster/*" element={<Roster />} />
              <Route path="clients" element={<Clients />} />
              <Route path="ledger/*" element={<Ledger />} />
              <Route path="gate" element={<GateRoom me={data} />} />
            </Route>
          </>
        )}
        <Route path="/sign-up/:token" element={<FinishSignUp />} />
        <Route path="/invitation/:token" element={<Invitation me={data} />} />
        <Route path="/new-password" element={<NewPassword />} />
        <Route path="*" element={<Navigate to={home} replace />} />
      </Routes>
    </>
  );
}

/** Whoever only takes visits begins with their own day. */
const homeIn = ({ slug, role }: Schemas['BusinessLink']): string =>
  `/at/${slug}/${role === 'staff' ? 'my-day' : 'board'}`;

/** An answer that says that nobody is signed in any more: who is, is asked anew. */
function useEnded(): void {
  const queries = useQueryClient();
  useEffect(() => {
    const ask = () => void queries.invalidateQueries({ queryKey: me.queryKey });
    signedOut.addEventListener('ended', ask);
    return () => signedOut.removeEventListener('ended', ask);
  }, [queries]);
}
