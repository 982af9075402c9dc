import { useQueryClient } from '@tanstack/react-query';
import { useEffect, useRef, useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { api, refusalOf, unwrap, type Refusal } from '../lib/api';
import { me } from '../lib/queries';
import * as say from '@words/accounts';

/** Where the mailed link leads: the account is made, and the start goes on. */
export function FinishSignUp() {
  const token = useParams()['token'] ?? '';
  const queries = useQueryClient();
  const navigate = useNavigate();
  const [refused, setRefused] = useState<Refusal | null>(null);
  const asked = useRef(false);
  useEffect(() => {
    if (asked.current) {
      return;
    }
    asked.current = true;
    unwrap(api.POST('/api/sign-up/{token}', { params: { path: { token } } })).then(
      async (made) => {
        queries.setQueryData(me.queryKey, made);
        await navigate('/start', { replace: true });
      },
      (wrong: unknown) => setRefused(refusalOf(wrong)),
    );
  }, [token, queries, navigate]);
  return (
    <main className="grid min-h-dvh content-center justify-items-center gap-5 px-5">
      <p className="font-head text-xl font-bold">{say.yardBell}</p>
      {refused === null ? (
        <p role="status">{say.oneMoment}</p>
      ) : (
        <>
          <h1 className="text-2xl">{say.linkDead}</h1>
          <p>{refused.code === 'sign_in' ? refused.message : say.linkDeadWhy}</p>
          <p className="flex gap-6">
            <Link to="/sign-in">{say.signIn}</Link>
            <Link to="/sign-up">{say.startAgain}</Link>
          </p>
        </>
      )}
    </main>
  );
}
