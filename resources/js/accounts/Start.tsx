import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { Button } from '../ui/Button';
import { api, refusalOf, unwrap, type Refusal, type Schemas } from '../lib/api';
import { digits } from '../lib/format';
import { WeekRuler } from '../hours/WeekRuler';
import { Trouble } from '../ui/Trouble';
import { useFirstWrong } from '../ui/useIntoSight';
import { useKept } from '../ui/useKept';
import { me as meQuery } from '../lib/queries';
import { NOTHING, type Beginning } from './beginning';
import { StartFacts } from './StartFacts';
import { StartPeople } from './StartPeople';
import { StartServices } from './StartServices';
import * as say from '@words/accounts';
import './Start.css';

const STEPS = [say.stepBusiness, say.stepHours, say.stepServices, say.stepPeople] as const;

type Place = { step: number; trade: string | null };

/** From nothing to a page, in four short steps; whatever is skipped has sensible values. */
export function Start({ me }: { me: Schemas['Me'] }) {
  const queries = useQueryClient();
  const navigate = useNavigate();
  const { data } = useQuery({
    queryKey: ['trades'] as const,
    queryFn: async ({ signal }) => unwrap(api.GET('/api/trades', { signal })),
    staleTime: Infinity,
  });
  const [refused, setRefused] = useState<Refusal | null>(null);
  const [sending, setSending] = useState(false);
  const [{ step, trade }, setPlace, forgetPlace] = useKept<Place>('start-place', { step: 0, trade: null });
  const [begun, set, forget] = useKept<Beginning>('start', NOTHING);
  const setStep = (to: number) => setPlace({ step: to });
  useFirstWrong(refused?.fields);
  const choose = (chosen: Schemas['Trade']) => {
    setPlace({ trade: chosen.id });
    const scale = 10 ** digits(begun.currency);
    set({ hours: chosen.hours, services: chosen.services.map((one) => ({ ...one, price: one.price * scale })) });
  };
  const make = async () => {
    setSending(true);
    try {
      const made = await unwrap(api.POST('/api/businesses', { body: begun }));
      forget();
      forgetPlace();
      await queries.invalidateQueries({ queryKey: meQuery.queryKey });
      await navigate(`/at/${made.slug}/gate`);
    } catch (wrong) {
      const no = refusalOf(wrong);
      setRefused(no);
      const fields = Object.keys(no.fields ?? {});
      const where = [
        ['name', 'slug', 'timeZone', 'currency'],
        ['hours'],
        ['services'],
        ['people', 'address'],
      ].findIndex((own) => fields.some((field) => own.some((one) => field.startsWith(one))));
      setStep(where < 0 ? step : where);
    }
    setSending(false);
  };
  const wrong = refused?.fields ?? {};
  const named = begun.name.trim() !== '' && trade !== null;
  return (
    <main className="begin">
      <p className="font-head text-xl font-bold">{say.yardBell}</p>
      <form
        className="begin-form"
        noValidate
        onSubmit={(event) => {
          event.preventDefault();
          if (step < STEPS.length - 1) {
            setStep(step + 1);
          } else {
            void make();
          }
        }}
      >
        <ol className="begin-steps" aria-label={say.steps}>
          {STEPS.map((name, i) => (
            <li key={name} aria-current={i === step ? 'step' : undefined} data-done={i < step}>
              {name}
            </li>
          ))}
        </ol>
        {step === 0 && <h1 className="text-3xl">{say.welcome({ name: me.user?.name ?? '' })}</h1>}
        {step > 0 && <h1 className="text-3xl">{STEPS[step]}</h1>}
        {refused !== null && refused.fields === undefined && <Trouble of={refused}>{refused.message}</Trouble>}
        {step === 0 && (
          <StartFacts
            begun={begun}
            set={set}
            trades={data?.trades ?? []}
            trade={trade}
            onTrade={choose}
            wrong={wrong}
          />
        )}
        {step === 1 && (
          <>
            <p className="text-soft">{say.hoursHelp}</p>
            <WeekRuler
              id="start"
              table={begun.hours}
              onChange={(hours) => set({ hours })}
              empty={say.closed}
              wrong={wrong['hours']}
            />
          </>
        )}
        {step === 2 && <StartServices begun={begun} set={set} wrong={wrong} />}
        {step === 3 && <StartPeople begun={begun} set={set} owner={me.user?.name ?? ''} wrong={wrong} />}
        <div className="begin-foot">
          {step > 0 && <Button onClick={() => setStep(step - 1)}>{say.back}</Button>}
          <span className="flex-1" />
          {step < STEPS.length - 1 && named && (
            <Button id="skip" disabled={sending} onClick={() => void make()}>
              {say.makeMyPageNow}
            </Button>
          )}
          <Button type="submit" id="go-on" kind="next" disabled={sending || (step === 0 && !named)}>
            {step < STEPS.length - 1 ? say.goOn : sending ? say.oneMoment : say.makeMyPage}
          </Button>
        </div>
      </form>
    </main>
  );
}
