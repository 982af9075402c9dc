import { Link } from 'react-router';
import type { Looking } from '../lib/queries';
import { useSetup } from '../setup/useSetup';
import { Button, buttonLook } from '../ui/Button';
import { LookingAt } from './LookingAt';
import type { Form } from './useLooking';
import type { Doubling } from './useDoubling';
import { useKey } from '../ui/useKey';
import * as say from '@words/board';

type Props = {
  doubling: Doubling;
  looking: Looking;
  onLook: (changes: Partial<Looking>) => void;
  form: Form;
  onForm: (form: Form) => void;
  /** Begins a stretch of hours or time off; null where nobody may. */
  onDraw: (() => void) | null;
};

/** Beneath the lanes: the mode of double booking, hours and time off, and what is shown. */
export function BoardTools({ doubling, looking, onLook, form, onForm, onDraw }: Props) {
  const { business, data, may } = useSetup();
  const doubles = may('change-bookings');
  useKey('d', () => (doubles ? doubling.toggle() : undefined));
  useKey('x', () => onDraw?.());
  return (
    <>
      {doubles && (
        <Button id="doubling" small aria-pressed={doubling.on} onClick={doubling.toggle}>
          {doubling.on ? say.doublingOn : say.doubling}
        </Button>
      )}
      {onDraw !== null && (
        <Button id="draw" small onClick={onDraw}>
          {say.hoursAndOff}
        </Button>
      )}
      {data?.me.staff != null && (
        <Link id="my-day" className={buttonLook({ small: true })} to={`/at/${business}/my-day`}>
          {say.myDay}
        </Link>
      )}
      <LookingAt looking={looking} onLook={onLook} form={form} onForm={onForm} />
    </>
  );
}
