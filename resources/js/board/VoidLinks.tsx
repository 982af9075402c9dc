import { useState } from 'react';
import { api, refusalOf, unwrap } from '../lib/api';
import { Button } from '../ui/Button';
import { useNotices } from '../ui/Notices';
import { Wrong } from '../ui/Wrong';
import { useSetup } from '../setup/useSetup';
import * as say from '@words/board';

/** A client's links may be in wrong hands: none of them is good any more. */
export function VoidLinks({ business, id }: { business: string; id: string }) {
  const notices = useNotices();
  const { may } = useSetup();
  const [trouble, setTrouble] = useState<string | null>(null);
  if (!may('change-bookings')) {
    return null;
  }
  const make = async () => {
    try {
      await unwrap(
        api.POST('/api/businesses/{business}/bookings/{id}/links/void', { params: { path: { business, id } } }),
      );
      setTrouble(null);
      notices.say(say.linksAreVoid);
    } catch (wrong) {
      setTrouble(refusalOf(wrong).message);
    }
  };
  return (
    <>
      <Button id="void-links" small className="justify-self-start" onClick={() => void make()}>
        {say.linksVoid}
      </Button>
      {trouble !== null && (
        <Wrong as="p" role="alert">
          {trouble}
        </Wrong>
      )}
    </>
  );
}
