import { useState } from 'react';
import { api, unwrap, type Schemas } from '../lib/api';
import { digits } from '../lib/format';
import { Saved } from '../roster/Saved';
import { useSetup } from '../roster/useSetup';
import { Field } from '../ui/Field';
import { useFields } from '../ui/useFields';
import { Mark } from '../ui/Mark';

type Props = { service: Schemas['Service'] | null; setup: Schemas['Setup']; onDone: () => void };

type NumberKey = 'minutes' | 'setup' | 'clearup' | 'startEvery' | 'noticeMinutes' | 'bookAheadDays';
const ASSIGNMENTS = [
  ['choose', 'the client chooses, or anyone'],
  ['rotate', 'in turn'],
  ['first', 'the first who is free'],
  ['random', 'whoever is drawn'],
  ['all', 'all of them together'],
] as const;

/** One service in the order an owner thinks: what it is, how long, what it costs, who; rules are folded. */
export function ServiceForm({ service, setup, onDone }: Props) {
  const { business, save, refused, wrong } = useSetup();
  const scale = 10 ** digits(setup.currency);
  const { values, field } = useFields(
    {
      name: service?.name ?? '',
      description: service?.description ?? '',
      price: service === null ? '' : (service.price / scale).toFixed(digits(setup.currency)),
      minutes: String(service?.minutes ?? 60),
      setup: String(service?.setup ?? 0),
      clearup: String(service?.clearup ?? 0),
      startEvery: String(service?.startEvery ?? 15),
      noticeMinutes: String(service?.noticeMinutes ?? 120),
      bookAheadDays: String(service?.bookAheadDays ?? 60),
    },
    'service-',
  );
  const [payment, setPayment] = useState(service?.payment ?? 'none');
  const [assignment, setAssignment] = useState(service?.assignment ?? 'choose');
  const [staff, setStaff] = useState(service?.staff ?? setup.staff.map((one) => one.id));
  const [active, setActive] = useState(service?.active ?? true);

  const number = (key: NumberKey): number => (values[key].trim() === '' ? NaN : Number(values[key]));
  const send = async () => {
    const body = {
      name: values.name,
      description: values.description,
      price: Math.round(Number(values.price.replace(',', '.')) * scale),
      payment,
      minutes: number('minutes'),
      setup: number('setup'),
      clearup: number('clearup'),
      startEvery: number('startEvery'),
      noticeMinutes: number('noticeMinutes'),
      bookAheadDays: number('bookAheadDays'),
      assignment,
      active,
      staff,
    };
    const sending =
      service === null
        ? api.POST('/api/businesses/{business}/services', { params: { path: { business } }, body })
        : api.PUT('/api/businesses/{business}/services/{id}', { params: { path: { business, id: service.id } }, body });
    if (await save(unwrap(sending))) {
      onDone();
    }
  };
  const numeric = (key: NumberKey, label: string) => (
    <Field {...field(key, refused?.fields)} label={label} inputMode="numeric" />
  );
  return (
    <form
      className="mt-3 grid gap-4"
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        void send();
      }}
    >
      <Field {...field('name', refused?.fields)} label="What is it called?" maxLength={120} />
      <Field {...field('description', refused?.fields)} label="What should clients know?" lines={2} maxLength={2000} />
      <div className="grid items-end gap-4 sm:grid-cols-3">
        {numeric('minutes', 'Minutes')}
        <Field
          {...field('price', refused?.fields)}
          label={`Price in ${setup.currency}`}
          inputMode="decimal"
          hint="Nothing typed: free"
        />
        <div className="field">
          <label htmlFor="service-payment">Payment</label>
          <span className="hint">Cards are taken online</span>
          <select
            id="service-payment"
            className="input"
            value={payment}
            onChange={(event) => setPayment(event.target.value === 'full' ? 'full' : 'none')}
          >
            <option value="none">when they come</option>
            <option value="full">in full, when booking</option>
          </select>
        </div>
      </div>
      <fieldset>
        <legend className="font-semibold">Who does it</legend>
        <div className="flex flex-wrap gap-x-5 gap-y-1">
          {setup.staff.map((one) => (
            <label key={one.id} className="flex min-h-11 items-center gap-2">
              <input
                type="checkbox"
                checked={staff.includes(one.id)}
                onChange={(event) =>
                  setStaff(event.target.checked ? [...staff, one.id] : staff.filter((id) => id !== one.id))
                }
              />
              <Mark of={one} /> {one.name}
            </label>
          ))}
        </div>
        {wrong('staff') !== undefined && (
          <span className="wrong" role="alert">
            {wrong('staff')}
          </span>
        )}
      </fieldset>
      <details>
        <summary className="min-h-9 font-semibold">
          Rules{' '}
          <span className="font-normal text-soft">
            starts every {values.startEvery} minutes, {values.setup} set-up, {values.clearup} clear-up,{' '}
            {values.noticeMinutes} minutes notice, up to {values.bookAheadDays} days ahead
          </span>
        </summary>
        <div className="mt-3 grid gap-4 sm:grid-cols-3">
          {numeric('setup', 'Set-up before, minutes')}
          {numeric('clearup', 'Clear-up after, minutes')}
          {numeric('startEvery', 'Starts every … minutes')}
          {numeric('noticeMinutes', 'Notice, minutes')}
          {numeric('bookAheadDays', 'Reach, days ahead')}
          <div className="field">
            <label htmlFor="service-assignment">Who takes a booking</label>
            <select
              id="service-assignment"
              className="input"
              value={assignment}
              onChange={(event) =>
                setAssignment(ASSIGNMENTS.find(([value]) => value === event.target.value)?.[0] ?? 'choose')
              }
            >
              {ASSIGNMENTS.map(([value, label]) => (
                <option key={value} value={value}>
                  {label}
                </option>
              ))}
            </select>
          </div>
          <label className="flex min-h-11 items-center gap-2">
            <input type="checkbox" checked={!active} onChange={(event) => setActive(!event.target.checked)} /> resting:
            cannot be booked
          </label>
        </div>
      </details>
      <Saved saved={false} refused={refused} />
      <button type="submit" id="save-service" className="button button-next justify-self-start">
        Save this service
      </button>
    </form>
  );
}
