import { dateIn, longDate } from '../lib/format';
import { readDate } from '../lib/date';
import { TypedField } from './TypedField';
import * as say from '@words/ui';

type Props = {
  id: string;
  label: string;
  hint?: string;
  wrong: string | undefined;
  /** "2027-03-01"; empty: none */
  value: string;
  onValue: (date: string) => void;
};

const zone = Intl.DateTimeFormat().resolvedOptions().timeZone;

/** A date, typed as people say it and written with its weekday. */
export function DateField(props: Props) {
  const read = (typed: string) => (typed.trim() === '' ? '' : readDate(typed, dateIn(new Date().toISOString(), zone)));
  return (
    <TypedField
      {...props}
      read={read}
      unread={(typed) => typed}
      write={(date) => (/^\d{4}-\d\d-\d\d$/.test(date) ? `${longDate(date)} ${date.slice(0, 4)}` : date)}
      broken={say.typeDate}
    />
  );
}
