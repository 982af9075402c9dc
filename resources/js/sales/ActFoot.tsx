import { Alert } from '../ui/Alert';
import { Button } from '../ui/Button';
import type { useSaleAct } from './useSaleAct';
import * as say from '@words/sales';

type Props = {
  id: string;
  does: string;
  kind?: 'plain' | 'next';
  saying: Pick<ReturnType<typeof useSaleAct>, 'busy' | 'trouble'>;
  /** Left out where it cannot be left. */
  onLeave?: () => void;
};

/** The end of a form that does something to a sale: what was refused of it as a whole, do it, or leave it. */
export function ActFoot({ id, does, kind = 'plain', saying, onLeave }: Props) {
  return (
    <>
      <Alert says={saying.trouble} />
      <p className="flex flex-wrap gap-2">
        <Button type="submit" id={id} kind={kind} small disabled={saying.busy}>
          {does}
        </Button>
        {onLeave !== undefined && (
          <Button small onClick={onLeave}>
            {say.leave}
          </Button>
        )}
      </p>
    </>
  );
}
