import { useQuery, useQueryClient } from '@tanstack/react-query';
import { Link, useNavigate, useParams } from 'react-router';
import { api, refusalOf, unwrap, type Schemas } from '../lib/api';
import { Field } from '../ui/Field';
import { useFields } from '../ui/useFields';
import { me as meQuery } from '../lib/queries';
import { Door } from './Door';

/** What a mailed invitation leads to: accepted as whoever is signed in, or with an account made here. */
export function Invitation({ me }: { me: Schemas['Me'] }) {
  const token = useParams()['token'] ?? '';
  const queries = useQueryClient();
  const navigate = useNavigate();
  const { values, field } = useFields({ name: '', password: '' });
  const { data, error } = useQuery({
    queryKey: ['invitation', token] as const,
    queryFn: async ({ signal }) => unwrap(api.GET('/api/invitations/{token}', { params: { path: { token } }, signal })),
    retry: false,
  });
  if (error !== null) {
    return (
      <main className="p-6">
        <h1 className="text-2xl">This invitation does not count any more</h1>
        <p>
          {refusalOf(error).code === 'http'
            ? 'It was used, withdrawn, or is too old. Ask whoever sent it for another.'
            : refusalOf(error).message}
        </p>
        <p>
          <Link to="/">On to Yard Bell</Link>
        </p>
      </main>
    );
  }
  if (data === undefined) {
    return (
      <p className="p-6" role="status">
        Fetching the invitation
      </p>
    );
  }
  const signsInFirst = me.user === null && data.hasAccount;
  return (
    <Door
      title={`${data.business} invites you`}
      action={signsInFirst ? 'Sign in' : 'Accept'}
      onSend={async () => {
        if (signsInFirst) {
          await navigate(`/sign-in?then=${encodeURIComponent(`/invitation/${token}`)}`);
          return;
        }
        const accepted = await unwrap(
          api.POST('/api/invitations/{token}', { params: { path: { token } }, body: me.user === null ? values : {} }),
        );
        queries.setQueryData(meQuery.queryKey, accepted);
        await navigate('/');
      }}
    >
      {(wrong) => (
        <>
          <p>
            You would sign in as <b>{data.role}</b>. {data.words}
          </p>
          {me.user !== null && (
            <p>
              You are signed in as {me.user.name}, {me.user.email}, and accept as yourself.
            </p>
          )}
          {signsInFirst && <p>There is an account with {data.email}. Sign in with it, then accept.</p>}
          {me.user === null && !data.hasAccount && (
            <>
              <Field {...field('name', wrong)} label="Your name" autoComplete="name" />
              <Field
                {...field('password', wrong)}
                label="Password"
                type="password"
                hint={`You sign in with ${data.email}. At least 10 characters.`}
                autoComplete="new-password"
              />
            </>
          )}
        </>
      )}
    </Door>
  );
}
