import { Button } from '../ui/Button';
import { Field } from '../ui/Field';
import { MoneyField } from '../ui/MoneyField';
import { LengthField } from '../ui/LengthField';
import type { Beginning } from './beginning';
import * as say from '@words/accounts';
import './StartServices.css';

type Props = { begun: Beginning; set: (changes: Partial<Beginning>) => void; wrong: Readonly<Record<string, string>> };

/** A few services to begin with. */
export function StartServices({ begun, set, wrong }: Props) {
  const change = (at: number, changes: Partial<Beginning['services'][number]>) =>
    set({ services: begun.services.map((one, i) => (i === at ? { ...one, ...changes } : one)) });
  return (
    <>
      <p className="text-soft">{say.servicesHelp}</p>
      <ul className="grid gap-3">
        {begun.services.map((one, i) => (
          <li key={i} className="begin-service">
            <Field
              id={`service-${i}-name`}
              label={say.service}
              maxLength={120}
              wrong={wrong[`services.${i}.name`]}
              value={one.name}
              onValue={(name) => change(i, { name })}
            />
            <LengthField
              id={`service-${i}-minutes`}
              label={say.lasts}
              wrong={wrong[`services.${i}.minutes`]}
              value={one.minutes}
              empty={0}
              onValue={(minutes) => change(i, { minutes })}
            />
            <MoneyField
              id={`service-${i}-price`}
              label={begun.currency}
              currency={begun.currency}
              asked
              wrong={wrong[`services.${i}.price`]}
              value={one.price}
              onValue={(price) => change(i, { price })}
            />
            <Button
              small
              className="self-end"
              onClick={() => set({ services: begun.services.filter((_, at) => at !== i) })}
              aria-label={say.leaveOutOne({ name: one.name })}
            >
              {say.leaveOut}
            </Button>
          </li>
        ))}
      </ul>
      <p>
        <Button small onClick={() => set({ services: [...begun.services, { name: '', minutes: 60, price: -1 }] })}>
          {say.oneMore}
        </Button>
      </p>
    </>
  );
}
