import type { ReactNode } from 'react';
import { Link } from 'react-router';
import { buttonLook } from '../ui/Button';
import { useSetup } from './useSetup';

type Props = {
  title: string;
  /** For who may: to where a new row is made. */
  add: string;
  addId: string;
  to: string;
  find?: ReactNode;
  children?: ReactNode;
};

/** Above a list of the set-up: what it is of, and the way to one more. */
export function ListHead({ title, add, addId, to, find, children }: Props) {
  const { business, may } = useSetup();
  return (
    <div className="list-head">
      <h2>{title}</h2>
      {find}
      {may('change-setup') && (
        <Link className={buttonLook({ small: true })} id={addId} to={`/at/${business}/${to}`}>
          {add}
        </Link>
      )}
      {children}
    </div>
  );
}
