import { useEffect, useRef, useState } from 'react';
import { Notice } from '../ui/Notice';
import { Button } from '../ui/Button';
import { api, refusalOf, unwrap, type Refusal } from '../lib/api';
import { countdown } from '../lib/format';
import { Field } from '../ui/Field';
import { Trouble } from '../ui/Trouble';
import { useFields } from '../ui/useFields';
import { bookWords } from './bookWords';
import { CodeField } from './CodeField';
import { Consent } from './Consent';
import { PayWhen } from './PayWhen';
import { SlipShort } from './SlipShort';
import { Asked, askedFor, fromLink, type Answers } from './Asked';
import { OwnLink } from './OwnLink';
import { detailsOf, keep, kept, knownOf } from './kept';
import type { Booking, Known, Page } from './types';
import { sealed } from './sealed';
import * as say from '@words/gate';

type Props = { held: Booking; page: Page; onBooking: (booking: Booking) => void; onLetGo: () => void };

/** Who is coming. The time is held meanwhile, and for how long is shown. */
export function DetailsForm({ held, page, onBooking, onLetGo }: Props) {
  const slug = page.business.slug;
  const [before] = useState(() => draftOf(slug));
  const isNew = before.values.email === '';
  const services = [held.service.id, ...held.parts.map((part) => part.service.id)];
  const isCheaper = services.some((id) => page.ownPrices.includes(id));
  const { values, field } = useFields(before.values);
  const [answers, setAnswers] = useState<Answers>(() => ({ ...before.answers, ...fromLink(page.questions) }));
  useEffect(() => keep(detailsOf(slug), { values, answers }), [slug, values, answers]);
  const [refused, setRefused] = useState<Refusal | null>(null);
  const [sending, setSending] = useState(false);
  useComeBack(() => setSending(false));
  const heading = useRef<HTMLHeadingElement>(null);
  const seconds = useCountdown(held.heldSeconds ?? 0);
  useEffect(() => heading.current?.focus(), []);
  const asksFirst = held.approval;
  const [payNow, setPayNow] = useState(false);
  const [agreed, setAgreed] = useState(false);
  const { dueNow, payingNow } = held.amounts;
  const mayPay = payingNow > dueNow;
  const due = payNow ? payingNow : dueNow;

  const send = async () => {
    setSending(true);
    setRefused(null);
    try {
      const { pay, booking } = await unwrap(
        api.POST('/gate-api/bookings/{id}/book', {
          ...sealed(held),
          body: { ...values, answers, payNow, agreed, zone: Intl.DateTimeFormat().resolvedOptions().timeZone },
        }),
      );
      window.location.assign(pay ?? (booking.paid === 'waiting' ? await payPage(booking) : booking.link));
    } catch (wrong) {
      const refusal = refusalOf(wrong);
      setRefused(refusal);
      setSending(false);
      const first = document.getElementById(Object.keys(refusal.fields ?? {})[0] ?? 'refused');
      first?.scrollIntoView({ block: 'center' });
      first?.focus();
    }
  };

  return (
    <div className="grid max-w-xl content-start gap-4">
      <h1 className="text-3xl" ref={heading} tabIndex={-1}>
        {say.whoComing}
      </h1>
      <Notice role="timer">
        {seconds > 0 ? say.thisTimeHeldFor({ seconds: countdown(seconds) }) : say.holdHasRunOut}
      </Notice>
      {isNew && (
        <details>
          <summary className="min-h-11 font-semibold">{isCheaper ? say.beenHerePrices : say.beenHereBefore}</summary>
          <OwnLink slug={slug} />
        </details>
      )}
      {refused !== null && refused.fields === undefined && <Trouble id="refused">{refused.message}</Trouble>}
      <form
        className="grid gap-4"
        noValidate
        onSubmit={(event) => {
          event.preventDefault();
          void send();
        }}
      >
        <Field {...field('name', refused?.fields)} label={say.yourName} autoComplete="name" maxLength={120} />
        <Field
          {...field('email', refused?.fields)}
          label={say.mail}
          type="email"
          autoComplete="email"
          maxLength={190}
          hint={say.bookingAndLinkTo}
        />
        {page.asksPhone !== 'never' && (
          <Field
            {...field('phone', refused?.fields)}
            label={page.asksPhone === 'required' ? say.telephone : say.telephoneIfLike}
            type="tel"
            autoComplete="tel"
            maxLength={40}
            hint={say.onlyInCaseSomething}
          />
        )}
        <Asked
          booking={held}
          questions={askedFor(page.questions, services, answers)}
          answers={answers}
          wrong={refused?.fields ?? {}}
          onAnswer={(id, answer) => setAnswers((now) => ({ ...now, [id]: answer }))}
        />
        <Field {...field('note', refused?.fields)} label={say.anythingWeShouldKnow} lines={3} maxLength={1000} />
        {page.codes && <CodeField held={held} onBooking={onBooking} />}
        {mayPay && <PayWhen held={held} payNow={payNow} onPayNow={setPayNow} />}
        {page.consent !== '' && (
          <Consent text={page.consent} agreed={agreed} wrong={refused?.fields?.['agreed']} onAgreed={setAgreed} />
        )}
        {asksFirst && <Notice>{say.thisNotBookedAt}</Notice>}
        <SlipShort held={held} />
        <div className="flex flex-wrap gap-3">
          <Button type="submit" id="book" kind="next" disabled={sending}>
            {sending ? say.oneMoment : bookWords(held, due)}
          </Button>
          <Button id="let-go" onClick={onLetGo} disabled={sending}>
            {say.anotherTime}
          </Button>
        </div>
      </form>
    </div>
  );
}

/** Back from the payment page the browser may show this one as it was left: in the middle of sending. */
function useComeBack(does: () => void) {
  const latest = useRef(does);
  useEffect(() => {
    const shown = (event: PageTransitionEvent) => event.persisted && latest.current();
    window.addEventListener('pageshow', shown);
    return () => window.removeEventListener('pageshow', shown);
  }, []);
}

type Draft = { values: { name: string; email: string; phone: string; note: string }; answers: Answers };

/** What was typed before a reload; else what is known by the link that led here. */
function draftOf(slug: string): Draft {
  const typed = kept<Draft>(detailsOf(slug));
  const known = kept<Known>(knownOf(slug));
  const { name = '', email = '', phone = '', addresses = {} } = known ?? {};
  return typed ?? { values: { name, email, phone, note: '' }, answers: addresses };
}

/** The payment page is opened for us meanwhile; where that takes long, the booking's own page goes on waiting. */
async function payPage(booking: Booking): Promise<string> {
  for (let asked = 0; asked < 20; asked++) {
    await new Promise((resolve) => setTimeout(resolve, 400)); // ms
    const { pay } = await unwrap(api.GET('/gate-api/bookings/{id}', sealed(booking)));
    if (pay !== null) {
      return pay;
    }
  }
  return booking.link;
}

/** Seconds left, counted down here; how many there are is the server's to say. */
function useCountdown(from: number): number {
  const [end] = useState(() => Date.now() + from * 1000);
  const [left, setLeft] = useState(from);
  useEffect(() => {
    const tick = setInterval(() => setLeft(Math.max(0, Math.round((end - Date.now()) / 1000))), 1000);
    return () => clearInterval(tick);
  }, [end]);
  return left;
}
