import { Radio } from '../ui/Check';
import { useSetup } from '../setup/useSetup';
import { Pick } from '../ui/Pick';
import * as say from '@words/offer';

type Props = { services: string[] | null; onServices: (services: string[] | null) => void; wrong: string | undefined };

/** For all services, or for some. */
export function SomeServices({ services, onServices, wrong }: Props) {
  const { data } = useSetup();
  return (
    <div className="grid gap-2">
      <div className="flex flex-wrap gap-5" role="radiogroup" aria-label={say.forWhichServices}>
        <Radio name="services" checked={services === null} onChange={() => onServices(null)}>
          {say.forAllServices}
        </Radio>
        <Radio name="services" checked={services !== null} onChange={() => onServices([])}>
          {say.forSome}
        </Radio>
      </div>
      {services !== null && (
        <Pick legend={say.which} from={data?.services ?? []} chosen={services} onChosen={onServices} wrong={wrong} />
      )}
    </div>
  );
}
