import { useSetup } from '../setup/useSetup';
import { Pick } from '../ui/Pick';

type Props = { services: string[] | null; onServices: (services: string[] | null) => void; wrong: string | undefined };

/** For all services, or for some. */
export function SomeServices({ services, onServices, wrong }: Props) {
  const { data } = useSetup();
  return (
    <div className="grid gap-2">
      <div className="flex flex-wrap gap-5" role="radiogroup" aria-label="For which services">
        <label className="check">
          <input type="radio" name="services" checked={services === null} onChange={() => onServices(null)} />
          <span>for all services</span>
        </label>
        <label className="check">
          <input type="radio" name="services" checked={services !== null} onChange={() => onServices([])} />
          <span>for some</span>
        </label>
      </div>
      {services !== null && (
        <Pick legend="Which" from={data?.services ?? []} chosen={services} onChosen={onServices} wrong={wrong} />
      )}
    </div>
  );
}
