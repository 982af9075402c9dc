import { useState } from 'react';
import { api, unwrap, type Schemas } from '../lib/api';
import { Field } from '../ui/Field';
import { Mark } from '../ui/Mark';
import { Saved } from './Saved';
import { useSetup } from './useSetup';
import { WeekEditor } from './WeekEditor';

/** Opening hours and people. */
export function Roster() {
  const { data } = useSetup();
  const [open, setOpen] = useState<string | null>(null);
  if (data === undefined) {
    return (
      <p className="p-5" role="status">
        Fetching the roster
      </p>
    );
  }
  return (
    <main className="mx-auto grid w-full max-w-5xl gap-8 px-5 py-6">
      <h1 className="text-3xl">Roster</h1>
      <OpeningHours hours={data.openingHours} />
      <section className="grid gap-3">
        <h2 className="text-2xl" id="staff">
          People
        </h2>
        <ul className="grid gap-2">
          {data.staff.map((member) => (
            <li key={member.id} className="rounded-xl border border-line bg-paper p-4">
              <div className="flex flex-wrap items-center gap-3">
                <Mark of={member} />
                <b>{member.name}</b>
                <span className="text-soft">{member.email ?? 'no mail'}</span>
                <span className="text-soft">{member.hours === null ? 'opening hours' : 'own hours'}</span>
                {!member.active && <span className="word">resting</span>}
                <span className="flex-1" />
                <button
                  type="button"
                  className="button button-small"
                  aria-expanded={open === member.id}
                  onClick={() => setOpen(open === member.id ? null : member.id)}
                >
                  {open === member.id ? 'Close' : 'Change'}
                  <span className="sr-only"> {member.name}</span>
                </button>
              </div>
              {open === member.id && <MemberForm member={member} onDone={() => setOpen(null)} />}
            </li>
          ))}
        </ul>
        {open === 'new' ? (
          <div className="rounded-xl border border-line bg-paper p-4">
            <h3 className="text-xl">Somebody new</h3>
            <MemberForm member={null} onDone={() => setOpen(null)} />
          </div>
        ) : (
          <button type="button" id="add-member" className="button justify-self-start" onClick={() => setOpen('new')}>
            Add somebody
          </button>
        )}
      </section>
    </main>
  );
}

function OpeningHours({ hours }: { hours: Schemas['WeeklyTable'] }) {
  const { business, save, saved, refused } = useSetup();
  const [table, setTable] = useState(hours);
  return (
    <section className="grid gap-3" id="hours">
      <h2 className="text-2xl">Opening hours</h2>
      <p className="text-soft">Nobody is booked outside them. Several stretches a day: 9-12:30, 13:30-18.</p>
      <WeekEditor id="opening" table={table} onChange={setTable} empty="closed" />
      <Saved saved={saved} refused={refused} />
      <button
        type="button"
        id="save-hours"
        className="button button-next justify-self-start"
        onClick={() =>
          void save(
            unwrap(
              api.PUT('/api/businesses/{business}/opening-hours', {
                params: { path: { business } },
                body: { openingHours: table },
              }),
            ),
          )
        }
      >
        Save opening hours
      </button>
    </section>
  );
}

function MemberForm({ member, onDone }: { member: Schemas['Member'] | null; onDone: () => void }) {
  const { business, data, save, refused, wrong } = useSetup();
  const [input, setInput] = useState<Schemas['MemberInput']>({
    name: member?.name ?? '',
    email: member?.email ?? null,
    active: member?.active ?? true,
    hours: member?.hours ?? null,
    breaks: member?.breaks ?? null,
  });
  const send = async () => {
    const sending =
      member === null
        ? api.POST('/api/businesses/{business}/staff', { params: { path: { business } }, body: input })
        : api.PUT('/api/businesses/{business}/staff/{id}', {
            params: { path: { business, id: member.id } },
            body: input,
          });
    if (await save(unwrap(sending))) {
      onDone();
    }
  };
  return (
    <form
      className="mt-4 grid gap-4"
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        void send();
      }}
    >
      <div className="grid gap-4 sm:grid-cols-2">
        <Field
          id="member-name"
          label="Name"
          maxLength={120}
          wrong={wrong('name')}
          value={input.name}
          onValue={(name) => setInput({ ...input, name })}
        />
        <Field
          id="member-email"
          label="Mail, for notices"
          type="email"
          wrong={wrong('email')}
          value={input.email ?? ''}
          onValue={(email) => setInput({ ...input, email: email === '' ? null : email })}
        />
      </div>
      <fieldset className="flex flex-wrap gap-5">
        <legend className="font-semibold">Hours</legend>
        <label className="flex min-h-9 items-center gap-2">
          <input
            type="radio"
            name="own"
            checked={input.hours === null}
            onChange={() => setInput({ ...input, hours: null })}
          />{' '}
          as the business
        </label>
        <label className="flex min-h-9 items-center gap-2">
          <input
            type="radio"
            name="own"
            checked={input.hours !== null}
            onChange={() => setInput({ ...input, hours: data?.openingHours ?? {} })}
          />{' '}
          own hours
        </label>
        <label className="flex min-h-9 items-center gap-2">
          <input
            type="checkbox"
            checked={input.breaks !== null}
            onChange={(event) => setInput({ ...input, breaks: event.target.checked ? {} : null })}
          />{' '}
          has breaks
        </label>
        <label className="flex min-h-9 items-center gap-2">
          <input
            type="checkbox"
            checked={!input.active}
            onChange={(event) => setInput({ ...input, active: !event.target.checked })}
          />{' '}
          resting: cannot be booked
        </label>
      </fieldset>
      {input.hours !== null && (
        <WeekEditor id="own" table={input.hours} onChange={(hours) => setInput({ ...input, hours })} empty="off" />
      )}
      {input.breaks !== null && (
        <>
          <h3 className="font-semibold">Breaks</h3>
          <WeekEditor
            id="breaks"
            table={input.breaks}
            onChange={(breaks) => setInput({ ...input, breaks })}
            empty="none"
          />
        </>
      )}
      <Saved saved={false} refused={refused} />
      <button type="submit" className="button button-next justify-self-start">
        Save {input.name === '' ? 'this person' : input.name}
      </button>
    </form>
  );
}
