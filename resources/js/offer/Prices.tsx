import { Columns } from '../ui/Columns';
import { RowEditor } from '../setup/RowEditor';
import { draftOf, thing } from '../setup/things';
import { ThingRows } from '../setup/ThingRows';
import { useSave } from '../setup/useSave';
import { useSetup } from '../setup/useSetup';
import { useThing } from '../setup/useThing';
import { Check } from '../ui/Check';
import { Field } from '../ui/Field';
import { hintLook } from '../ui/Labelled';
import { useQuery } from '@tanstack/react-query';
import { OfferCodes } from './OfferCodes';
import { Surcharges } from './Surcharges';
import * as say from '@words/offer';

/** What goes for every service: tax, and when visits cost more. */
export function Prices() {
  const { data } = useSetup();
  return (
    <div className="grid gap-8">
      <div className="grid gap-3">
        <ThingRows
          list="taxRates"
          title={say.taxRates}
          add={say.addTaxRate}
          empty={say.noTaxRates}
          rows={(data?.taxRates ?? []).map((rate) => ({ ...rate, says: say.rateOf({ percent: rate.percent }) }))}
          editor={(id, onDone) => <TaxRate id={id} onDone={onDone} />}
        />
        <Included />
      </div>
      <Surcharges />
      <OfferCodes />
    </div>
  );
}

/** Saved at once, as it is one press; it can be undone like everything. */
function Included() {
  const { business, data, may } = useSetup();
  const saving = useSave();
  const { data: taxes } = useQuery(thing(business, 'taxes', 'business'));
  const put = (included: boolean) =>
    saving.save(
      [draftOf.taxes('business', { included }, taxes?.version ?? null)],
      included ? say.nowIncluded : say.nowOnTop,
    );
  return (
    <fieldset disabled={!may('change-setup') || taxes === undefined} className="contents">
      <div>
        <Check id="prices-include-tax" checked={data?.pricesIncludeTax ?? true} onChange={(on) => void put(on)}>
          {say.pricesIncludeTax}
        </Check>
        <p className={hintLook}>{say.pricesIncludeTaxHelp}</p>
      </div>
    </fieldset>
  );
}

function TaxRate({ id, onDone }: { id: string | null; onDone: () => void }) {
  const editing = useThing('taxRate', id, { name: '', percent: '' });
  const { content, set, wrong } = editing;
  if (content === null) {
    return <p role="status">{say.fetchingTaxRate}</p>;
  }
  return (
    <RowEditor editing={editing} name={content.name} isNew={id === null} onDone={onDone}>
      <Columns>
        <Field
          id="tax-name"
          label={say.taxName}
          maxLength={120}
          wrong={wrong['name']}
          value={content.name}
          onValue={(name) => set({ name })}
        />
        <Field
          id="tax-percent"
          label={say.percent}
          inputMode="decimal"
          maxLength={8}
          wrong={wrong['percent']}
          value={content.percent}
          onValue={(percent) => set({ percent: percent.trim().replace(',', '.') })}
        />
      </Columns>
    </RowEditor>
  );
}
