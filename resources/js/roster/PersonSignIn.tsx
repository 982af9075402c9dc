import { Wrong } from '../ui/Wrong';
import { Columns } from '../ui/Columns';
import { Button } from '../ui/Button';
import { useSetup } from '../setup/useSetup';
import { Fold } from '../ui/Fold';
import { Select } from '../ui/Select';
import { ROLE_OPTIONS, ROLES } from '../words/roles';
import { InviteForm, useAccess, Waiting } from './SignIns';
import { Rows } from '../ui/Row';
import * as say from '@words/roster';

/** Whether somebody who is booked signs in too, in which role, and what that role may do, in words. */
export function PersonSignIn({ staff, email }: { staff: string; email: string }) {
  const { data } = useSetup();
  const { put, refused } = useAccess();
  if (data === undefined) {
    return null;
  }
  const signIn = data.signIns.find((one) => one.staff === staff);
  const waiting = data.invitations.find((one) => one.staff === staff);
  const words = data.roles.find((one) => one.role === signIn?.role)?.words;
  return (
    <Fold
      id="fold-sign-in"
      title={say.signInTitle}
      says={
        signIn !== undefined
          ? say.signsInAs({ role: ROLES[signIn.role] })
          : waiting !== undefined
            ? say.invited
            : say.visitingBookedNeverSigns
      }
      wrong={refused !== null}
    >
      {signIn !== undefined && (
        <>
          <p>{say.signsInWith({ email: signIn.email, does: words ?? '' })}</p>
          <Columns>
            <Select
              id="person-role"
              label={say.role}
              value={signIn.role}
              options={ROLE_OPTIONS}
              onValue={(role) =>
                void put(signIn.id, { role, staff }, say.roleNow({ name: signIn.name, role: ROLES[role] }))
              }
            />
            <p className="self-end">
              <Button small onClick={() => void put(signIn.id, null, say.noLongerSignsIn({ name: signIn.name }))}>
                {say.takeSignInAway}
              </Button>
            </p>
          </Columns>
          {refused !== null && (
            <Wrong as="p" role="alert">
              {Object.values(refused.fields ?? {})[0] ?? refused.message}
            </Wrong>
          )}
        </>
      )}
      {signIn === undefined && waiting !== undefined && (
        <Rows>
          <Waiting invitation={waiting} />
        </Rows>
      )}
      {signIn === undefined && waiting === undefined && <InviteForm staff={staff} address={email} />}
    </Fold>
  );
}
