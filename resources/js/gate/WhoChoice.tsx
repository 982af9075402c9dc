import { ungrouped } from './choices';
import { SentenceChoice } from './SentenceChoice';
import type { Page, Service } from './types';
import * as say from '@words/gate';

/** Who does a service, and whether the client chooses among them. */
export function whoTakes(page: Page, service: Service) {
  const people = page.staff.filter((one) => service.staff.includes(one.id));
  const isChosen = service.choosesStaff && people.length > 1;
  const only = service.session || isChosen ? undefined : people.length === 1 ? people[0]?.name : undefined;
  return { people, isChosen, only, isSaid: isChosen || only !== undefined };
}

type Props = {
  who: ReturnType<typeof whoTakes>;
  staff: string | null;
  onStaff: (staff: string | null) => void;
};

/** With whom: a choice where there is one. */
export function WhoChoice({ who, staff, onStaff }: Props) {
  return who.isChosen ? (
    <SentenceChoice
      label={say.withWhom}
      value={staff ?? ''}
      onChange={(id) => onStaff(id === '' ? null : id)}
      shown={who.people.find((one) => one.id === staff)?.name ?? say.anyone}
      groups={ungrouped([
        { value: '', name: say.anyoneWhoFree },
        ...who.people.map((one) => ({ value: one.id, name: one.name, detail: one.about, sight: one })),
      ])}
    />
  ) : (
    (who.only ?? '')
  );
}
