import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { inputLook } from '../ui/inputLook';
import { Wrong } from '../ui/Wrong';
import { Button } from '../ui/Button';
import { api, refusalOf, unwrap, type Refusal, type Schemas } from '../lib/api';
import { Field } from '../ui/Field';
import { useNotices } from '../ui/Notices';
import { Select } from '../ui/Select';
import { draftOf, thing } from '../setup/things';
import { useSave } from '../setup/useSave';
import { useSetup } from '../setup/useSetup';
import { ROLE_OPTIONS, ROLES } from '../words/roles';
import { Row, RowEnd, RowFact, RowName, Rows } from '../ui/Row';
import * as say from '@words/roster';
import './SignIns.css';

/** Who may sign in and in which role, whether they are booked or not; and who has been asked to. */
export function SignIns() {
  const { data } = useSetup();
  if (data === undefined) {
    return null;
  }
  return (
    <section className="grid gap-3" aria-labelledby="sign-ins">
      <h2 id="sign-ins">{say.peopleWhoSignIn}</h2>
      <Rows>
        {data.signIns.map((one) => (
          <SignInRow key={one.id} signIn={one} who={data.staff.find((other) => other.id === one.staff)?.name} />
        ))}
        {data.invitations.map((one) => (
          <Waiting key={one.id} invitation={one} />
        ))}
      </Rows>
      <InviteForm staff={null} />
      <dl className="roles">
        {data.roles.map((one) => (
          <div key={one.role}>
            <dt>{ROLES[one.role]}</dt>
            <dd>{one.words}</dd>
          </div>
        ))}
        <div>
          <dt>{say.visiting}</dt>
          <dd>{say.bookedNeverSignsIn}</dd>
        </div>
      </dl>
    </section>
  );
}

/** Changes a role, or takes the sign-in away; the version is read just before, so nobody is overwritten unseen. */
export function useAccess() {
  const queries = useQueryClient();
  const saving = useSave();
  const put = async (id: string, content: Schemas['AccessContent'] | null, done: string) => {
    const now = await queries.query({ ...thing(saving.business, 'access', id), staleTime: 0 });
    return saving.save([draftOf.access(id, content, now.version)], done);
  };
  return { put, refused: saving.refused };
}

function SignInRow({ signIn, who }: { signIn: Schemas['SignInRow']; who: string | undefined }) {
  const { put, refused } = useAccess();
  return (
    <li>
      <Row>
        <RowName>{signIn.name}</RowName>
        <RowFact>{signIn.email}</RowFact>
        <RowFact>
          {who === undefined ? say.notBooked : who === signIn.name ? say.bookedToo : say.bookedAs({ who })}
        </RowFact>
        <RowEnd>
          <select
            className={inputLook('small')}
            aria-label={say.roleOf({ name: signIn.name })}
            value={signIn.role}
            onChange={(event) => {
              const role = ROLE_OPTIONS.find(([one]) => one === event.target.value)?.[0];
              if (role !== undefined) {
                void put(
                  signIn.id,
                  { role, staff: signIn.staff },
                  say.roleNow({ name: signIn.name, role: ROLES[role] }),
                );
              }
            }}
          >
            {ROLE_OPTIONS.map(([role, words]) => (
              <option key={role} value={role}>
                {words}
              </option>
            ))}
          </select>
          <Button
            small
            onClick={() => void put(signIn.id, null, say.noLongerSignsIn({ name: signIn.name }))}
            aria-label={say.takeSignInAwayOf({ name: signIn.name })}
          >
            {say.takeAway}
          </Button>
        </RowEnd>
        {refused !== null && (
          <Wrong as="p" className="basis-full" role="alert">
            {Object.values(refused.fields ?? {})[0] ?? refused.message}
          </Wrong>
        )}
      </Row>
    </li>
  );
}

export function Waiting({ invitation }: { invitation: Schemas['Invitation'] }) {
  const { business } = useSetup();
  const queries = useQueryClient();
  const notices = useNotices();
  const withdraw = async () => {
    await unwrap(
      api.DELETE('/api/businesses/{business}/invitations/{id}', { params: { path: { business, id: invitation.id } } }),
    ).catch(
      () => undefined, // gone already: the list will say
    );
    notices.say(say.invitationNoLongerCounts);
    await queries.invalidateQueries({ queryKey: ['setup'] });
  };
  return (
    <li>
      <Row>
        <RowName>{invitation.email}</RowName>
        <span className="word word-waits">{say.invitedAs({ role: ROLES[invitation.role] })}</span>
        <RowEnd>
          <Button small onClick={() => void withdraw()} aria-label={say.withdrawOf({ email: invitation.email })}>
            {say.withdraw}
          </Button>
        </RowEnd>
      </Row>
    </li>
  );
}

/** Asks somebody by mail to sign in, as one of the staff or as somebody who is not booked. */
export function InviteForm({ staff, address = '' }: { staff: string | null; address?: string }) {
  const { business } = useSetup();
  const queries = useQueryClient();
  const notices = useNotices();
  const [email, setEmail] = useState(address);
  const [role, setRole] = useState<Schemas['Role']>(staff === null ? 'desk' : 'staff');
  const [refused, setRefused] = useState<Refusal | null>(null);
  const send = async () => {
    try {
      await unwrap(
        api.POST('/api/businesses/{business}/invitations', {
          params: { path: { business } },
          body: { email, role, staff },
        }),
      );
      notices.say(say.linkOnItsWay({ email }));
      setRefused(null);
      setEmail('');
      await queries.invalidateQueries({ queryKey: ['setup'] });
    } catch (wrong) {
      setRefused(refusalOf(wrong));
    }
  };
  return (
    <form
      className="invite"
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        void send();
      }}
    >
      <Field
        id="invite-email"
        label={staff === null ? say.inviteSomebodyWhoNot : say.inviteThemToSign}
        type="email"
        value={email}
        onValue={setEmail}
        wrong={
          refused === null ? undefined : (refused.fields?.['email'] ?? refused.fields?.['staff'] ?? refused.message)
        }
        maxLength={190}
      />
      <Select
        id="invite-role"
        label={say.asRole}
        value={role}
        options={ROLE_OPTIONS}
        onValue={setRole}
        wrong={refused?.fields?.['role']}
      />
      <Button type="submit" id="invite">
        {say.sendInvitation}
      </Button>
    </form>
  );
}
