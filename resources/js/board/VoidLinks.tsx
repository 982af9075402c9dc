import { api } from '../lib/api';
import { Alert } from '../ui/Alert';
import { Button } from '../ui/Button';
import { useSetup } from '../setup/useSetup';
import { useSaidAct } from './useSaidAct';
import * as say from '@words/board';

/** A client's links may be in wrong hands: none of them is good any more. */
export function VoidLinks({ business, id }: { business: string; id: string }) {
  const { may } = useSetup();
  const { busy, trouble, act } = useSaidAct(say.linksAreVoid);
  if (!may('change-bookings')) {
    return null;
  }
  const params = { path: { business, id } };
  const make = () => void act(api.POST('/api/businesses/{business}/bookings/{id}/links/void', { params }));
  return (
    <>
      <Button id="void-links" small className="justify-self-start" disabled={busy} onClick={make}>
        {say.linksVoid}
      </Button>
      <Alert says={trouble} />
    </>
  );
}
