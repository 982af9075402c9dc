import { useState, type SubmitEvent } from 'react';
import { Check } from '../ui/Check';
import { Field } from '../ui/Field';
import { hintLook } from '../ui/Labelled';
import { MoneyField } from '../ui/MoneyField';
import { ActFoot } from './ActFoot';
import type { useSaleAct } from './useSaleAct';
import * as say from '@words/sales';

type Props = {
  id: string;
  currency: string;
  first: number;
  does: string;
  hint?: string;
  /** A box to tick, where there is one. */
  box?: string;
  /** Of the client, who may be told by mail; empty where there is none. */
  email?: string;
  saying: Pick<ReturnType<typeof useSaleAct>, 'busy' | 'wrong' | 'trouble'>;
  onSubmit: (said: { amount: number; why: string; ticked: boolean; told: boolean }) => Promise<boolean>;
  onDone: () => void;
};

/** An amount and the reason for it. */
export function AmountForm({ id, currency, first, does, hint, box, email = '', saying, onSubmit, onDone }: Props) {
  const [amount, setAmount] = useState(first);
  const [why, setWhy] = useState('');
  const [ticked, setTicked] = useState(false);
  const [told, setTold] = useState(email !== '');
  const submit = async (event: SubmitEvent) => {
    event.preventDefault();
    if (await onSubmit({ amount, why, ticked, told })) {
      onDone();
    }
  };
  const { wrong } = saying;
  return (
    <form className="grid gap-3" onSubmit={(event) => void submit(event)}>
      <MoneyField
        id={`${id}-amount`}
        label={say.howMuch}
        currency={currency}
        wrong={wrong['amount']}
        value={amount}
        onValue={setAmount}
      />
      <Field id={`${id}-why`} label={say.why} maxLength={300} wrong={wrong['why']} value={why} onValue={setWhy} />
      {hint !== undefined && <p className={hintLook}>{hint}</p>}
      {box !== undefined && (
        <Check id={`${id}-box`} checked={ticked} onChange={setTicked}>
          {box}
        </Check>
      )}
      {email !== '' && (
        <Check id={`${id}-told`} checked={told} onChange={setTold}>
          {say.tellByMail({ email })}
        </Check>
      )}
      <ActFoot id={`${id}-do`} does={does} saying={saying} onLeave={onDone} />
    </form>
  );
}
