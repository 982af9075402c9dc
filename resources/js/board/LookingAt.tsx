import { Popover, PopoverButton, PopoverPanel } from '@headlessui/react';
import type { Looking } from '../lib/queries';
import { useSetup } from '../setup/useSetup';
import { Button, buttonLook } from '../ui/Button';
import { Check } from '../ui/Check';
import { Choice } from '../ui/Choice';
import { Select } from '../ui/Select';
import type { Form } from './useLooking';
import { useKey } from '../ui/useKey';
import * as say from '@words/board';
import './LookingAt.css';

type Props = {
  looking: Looking;
  onLook: (changes: Partial<Looking>) => void;
  form: Form;
  onForm: (form: Form) => void;
};

/** What the Board shows: a day or its week, lanes of what, of whom and where. It stays as it is left. */
export function LookingAt({ looking, onLook, form, onForm }: Props) {
  const { data, may } = useSetup();
  const { span, lanes, whose, staff, location } = looking;
  useKey('w', () => onLook({ span: span === 'day' ? 'week' : 'day' }));
  useKey('t', () => onForm(form === 'table' ? 'lanes' : 'table'));
  const places = data?.locations ?? [];
  const people = (data?.staff ?? []).filter((one) => one.active);
  const choose = (id: string, on: boolean) =>
    onLook({ staff: on ? [...staff, id] : staff.filter((other) => other !== id) });
  const where = places.find(({ id }) => id === location)?.name;
  return (
    <Popover>
      <PopoverButton id="looking-at" className={buttonLook({ small: true })}>
        {[say.spans[span], may('see-board') ? say.lanesBy[lanes] : null, where].filter(Boolean).join(', ')}
      </PopoverButton>
      <PopoverPanel anchor={{ to: 'top start', gap: 6, padding: 16 }} className="looking-at" aria-label={say.show}>
        <Choice
          label={say.show}
          value={span}
          options={[
            ['day', say.spans.day, 'look-day'],
            ['week', say.spans.week, 'look-week'],
          ]}
          onValue={(to) => onLook({ span: to })}
        />
        <Choice
          label={say.drawnAs}
          value={form}
          options={[
            ['lanes', say.forms.lanes, 'look-lanes'],
            ['table', say.forms.table, 'look-table'],
          ]}
          onValue={onForm}
        />
        {may('see-board') && (
          <>
            <Choice
              label={say.lanesOf}
              value={lanes}
              options={[
                ['people', say.lanesBy.people, 'look-people'],
                ['places', say.lanesBy.places, 'look-places'],
                ['units', say.lanesBy.units, 'look-units'],
              ]}
              onValue={(to) => onLook({ lanes: to })}
            />
            <Choice
              label={say.whose}
              value={whose}
              options={[
                ['all', say.whoseLanes.all, 'look-all'],
                ['working', say.whoseLanes.working, 'look-working'],
                ['chosen', say.whoseLanes.chosen, 'look-chosen'],
              ]}
              onValue={(to) => onLook({ whose: to })}
            />
            {whose === 'chosen' && (
              <div className="grid max-h-60 grid-cols-2 gap-1 overflow-y-auto">
                {people.map((one) => (
                  <Check
                    key={one.id}
                    id={`look-${one.id}`}
                    checked={staff.includes(one.id)}
                    onChange={(on) => choose(one.id, on)}
                  >
                    {one.name}
                  </Check>
                ))}
              </div>
            )}
            {places.length > 1 && (
              <Select
                id="look-where"
                label={say.where}
                value={location}
                options={[['', say.everywhere], ...places.map(({ id, name }) => [id, name] as const)]}
                onValue={(to) => onLook({ location: to })}
              />
            )}
          </>
        )}
        <Button id="print-day" small className="justify-self-start" onClick={() => window.print()}>
          {say.print}
        </Button>
      </PopoverPanel>
    </Popover>
  );
}
