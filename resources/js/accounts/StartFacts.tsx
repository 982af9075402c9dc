import { useState } from 'react';
import { hintLook } from '../ui/Labelled';
import { Columns } from '../ui/Columns';
import type { Schemas } from '../lib/api';
import { ZoneField } from '../setup/ZoneField';
import { Field } from '../ui/Field';
import { Fold } from '../ui/Fold';
import type { Beginning } from './beginning';
import * as say from '@words/accounts';
import './StartFacts.css';

const slugOf = (name: string): string =>
  name
    .normalize('NFD')
    .replaceAll(/[\u0300-\u036f]/g, '')
    .toLowerCase()
    .replaceAll(/[^a-z0-9]+/g, '-')
    .replaceAll(/^-|-$/g, '');

type Props = {
  begun: Beginning;
  set: (changes: Partial<Beginning>) => void;
  trades: readonly Schemas['Trade'][];
  trade: string | null;
  onTrade: (trade: Schemas['Trade']) => void;
  wrong: Readonly<Record<string, string>>;
};

/** What it is called and what kind of business it is; the rest follows from that. */
export function StartFacts({ begun, set, trades, trade, onTrade, wrong }: Props) {
  const [ownSlug, setOwnSlug] = useState(false);
  return (
    <>
      <Field
        id="name"
        label={say.whatBusinessCalled}
        maxLength={120}
        wrong={wrong['name']}
        value={begun.name}
        onValue={(name) => set({ name, ...(ownSlug ? {} : { slug: slugOf(name) }) })}
      />
      <fieldset className="pick">
        <legend>{say.whatDoDo}</legend>
        <p className={hintLook}>{say.tradeHelp}</p>
        <div className="trades">
          {trades.map((one) => (
            <label key={one.id} className="trade">
              <input
                type="radio"
                name="trade"
                id={`trade-${one.id}`}
                checked={trade === one.id}
                onChange={() => onTrade(one)}
              />
              <span>{one.name}</span>
            </label>
          ))}
        </div>
      </fieldset>
      <Fold
        id="fold-start"
        title={say.addressZoneCurrency}
        says={`/book/${begun.slug === '' ? '…' : begun.slug}, ${begun.timeZone}, ${begun.currency}`}
        wrong={['slug', 'timeZone', 'currency'].some((field) => wrong[field] !== undefined)}
      >
        <Field
          id="slug"
          label={say.pageAddress}
          hint={`${window.location.host}/book/${begun.slug === '' ? '…' : begun.slug}`}
          maxLength={60}
          wrong={wrong['slug']}
          value={begun.slug}
          onValue={(slug) => {
            setOwnSlug(true);
            set({ slug });
          }}
        />
        <Columns>
          <ZoneField wrong={wrong['timeZone']} value={begun.timeZone} onValue={(timeZone) => set({ timeZone })} />
          <Field
            id="currency"
            label={say.currency}
            maxLength={3}
            wrong={wrong['currency']}
            value={begun.currency}
            onValue={(currency) => set({ currency: currency.toUpperCase() })}
          />
        </Columns>
      </Fold>
    </>
  );
}
