import { useState } from 'react';
import { inputLook } from '../ui/inputLook';
import { describes, Labelled } from '../ui/Labelled';
import { api, refusalOf, unwrap, type Schemas } from '../lib/api';
import { DateField } from '../ui/DateField';
import { Field } from '../ui/Field';
import { Pick } from '../ui/Pick';
import { Select } from '../ui/Select';
import type { Booking } from './types';
import { sealed } from './sealed';
import * as say from '@words/gate';

export type Answers = Readonly<Record<string, string | string[]>>;
type Question = Schemas['PageQuestion'];
/** Kept as yes and no in every language. */
const YES_NO = [
  ['yes', say.yesAnswer],
  ['no', say.noAnswer],
] as const;

type Props = {
  booking: Booking;
  questions: readonly Question[];
  answers: Answers;
  wrong: Readonly<Record<string, string>>;
  onAnswer: (id: string, answer: string | string[]) => void;
};

/** What is asked for a service, some of it only after an earlier answer; hidden ones come from the link. */
export const askedFor = (questions: readonly Question[], services: readonly string[], answers: Answers): Question[] =>
  questions.filter(
    (one) =>
      one.type !== 'hidden' &&
      (one.services === null || one.services.some((id) => services.includes(id))) &&
      (one.shownIf === null || [answers[one.shownIf.question] ?? []].flat().includes(one.shownIf.answer)),
  );

/** What the link fills in, without anybody being asked. */
export function fromLink(questions: readonly Question[]): Answers {
  const link = new URLSearchParams(window.location.search);
  return Object.fromEntries(
    questions
      .filter((one) => one.type === 'hidden' && link.has(one.parameter))
      .map((one) => [one.id, link.get(one.parameter) ?? '']),
  );
}

export function Asked({ booking, questions, answers, wrong, onAnswer }: Props) {
  return questions.map((one) => {
    const given = answers[one.id];
    const text = typeof given === 'string' ? given : '';
    const shared = {
      id: `answers.${one.id}`,
      label: one.required ? one.text : say.ifLike({ text: one.text }),
      wrong: wrong[`answers.${one.id}`],
      value: text,
      onValue: (answer: string) => onAnswer(one.id, answer),
    };
    switch (one.type) {
      case 'long':
        return <Field key={one.id} {...shared} lines={3} maxLength={2000} />;
      case 'address':
        return <Field key={one.id} {...shared} lines={3} maxLength={300} autoComplete="street-address" />;
      case 'number':
        return <Field key={one.id} {...shared} inputMode="decimal" maxLength={30} />;
      case 'date':
        return <DateField key={one.id} {...shared} />;
      case 'choice':
      case 'yesno':
        return (
          <Select
            key={one.id}
            {...shared}
            options={[
              ['', say.chooseOne],
              ...(one.type === 'yesno' ? YES_NO : one.choices.map((choice) => [choice, choice] as const)),
            ]}
          />
        );
      case 'choices':
        return (
          <Pick
            key={one.id}
            legend={shared.label}
            from={one.choices.map((choice) => ({ id: choice, name: choice }))}
            chosen={Array.isArray(given) ? given : []}
            onChosen={(chosen) => onAnswer(one.id, chosen)}
            wrong={shared.wrong}
          />
        );
      case 'file':
        return (
          <FileField
            key={one.id}
            booking={booking}
            id={shared.id}
            label={shared.label}
            wrong={shared.wrong}
            onValue={shared.onValue}
          />
        );
      default:
        return <Field key={one.id} {...shared} maxLength={300} />;
    }
  });
}

type FileProps = {
  booking: Booking;
  id: string;
  label: string;
  wrong: string | undefined;
  onValue: (id: string) => void;
};

/** A file, sent as soon as it is chosen; what is answered is the id it was given. */
function FileField({ booking, id, label, wrong, onValue }: FileProps) {
  const [says, setSays] = useState('');
  const [refused, setRefused] = useState<string | undefined>();
  const send = async (file: File) => {
    const form = new FormData();
    form.append('file', file);
    setSays(say.sending);
    setRefused(undefined);
    try {
      const taken = await unwrap(
        api.POST('/gate-api/bookings/{id}/files', {
          ...sealed(booking),
          body: { file: file.name },
          bodySerializer: () => form,
        }),
      );
      onValue(taken.id);
      setSays(say.withUs({ name: taken.name }));
    } catch (no) {
      setSays('');
      setRefused(refusalOf(no).fields?.['file'] ?? refusalOf(no).message);
    }
  };
  const trouble = refused ?? wrong;
  return (
    <Labelled id={id} label={label} hint={say.picturePdfOrPlain} wrong={trouble}>
      <input
        id={id}
        type="file"
        className={inputLook()}
        aria-describedby={describes(id, '', trouble)}
        onChange={(event) => {
          const file = event.target.files?.[0];
          if (file !== undefined) {
            void send(file);
          }
        }}
      />
      <span role="status">{says}</span>
    </Labelled>
  );
}
