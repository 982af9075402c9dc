import { Button } from '../ui/Button';
import { Notice } from '../ui/Notice';
import { api, unwrap } from '../lib/api';
import { useAsked } from './latest';
import { sealed } from './sealed';
import type { Booking } from './types';
import * as say from '@words/gate';

type Props = {
  of: Pick<Booking, 'id' | 'query' | 'service'>;
  /** Of a visit, this part alone. */
  alone: boolean;
  busy: boolean;
  /** How often it was refused: what it does is asked anew. */
  tries: number;
  onCancel: (seen: string) => void;
  onLeave: () => void;
};

/** What cancelling does to the money is said before it is done, and of what it is. */
export function Cancelling({ of, alone, busy, tries, onCancel, onLeave }: Props) {
  const { answer, trouble } = useAsked(`${of.id} ${alone} ${tries}`, (signal) =>
    unwrap(api.POST('/gate-api/bookings/{id}/cancel/tried', { ...sealed(of), body: { alone }, signal })),
  );
  return (
    <Notice as="div" tone="trouble" className="grid gap-3">
      <div role="status">
        <p className="font-semibold">{say.cancelWhich({ service: of.service.name })}</p>
        <p id="cancel-effect">{answer === null ? (trouble?.message ?? say.oneMoment) : answer.says.join(' ')}</p>
      </div>
      <p className="flex flex-wrap gap-3">
        <Button
          id="really-cancel"
          kind="trouble"
          disabled={busy || answer === null}
          onClick={() => answer !== null && onCancel(answer.seen)}
        >
          {say.yesCancel}
        </Button>
        <Button onClick={onLeave}>{say.noIAmComing}</Button>
      </p>
    </Notice>
  );
}
