import { useState } from 'react';
import { api, unwrap, type Schemas } from '../lib/api';
import { digits } from '../lib/format';
import { Saved } from '../roster/Saved';
import { useSetup } from '../roster/useSetup';
import { Field } from '../ui/Field';
import { Mark } from '../ui/Mark';

type Props = { service: Schemas['Service'] | null; setup: Schemas['Setup']; onDone: () => void };

type NumberKey = 'minutes' | 'setup' | 'clearup' | 'startEvery' | 'noticeMinutes' | 'bookAheadDays';
const ASSIGNMENTS = [
  ['choose', 'the client chooses, or anyone'],
  ['rotate', 'in turn'],
  ['first', 'the first who is free'],
] as const;

/** One service in the order an owner thinks: what it is, how long, what it costs, who; rules are folded. */
export function ServiceForm({ service, setup, onDone }: Props) {
  const { business, save, refused, wrong } = useSetup();
  const scale = 10 ** digits(setup.currency);
  const [words, setWords] = useState({ name: service?.name ?? '', description: service?.description ?? '' });
  const [price, setPrice] = useState(service === null ? '' : (service.price / scale).toFixed(digits(setup.currency)));
  const [numbers, setNumbers] = useState<Readonly<Record<NumberKey, string>>>({
    minutes: String(service?.minutes ?? 60),
    setup: String(service?.setup ?? 0),
    clearup: String(service?.clearup ?? 0),
    startEvery: String(service?.startEvery ?? 15),
    noticeMinutes: String(service?.noticeMinutes ?? 120),
    bookAheadDays: String(service?.bookAheadDays ?? 60),
  });
  const [payment, setPayment] = useState(service?.payment ?? 'none');
  const [assignment, setAssignment] = useState(service?.assignment ?? 'choose');
  const [staff, setStaff] = useState(service?.staff ?? setup.staff.map((one) => one.id));
  const [active, setActive] = useState(service?.active ?? true);

  const number = (key: NumberKey): number => (numbers[key].trim() === '' ? NaN : Number(numbers[key]));
  const send = async () => {
    const body = {
      ...words,
      price: Math.round(Number(price.replace(',', '.')) * scale),
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
  const field = (key: NumberKey, label: string) => (
    <Field
      id={`service-${key}`}
      label={label}
      inputMode="numeric"
      wrong={wrong(key)}
      value={numbers[key]}
      onValue={(value) => setNumbers({ ...numbers, [key]: value })}
    />
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
      <Field
        id="service-name"
        label="What is it called?"
        maxLength={120}
        wrong={wrong('name')}
        value={words.name}
        onValue={(name) => setWords({ ...words, name })}
      />
      <Field
        id="service-description"
        label="What should clients know?"
        lines={2}
        maxLength={2000}
        wrong={wrong('description')}
        value={words.description}
        onValue={(description) => setWords({ ...words, description })}
      />
      <div className="grid items-end gap-4 sm:grid-cols-3">
        {field('minutes', 'Minutes')}
        <Field
          id="service-price"
          label={`Price in ${setup.currency}`}
          inputMode="decimal"
          hint="Nothing typed: free"
          wrong={wrong('price')}
          value={price}
          onValue={setPrice}
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
            starts every {numbers.startEvery} minutes, {numbers.setup} set-up, {numbers.clearup} clear-up,{' '}
            {numbers.noticeMinutes} minutes notice, up to {numbers.bookAheadDays} days ahead
          </span>
        </summary>
        <div className="mt-3 grid gap-4 sm:grid-cols-3">
          {field('setup', 'Set-up before, minutes')}
          {field('clearup', 'Clear-up after, minutes')}
          {field('startEvery', 'Starts every … minutes')}
          {field('noticeMinutes', 'Notice, minutes')}
          {field('bookAheadDays', 'Reach, days ahead')}
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
