import type { ComponentProps } from 'react';
import type { Schemas } from '../lib/api';
import { Field } from '../ui/Field';

export type FactKey = keyof Schemas['Facts'];
type Given = Pick<ComponentProps<typeof Field>, 'id' | 'wrong' | 'value' | 'onValue'>;

/** The facts of a business: the same fields where it begins and where it is changed. */
export function FactsFields({ field, host, about }: { field: (key: FactKey) => Given; host: string; about: boolean }) {
  const slug = field('slug');
  return (
    <>
      <Field {...field('name')} label="What is your business called?" maxLength={120} />
      {about && <Field {...field('about')} label="In a sentence or two" lines={2} maxLength={500} />}
      <Field
        {...slug}
        label="Address of your page"
        hint={`${host}/book/${slug.value === '' ? '…' : slug.value}`}
        maxLength={60}
      />
      <Field {...field('address')} label="Where clients come to" autoComplete="street-address" maxLength={300} />
      <div className="grid grid-cols-2 gap-3">
        <Field {...field('timeZone')} label="Time zone" list="zones" />
        <Field {...field('currency')} label="Currency" maxLength={3} />
      </div>
      <datalist id="zones">
        {Intl.supportedValuesOf('timeZone').map((zone) => (
          <option key={zone} value={zone} />
        ))}
      </datalist>
    </>
  );
}
