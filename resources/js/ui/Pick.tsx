import type { ReactNode } from 'react';
import { hintLook } from './Labelled';
import { Wrong } from './Wrong';
import './Pick.css';

type One = { id: string; name: string; badge?: ReactNode };
type Props = {
  legend: string;
  from: readonly One[];
  chosen: readonly string[];
  onChosen: (ids: string[]) => void;
  wrong?: string | undefined;
  hint?: string;
};

/** Some of a list: chosen ones keep the order in which they were chosen. */
export function Pick({ legend, from, chosen, onChosen, wrong, hint }: Props) {
  return (
    <fieldset className="pick">
      <legend>{legend}</legend>
      {hint !== undefined && <p className={hintLook}>{hint}</p>}
      <div className="pick-list">
        {from.map((one) => (
          <label key={one.id} className="pick-one">
            <input
              type="checkbox"
              checked={chosen.includes(one.id)}
              onChange={(event) =>
                onChosen(event.target.checked ? [...chosen, one.id] : chosen.filter((id) => id !== one.id))
              }
            />
            {one.badge}
            <span>{one.name}</span>
          </label>
        ))}
      </div>
      {wrong !== undefined && <Wrong role="alert">{wrong}</Wrong>}
    </fieldset>
  );
}
