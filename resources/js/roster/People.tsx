import { useState } from 'react';
import { FindField } from '../setup/FindField';
import { ListHead } from '../setup/ListHead';
import { Badge } from '../ui/Badge';
import { useSetup } from '../setup/useSetup';
import { ROLES } from '../words/roles';
import { SignIns } from './SignIns';
import { RowEnd, RowFact, RowLink, RowName, Rows } from '../ui/Row';
import * as say from '@words/roster';
import './People.css';

/** Everybody who is booked here, and everybody who signs in. */
export function People() {
  const { business, data, may } = useSetup();
  const [sought, setSought] = useState('');
  if (data === undefined) {
    return null;
  }
  const fits = data.staff.filter((one) => one.name.toLowerCase().includes(sought.toLowerCase()));
  return (
    <div className="side-by-side">
      <section className="grid gap-3">
        <ListHead
          title={say.peopleWhoBooked}
          add={say.addSomebody}
          addId="add-person"
          to="roster/people/new"
          find={
            data.staff.length > 8 && (
              <FindField says={say.findPerson} hint={say.find} value={sought} onValue={setSought} />
            )
          }
        />
        {data.staff.length === 0 && <p>{say.nobodyYetAddWhoever}</p>}
        <Rows>
          {fits.map((one) => {
            const signIn = data.signIns.find((other) => other.staff === one.id);
            return (
              <li key={one.id}>
                <RowLink to={`/at/${business}/roster/people/${one.id}`}>
                  <Badge of={one} />
                  <RowName>{one.name}</RowName>
                  <RowFact>{one.email ?? say.noMail}</RowFact>
                  {one.ownHours && <RowFact>{say.ownHours}</RowFact>}
                  <RowEnd>
                    {!one.active && <span className="word">{say.resting}</span>}
                    {may('manage-sign-ins') && (
                      <span className="word">{signIn === undefined ? say.visiting : ROLES[signIn.role]}</span>
                    )}
                  </RowEnd>
                </RowLink>
              </li>
            );
          })}
        </Rows>
        {fits.length === 0 && sought !== '' && <p>{say.nobodyCalled({ sought })}</p>}
      </section>
      {may('manage-sign-ins') && <SignIns />}
    </div>
  );
}
