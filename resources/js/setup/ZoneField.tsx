import { Field } from '../ui/Field';
import * as say from '@words/setup';

type Props = { value: string; wrong: string | undefined; onValue: (zone: string) => void };

/** A time zone by its name; the browser helps to find it. */
export function ZoneField({ value, wrong, onValue }: Props) {
  return (
    <>
      <Field
        id="timeZone"
        label={say.timeZone}
        list="zones"
        maxLength={60}
        wrong={wrong}
        value={value}
        onValue={onValue}
      />
      <datalist id="zones">
        {Intl.supportedValuesOf('timeZone').map((zone) => (
          <option key={zone} value={zone} />
        ))}
      </datalist>
    </>
  );
}
