import { timeOfDay } from '../lib/format';
import { readClock } from '../lib/clock';
import { TypedField } from './TypedField';
import * as say from '@words/ui';

type Props = {
  id: string;
  label: string;
  hint?: string;
  wrong: string | undefined;
  /** "09:30" */
  value: string;
  onValue: (time: string) => void;
};

/** A time of day, written as the business's clock shows it and read in either way. */
export function ClockField(props: Props) {
  return <TypedField {...props} read={readClock} unread={(typed) => typed} write={timeOfDay} broken={say.typeClock} />;
}
