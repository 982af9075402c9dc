import { inputLook } from '../ui/inputLook';

type Props = { says: string; hint: string; value: string; onValue: (value: string) => void };

/** Narrows a long list to the names that have this in them. */
export const FindField = ({ says, hint, value, onValue }: Props) => (
  <input
    className={inputLook('search')}
    type="search"
    aria-label={says}
    placeholder={hint}
    value={value}
    onChange={(event) => onValue(event.target.value)}
  />
);
