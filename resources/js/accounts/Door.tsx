import { useState, type ReactNode } from 'react';
import { Button } from '../ui/Button';
import { refusalOf, type Refusal } from '../lib/api';
import { Trouble } from '../ui/Trouble';
import { useFirstWrong } from '../ui/useIntoSight';
import * as say from '@words/accounts';

type Props = {
  title: string;
  children: (wrong: Readonly<Record<string, string>>) => ReactNode;
  action: string;
  onSend: () => Promise<void>;
  below?: ReactNode;
};

/** The page one comes in by: a title, a few fields, one thing to do. */
export function Door({ title, children, action, onSend, below }: Props) {
  const [refused, setRefused] = useState<Refusal | null>(null);
  const [sending, setSending] = useState(false);
  useFirstWrong(refused?.fields);
  const send = async () => {
    setSending(true);
    setRefused(null);
    try {
      await onSend();
    } catch (wrong) {
      setRefused(refusalOf(wrong));
    }
    setSending(false);
  };
  return (
    <main className="grid min-h-dvh content-center justify-items-center gap-6 px-5 py-8">
      <p className="font-head text-xl font-bold">{say.yardBell}</p>
      <form
        className="grid w-full max-w-md gap-4 rounded-2xl border border-line bg-paper p-7"
        noValidate
        onSubmit={(event) => {
          event.preventDefault();
          void send();
        }}
      >
        <h1 className="text-3xl">{title}</h1>
        {refused !== null && refused.fields === undefined && <Trouble of={refused}>{refused.message}</Trouble>}
        {children(refused?.fields ?? {})}
        <Button type="submit" kind="next" disabled={sending}>
          {sending ? say.oneMoment : action}
        </Button>
      </form>
      {below !== undefined && <p className="flex flex-wrap justify-center gap-x-6 gap-y-2">{below}</p>}
    </main>
  );
}
