import { useSetup } from '../setup/useSetup';
import { Fold } from '../ui/Fold';
import { Select } from '../ui/Select';
import { ROLE_OPTIONS, ROLES } from './roles';
import { InviteForm, useAccess, Waiting } from './SignIns';

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
      title="Sign-in"
      says={
        signIn !== undefined
          ? `signs in as ${ROLES[signIn.role]}`
          : waiting !== undefined
            ? 'invited'
            : 'visiting: is booked, never signs in'
      }
      wrong={refused !== null}
    >
      {signIn !== undefined && (
        <>
          <p>
            Signs in with {signIn.email}. {words}
          </p>
          <div className="two">
            <Select
              id="person-role"
              label="Role"
              value={signIn.role}
              options={ROLE_OPTIONS}
              onValue={(role) => void put(signIn.id, { role, staff }, `${signIn.name} is now ${ROLES[role]}.`)}
            />
            <p className="self-end">
              <button
                type="button"
                className="button button-small"
                onClick={() => void put(signIn.id, null, `${signIn.name} no longer signs in here.`)}
              >
                Take the sign-in away
              </button>
            </p>
          </div>
          {refused !== null && (
            <p className="wrong" role="alert">
              {Object.values(refused.fields ?? {})[0] ?? refused.message}
            </p>
          )}
        </>
      )}
      {signIn === undefined && waiting !== undefined && (
        <ul className="rows">
          <Waiting invitation={waiting} />
        </ul>
      )}
      {signIn === undefined && waiting === undefined && <InviteForm staff={staff} address={email} />}
    </Fold>
  );
}
