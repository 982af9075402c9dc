import { useQueryClient } from '@tanstack/react-query';
import { useState, type SubmitEvent } from 'react';
import { api, refusalOf, unwrap, type Refusal, type Schemas } from '../lib/api';
import { money } from '../lib/format';
import { outdated } from '../lib/outdated';
import { Button } from '../ui/Button';
import { Columns } from '../ui/Columns';
import { Field } from '../ui/Field';
import { MoneyField } from '../ui/MoneyField';
import { Wrong } from '../ui/Wrong';
import * as say from '@words/ledger';

type Props = { business: string; day: Schemas['LedgerDay'] };

/** Counts the drawer of today. */
export function CloseForm({ business, day }: Props) {
  const queries = useQueryClient();
  const [counted, setCounted] = useState(-1);
  const [banked, setBanked] = useState(0);
  const [note, setNote] = useState('');
  const [refusal, setRefusal] = useState<Refusal | null>(null);
  const submit = async (event: SubmitEvent) => {
    event.preventDefault();
    setRefusal(null);
    try {
      await unwrap(
        api.POST('/api/businesses/{business}/closes', {
          params: { path: { business } },
          body: { counted, banked, seen: day.drawer, note },
        }),
      );
    } catch (wrong) {
      setRefusal(refusalOf(wrong));
    }
    await outdated(queries, 'close', business);
  };
  return (
    <form className="grid gap-3" onSubmit={(event) => void submit(event)}>
      <p className="slip-line slip-total">
        <span>{say.should}</span>
        <span>{money(day.drawer, day.currency)}</span>
      </p>
      <Columns>
        <MoneyField
          id="counted"
          label={say.counted}
          currency={day.currency}
          asked
          wrong={refusal?.fields?.['counted']}
          value={counted}
          onValue={setCounted}
        />
        <MoneyField
          id="banked"
          label={say.banked}
          currency={day.currency}
          wrong={refusal?.fields?.['banked']}
          value={banked}
          onValue={setBanked}
        />
      </Columns>
      {counted >= 0 && (
        <p
          id="difference"
          className={`slip-line slip-total ${counted === day.drawer ? '' : 'text-clay'}`}
          role="status"
        >
          <span>{say.difference}</span>
          <span>{money(counted - day.drawer, day.currency)}</span>
        </p>
      )}
      <Field
        id="note"
        label={say.note}
        maxLength={1000}
        wrong={refusal?.fields?.['note']}
        value={note}
        onValue={setNote}
      />
      {refusal !== null && refusal.fields === undefined && (
        <Wrong as="p" role="alert">
          {refusal.message}
        </Wrong>
      )}
      <p>
        <Button type="submit" id="close-day" kind="next">
          {say.close}
        </Button>
      </p>
    </form>
  );
}
