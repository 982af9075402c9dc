import { useSetup } from '../setup/useSetup';
import { Pick } from '../ui/Pick';
import * as say from '@words/offer';

type Props = { chosen: string[]; onChosen: (rates: string[]) => void; wrong: string | undefined };

/** The tax rates that are due on a service or an add-on, where the business has any. */
export function TaxOnIt({ chosen, onChosen, wrong }: Props) {
  const { data } = useSetup();
  const rates = (data?.taxRates ?? []).map((rate) => ({
    id: rate.id,
    name: `${rate.name}, ${say.rateOf({ percent: rate.percent })}`,
  }));
  return rates.length === 0 ? null : (
    <Pick legend={say.taxOnIt} hint={say.taxOnItHelp} from={rates} chosen={chosen} onChosen={onChosen} wrong={wrong} />
  );
}
