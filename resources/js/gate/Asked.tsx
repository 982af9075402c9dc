import type { Schemas } from '../lib/api';
import { Field } from '../ui/Field';
import { Pick } from '../ui/Pick';
import { Select } from '../ui/Select';

export type Answers = Readonly<Record<string, string | string[]>>;
type Question = Schemas['PageQuestion'];
type Props = {
  questions: readonly Question[];
  answers: Answers;
  wrong: Readonly<Record<string, string>>;
  onAnswer: (id: string, answer: string | string[]) => void;
};

/** What is asked for a service, some of it only after an earlier answer; hidden ones come from the link. */
export const askedFor = (questions: readonly Question[], service: string, answers: Answers): Question[] =>
  questions.filter(
    (one) =>
      one.type !== 'hidden' &&
      (one.services === null || one.services.includes(service)) &&
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

export function Asked({ questions, answers, wrong, onAnswer }: Props) {
  return questions.map((one) => {
    const given = answers[one.id];
    const text = typeof given === 'string' ? given : '';
    const shared = {
      id: `answers.${one.id}`,
      label: one.required ? one.text : `${one.text} (if you like)`,
      wrong: wrong[`answers.${one.id}`],
      value: text,
      onValue: (answer: string) => onAnswer(one.id, answer),
    };
    switch (one.type) {
      case 'long':
        return <Field key={one.id} {...shared} lines={3} maxLength={2000} />;
      case 'number':
        return <Field key={one.id} {...shared} inputMode="decimal" maxLength={30} />;
      case 'date':
        return <Field key={one.id} {...shared} type="date" />;
      case 'choice':
      case 'yesno':
        return (
          <Select
            key={one.id}
            {...shared}
            options={[
              ['', 'choose one'],
              ...(one.type === 'yesno' ? ['yes', 'no'] : one.choices).map((choice) => [choice, choice] as const),
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
      default:
        return <Field key={one.id} {...shared} maxLength={300} />;
    }
  });
}
