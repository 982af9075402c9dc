import { Columns } from '../ui/Columns';
import { money } from '../lib/format';
import { PictureField } from '../setup/PictureField';
import { RowEditor } from '../setup/RowEditor';
import { ThingRows } from '../setup/ThingRows';
import { useSetup } from '../setup/useSetup';
import { useThing } from '../setup/useThing';
import { Check } from '../ui/Check';
import { Field } from '../ui/Field';
import { MoneyField } from '../ui/MoneyField';
import { LengthField } from '../ui/LengthField';
import { SomeServices } from './SomeServices';
import { TaxOnIt } from './TaxOnIt';
import * as say from '@words/offer';

/** What can be had with a service: a towel, an hour more, a second pot. */
export function AddOns() {
  const { data } = useSetup();
  const currency = data?.currency ?? 'EUR';
  return (
    <ThingRows
      list="addOns"
      title={say.addOns}
      add={say.addAddOn}
      empty={say.noneYetAddOn}
      rows={(data?.addOns ?? []).map((one) => ({
        ...one,
        says: [
          one.price === 0 ? say.free : money(one.price, currency),
          one.minutes === 0 ? '' : say.minutesMore({ minutes: one.minutes }),
        ]
          .filter((part) => part !== '')
          .join(', '),
      }))}
      editor={(id, onDone) => <AddOn id={id} currency={currency} onDone={onDone} />}
    />
  );
}

function AddOn({ id, currency, onDone }: { id: string | null; currency: string; onDone: () => void }) {
  const editing = useThing('addOn', id, {
    name: '',
    price: 0,
    minutes: 0,
    perPerson: false,
    picture: null,
    services: null,
    taxRates: [],
  });
  const { content, set, wrong } = editing;
  if (content === null) {
    return <p role="status">{say.fetchingAddOn}</p>;
  }
  return (
    <RowEditor editing={editing} name={content.name} isNew={id === null} onDone={onDone}>
      <Field
        id="add-on-name"
        label={say.name}
        maxLength={120}
        wrong={wrong['name']}
        value={content.name}
        onValue={(name) => set({ name })}
      />
      <Columns>
        <MoneyField
          id="add-on-price"
          label={say.priceIn({ currency })}
          currency={currency}
          hint={say.nothingTypedFree}
          wrong={wrong['price']}
          value={content.price}
          onValue={(price) => set({ price })}
        />
        <LengthField
          id="add-on-minutes"
          label={say.takesLongerBy}
          hint={say.nothingTypedNone}
          wrong={wrong['minutes']}
          value={content.minutes}
          empty={0}
          onValue={(minutes) => set({ minutes })}
        />
      </Columns>
      <Check checked={content.perPerson} onChange={(perPerson) => set({ perPerson })}>
        {say.forEachPersonParty}
      </Check>
      <PictureField label={say.picture} picture={content.picture} onPicture={(picture) => set({ picture })} />
      <TaxOnIt chosen={content.taxRates} onChosen={(taxRates) => set({ taxRates })} wrong={wrong['taxRates']} />
      <SomeServices
        services={content.services}
        onServices={(services) => set({ services })}
        wrong={wrong['services']}
      />
    </RowEditor>
  );
}
