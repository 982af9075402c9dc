import { useQueryClient } from '@tanstack/react-query';
import { useState, type SubmitEvent } from 'react';
import { api, refusalOf, unwrap, type Refusal, type Schemas } from '../lib/api';
import { outdated } from '../lib/outdated';
import { useSetup } from '../setup/useSetup';
import { Button } from '../ui/Button';
import { Check } from '../ui/Check';
import { hintLook } from '../ui/Labelled';
import { MoneyField } from '../ui/MoneyField';
import { Wrong } from '../ui/Wrong';
import * as say from '@words/clients';

type Props = { business: string; client: Schemas['Client'] };

/** What services cost this client, in place of what they cost everybody. */
export function OwnPrices({ business, client }: Props) {
  const { data, may } = useSetup();
  const queries = useQueryClient();
  const [rates, setRates] = useState(client.rates);
  const [saved, setSaved] = useState(false);
  const [refusal, setRefusal] = useState<Refusal | null>(null);
  const set = (next: Schemas['ClientRate'][]) => {
    setRates(next);
    setSaved(false);
  };
  const save = async (event: SubmitEvent) => {
    event.preventDefault();
    try {
      const params = { path: { business, id: client.id } };
      await unwrap(api.PUT('/api/businesses/{business}/clients/{id}/rates', { params, body: { rates } }));
      setSaved(true);
      setRefusal(null);
      await outdated(queries, 'client', business);
    } catch (wrong) {
      setRefusal(refusalOf(wrong));
    }
  };
  return (
    <form className="grid max-w-xl gap-3 px-2 pb-5" onSubmit={(event) => void save(event)}>
      <p className={hintLook}>{say.help}</p>
      <fieldset disabled={!may('change-setup')} className="contents">
        {(data?.services ?? []).map((service) => {
          const at = rates.findIndex((rate) => rate.service === service.id);
          const own = rates[at];
          return (
            <div key={service.id} className="grid gap-2">
              <Check
                id={`own-${service.id}`}
                checked={own !== undefined}
                onChange={(on) =>
                  set(
                    on
                      ? [...rates, { service: service.id, amount: 0 }]
                      : rates.filter((rate) => rate.service !== service.id),
                  )
                }
              >
                {service.name}
              </Check>
              {own !== undefined && (
                <MoneyField
                  id={`price-${service.id}`}
                  label={say.price}
                  currency={data?.currency ?? 'EUR'}
                  wrong={refusal?.fields?.[`rates.${at}.amount`]}
                  value={own.amount}
                  onValue={(amount) => set(rates.map((rate, i) => (i === at ? { ...rate, amount } : rate)))}
                />
              )}
            </div>
          );
        })}
      </fieldset>
      {refusal !== null && refusal.fields === undefined && (
        <Wrong as="p" role="alert">
          {refusal.message}
        </Wrong>
      )}
      {may('change-setup') && (
        <p className="flex items-center gap-3">
          <Button type="submit" id="save-own" kind="next" small>
            {say.save}
          </Button>
          {saved && <span role="status">{say.saved}</span>}
        </p>
      )}
    </form>
  );
}
