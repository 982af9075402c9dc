import { useQueryClient } from '@tanstack/react-query';
import { api, asSeen, refusalOf, unwrap, type Schemas } from '../lib/api';
import { moment } from '../lib/format';
import { outdated } from '../lib/outdated';
import { UNDO_MS, useNotices } from '../ui/Notices';
import { useNames } from '../ui/useNames';
import * as say from '@words/board';

/** Says what was cancelled, and takes it back while nobody is mailed of it yet: all that one press has cancelled. */
export function useCancelled(business: string, zone: string) {
  const queries = useQueryClient();
  const notices = useNotices();
  const { shown } = useNames();
  const said = (card: Schemas['Card']) => ({
    who: card.client === null ? card.service : shown(card.client.name),
    when: moment(card.start, zone),
  });
  const undo = async (cancelled: Schemas['Card']) => {
    try {
      const params = { path: { business, id: cancelled.id } };
      const send = { params, ...asSeen(cancelled), body: { together: true } };
      notices.say(
        say.bookedAfterAll(said(await unwrap(api.POST('/api/businesses/{business}/bookings/{id}/restored', send)))),
      );
    } catch (wrong) {
      notices.say(refusalOf(wrong).message);
    }
    void outdated(queries, 'booking', business);
  };
  return (cancelled: Schemas['Card']) =>
    notices.say(say.cancelledOne(said(cancelled)), () => void undo(cancelled), UNDO_MS);
}
