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
        <label className="check">
          <input type="radio" name="services" checked={services === null} onChange={() => onServices(null)} />
          <span>{say.forAllServices}</span>
        </label>
        <label className="check">
          <input type="radio" name="services" checked={services !== null} onChange={() => onServices([])} />
          <span>{say.forSome}</span>
        </label>
      </div>
      {services !== null && (
        <Pick legend={say.which} from={data?.services ?? []} chosen={services} onChosen={onServices} wrong={wrong} />
      )}
    </div>
  );
}
