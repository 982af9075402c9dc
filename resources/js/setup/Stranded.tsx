import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useParams } from 'react-router';
import { inputLook } from '../ui/inputLook';
import { api, refusalOf, unwrap, type Schemas } from '../lib/api';
import { listed, moment } from '../lib/format';
import { useNotices } from '../ui/Notices';
import type { Draft } from './things';
import * as say from '@words/setup';
import './Stranded.css';

type Choice = { at: 'leave' } | { at: 'message'; text: string } | { at: 'move'; time: Schemas['OtherTime'] | null };
export type Stranding = ReturnType<typeof useStranded>;

/** What becomes of the bookings a change would strand: chosen before, carried out once the change is saved. */
export function useStranded() {
  const business = useParams()['business'] ?? '';
  const notices = useNotices();
  const [choices, setChoices] = useState<ReadonlyMap<string, Choice>>(new Map());
  const carryOne = async (slug: string, id: string, choice: Choice): Promise<void> => {
    const params = { path: { business: slug, id } };
    if (choice.at === 'message' && choice.text.trim() !== '') {
      await unwrap(api.POST('/api/businesses/{business}/bookings/{id}/word', { params, body: { text: choice.text } }));
    }
    if (choice.at === 'move' && choice.time !== null) {
      await unwrap(
        api.POST('/api/businesses/{business}/bookings/{id}/move', {
          params,
          body: { start: choice.time.start, staff: choice.time.staff },
        }),
      );
    }
  };
  return {
    of: (id: string): Choice => choices.get(id) ?? { at: 'leave' },
    choose: (id: string, choice: Choice) => setChoices((now) => new Map(now).set(id, choice)),
    /** @param slug the business's address by now, where what was saved has changed it */
    carryOut: async (slug = business) => {
      const failed: string[] = [];
      for (const [id, choice] of choices) {
        await carryOne(slug, id, choice).catch((wrong: unknown) => failed.push(refusalOf(wrong).message));
      }
      setChoices(new Map());
      if (failed[0] !== undefined) {
        notices.sayToo(say.beforeBookingFailed({ count: failed.length, why: failed[0] }));
      }
    },
  };
}

type Props = { booking: Schemas['Stranded']; drafts: readonly Draft[]; stranded: Stranding; zone: string };

/** One stranded booking: left as it is, its client told, or another time found for it. */
export function StrandedChoice({ booking, drafts, stranded, zone }: Props) {
  const choice = stranded.of(booking.id);
  const put = (at: string) =>
    stranded.choose(
      booking.id,
      at === 'message'
        ? {
            at,
            text: say.hoursChange({ start: moment(booking.start, zone) }),
          }
        : at === 'move'
          ? { at, time: null }
          : { at: 'leave' },
    );
  return (
    <div className="stranded-choice">
      <select
        className={inputLook('small')}
        aria-label={say.whatBecomes({ service: booking.service, start: moment(booking.start, zone) })}
        value={choice.at}
        onChange={(event) => put(event.target.value)}
      >
        <option value="leave">{say.leaveAs}</option>
        <option value="message">{say.messageClient}</option>
        <option value="move">{say.findAnotherTime}</option>
      </select>
      {choice.at === 'message' && (
        <textarea
          className={inputLook()}
          rows={3}
          maxLength={2000}
          aria-label={say.whatClientTold}
          value={choice.text}
          onChange={(event) => stranded.choose(booking.id, { at: 'message', text: event.target.value })}
        />
      )}
      {choice.at === 'move' && (
        <OtherTimes
          booking={booking}
          drafts={drafts}
          zone={zone}
          chosen={choice.time}
          onTime={(time) => stranded.choose(booking.id, { at: 'move', time })}
        />
      )}
    </div>
  );
}

type TimesProps = {
  booking: Schemas['Stranded'];
  drafts: readonly Draft[];
  zone: string;
  chosen: Schemas['OtherTime'] | null;
  onTime: (time: Schemas['OtherTime']) => void;
};

function OtherTimes({ booking, drafts, zone, chosen, onTime }: TimesProps) {
  const business = useParams()['business'] ?? '';
  const { data } = useQuery({
    queryKey: ['effect', business, 'other-times', booking.id, JSON.stringify(drafts)] as const,
    queryFn: async ({ signal }) =>
      unwrap(
        api.POST('/api/businesses/{business}/bookings/{id}/times', {
          params: { path: { business, id: booking.id } },
          body: { drafts: [...drafts] },
          signal,
        }),
      ),
  });
  if (data === undefined) {
    return <p role="status">{say.lookingForTimes}</p>;
  }
  if (data.times.length === 0) {
    return <p>{say.nothingFreeInThree}</p>;
  }
  const keyOf = (time: Schemas['OtherTime']): string => `${time.start} ${time.staff.join(' ')}`;
  return (
    <select
      className={inputLook('small')}
      aria-label={say.anotherTime}
      value={chosen === null ? '' : keyOf(chosen)}
      onChange={(event) => {
        const time = data.times.find((one) => keyOf(one) === event.target.value);
        if (time !== undefined) {
          onTime(time);
        }
      }}
    >
      <option value="">{say.chooseOne}</option>
      {data.times.map((time) => (
        <option key={keyOf(time)} value={keyOf(time)}>
          {say.timeWith({ at: moment(time.start, zone), staff: listed(time.names) })}
        </option>
      ))}
    </select>
  );
}
