import { readLength, writeLength } from '../lib/length';
import { TypedField } from './TypedField';
import * as say from '@words/ui';

type Props<Value extends number | null> = {
  id: string;
  label: string;
  hint?: string;
  wrong: string | undefined;
  /** Minutes; with `days`, days. */
  value: Value;
  /** What stands for nothing typed. */
  empty: Value;
  days?: boolean;
  onValue: (value: number | Value) => void;
};

/** How long: "90", "1h30", "2 days". A bare number is minutes; of a reach it is days. */
export function LengthField<Value extends number | null>({ value, empty, days = false, ...field }: Props<Value>) {
  return (
    <TypedField<number | Value>
      {...field}
      value={value}
      read={(typed) => {
        if (typed.trim() === '') {
          return empty;
        }
        const minutes = readLength(typed, days ? 'day' : 'minute');
        return minutes === null || (days && minutes % 1440 !== 0) ? null : days ? minutes / 1440 : minutes;
      }}
      unread={() => -2}
      write={(now) => (now === null || now === empty || now < 0 ? '' : writeLength(days ? now * 1440 : now))}
      broken={days ? say.typeDays : say.typeLength}
    />
  );
}
