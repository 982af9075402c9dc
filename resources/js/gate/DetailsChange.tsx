import { useState } from 'react';
import { Button } from '../ui/Button';
import { Field } from '../ui/Field';
import { Asked, askedFor, type Answers } from './Asked';
import type { Booking, Page } from './types';
import * as say from '@words/gate';

type Props = {
  booking: Booking;
  page: Page;
  wrong: Readonly<Record<string, string>>;
  busy: boolean;
  onDetails: (note: string, answers: Record<string, string | string[]>) => void;
  onLeave: () => void;
};

/** What was told when booking, told otherwise. */
export function DetailsChange({ booking, page, wrong, busy, onDetails, onLeave }: Props) {
  const [note, setNote] = useState(booking.note);
  const [answers, setAnswers] = useState<Answers>(() =>
    Object.fromEntries(page.questions.map((one) => [one.id, given(booking, one.id, one.type === 'choices')])),
  );
  return (
    <form
      className="grid max-w-xl gap-4"
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        onDetails(note, answers);
      }}
    >
      <Asked
        booking={booking}
        questions={askedFor(page.questions, servicesOf(booking), answers)}
        answers={answers}
        wrong={wrong}
        onAnswer={(id, answer) => setAnswers((now) => ({ ...now, [id]: answer }))}
      />
      <Field
        id="note"
        label={say.anythingWeShouldKnow}
        lines={3}
        maxLength={1000}
        value={note}
        onValue={setNote}
        wrong={undefined}
      />
      <p className="flex flex-wrap gap-3">
        <Button type="submit" id="change-details" kind="next" disabled={busy}>
          {say.saveIt}
        </Button>
        <Button onClick={onLeave}>{say.leaveAsItIs}</Button>
      </p>
    </form>
  );
}

const given = (booking: Booking, question: string, isMany: boolean): string | string[] =>
  isMany ? (booking.answers[question] ?? []) : (booking.answers[question]?.[0] ?? '');

const servicesOf = (booking: Booking): string[] => [
  booking.service.id,
  ...booking.parts.map((part) => part.service.id),
];
