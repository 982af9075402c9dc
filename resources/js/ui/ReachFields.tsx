import { Field } from './Field';
import * as say from '@words/ui';

type Props = { id: string; wrong: string | undefined; value: string; onValue: (value: string) => void };

/** Where somebody can be written to. */
export function MailField(props: Props) {
  return <Field {...props} label={say.mail} type="email" maxLength={190} />;
}

/** Where somebody can be called. */
export function PhoneField(props: Props) {
  return <Field {...props} label={say.phone} type="tel" maxLength={40} />;
}
