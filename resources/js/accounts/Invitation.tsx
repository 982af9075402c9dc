import { useQuery, useQueryClient } from '@tanstack/react-query';
import { Link, useNavigate, useParams } from 'react-router';
import { api, refusalOf, unwrap, type Schemas } from '../lib/api';
import { ROLES } from '../words/roles';
import { Field } from '../ui/Field';
import { useFields } from '../ui/useFields';
import { me as meQuery } from '../lib/queries';
import { Door } from './Door';
import * as say from '@words/accounts';
import { rich } from '../language/rich';

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
        <h1 className="text-2xl">{say.invitationDead}</h1>
        <p>{refusalOf(error).code === 'http' ? say.invitationDeadWhy : refusalOf(error).message}</p>
        <p>
          <Link to="/">{say.onToYardBell}</Link>
        </p>
      </main>
    );
  }
  if (data === undefined) {
    return (
      <p className="p-6" role="status">
        {say.fetchingInvitation}
      </p>
    );
  }
  const signsInFirst = me.user === null && data.hasAccount;
  return (
    <Door
      title={say.invites({ business: data.business })}
      action={signsInFirst ? say.signIn : say.accept}
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
          <p>{rich(say.signInAs, { role: <b>{ROLES[data.role]}</b>, does: data.words })}</p>
          {me.user !== null && <p>{say.signedInAsAnd({ name: me.user.name, email: me.user.email })}</p>}
          {signsInFirst && <p>{say.thereAccountWithSign({ email: data.email })}</p>}
          {me.user === null && !data.hasAccount && (
            <>
              <Field {...field('name', wrong)} label={say.yourName} autoComplete="name" />
              <Field
                {...field('password', wrong)}
                label={say.password}
                type="password"
                hint={say.passwordFor({ email: data.email })}
                autoComplete="new-password"
              />
            </>
          )}
        </>
      )}
    </Door>
  );
}
