import { Columns } from '../ui/Columns';
import type { Schemas } from '../lib/api';
import { RowEditor } from '../setup/RowEditor';
import { ThingRows } from '../setup/ThingRows';
import type { Contents } from '../setup/things';
import { useSetup } from '../setup/useSetup';
import { useThing } from '../setup/useThing';
import { Check } from '../ui/Check';
import { Field } from '../ui/Field';
import { LinesField } from '../ui/LinesField';
import { Select } from '../ui/Select';
import { SomeServices } from './SomeServices';
import * as say from '@words/offer';

const TYPES = [
  ['short', say.shortText],
  ['long', say.longText],
  ['address', say.postalAddress],
  ['number', say.number],
  ['choice', say.oneSeveral],
  ['choices', say.someSeveral],
  ['yesno', say.yesOrNo],
  ['date', say.date],
  ['file', say.file],
  ['hidden', say.notAskedFilledFrom],
] as const;

const FRESH: Contents['question'] = {
  text: '',
  type: 'short',
  choices: [],
  required: false,
  services: null,
  shownIf: null,
  parameter: '',
};

/** What clients are asked when they book. */
export function Questions() {
  const { data } = useSetup();
  const questions = data?.questions ?? [];
  return (
    <ThingRows
      list="questions"
      title={say.questions}
      add={say.addQuestion}
      empty={say.noneYetNameAnd}
      rows={questions.map((one) => ({
        id: one.id,
        name: one.text,
        says: one.required ? say.questionMust({ type: typeWords(one.type) }) : typeWords(one.type),
      }))}
      editor={(id, onDone) => <Question id={id} earlier={earlierThan(questions, id)} onDone={onDone} />}
    />
  );
}

const typeWords = (of: string): string => TYPES.find(([type]) => type === of)?.[1] ?? '';

/** Only what is asked before can decide whether a question is asked. */
const earlierThan = (
  questions: readonly Schemas['QuestionRow'][],
  id: string | null,
): readonly Schemas['QuestionRow'][] => {
  const at = questions.findIndex((one) => one.id === id);
  return (at < 0 ? questions : questions.slice(0, at)).filter((one) => one.type !== 'hidden' && one.type !== 'file');
};

function Question({
  id,
  earlier,
  onDone,
}: {
  id: string | null;
  earlier: readonly Schemas['QuestionRow'][];
  onDone: () => void;
}) {
  const editing = useThing('question', id, FRESH);
  const { content, set, wrong } = editing;
  if (content === null) {
    return <p role="status">{say.fetchingQuestion}</p>;
  }
  const before = earlier.find((one) => one.id === content.shownIf?.question);
  const answers = before?.type === 'yesno' ? ['yes', 'no'] : (before?.choices ?? []);
  return (
    <RowEditor editing={editing} name={content.text} isNew={id === null} onDone={onDone}>
      <Field
        id="question-text"
        label={say.whatDoWantTo}
        maxLength={300}
        wrong={wrong['text']}
        value={content.text}
        onValue={(text) => set({ text })}
      />
      <Columns>
        <Select
          id="question-type"
          label={say.answeredBy}
          value={content.type}
          options={TYPES}
          onValue={(type) => set({ type })}
          wrong={wrong['type']}
        />
        {content.type === 'hidden' ? (
          <Field
            id="question-parameter"
            label={say.partLinkThatFills}
            hint={say.fromTakesFromPoster}
            maxLength={60}
            wrong={wrong['parameter']}
            value={content.parameter}
            onValue={(parameter) => set({ parameter })}
          />
        ) : (
          <Check checked={content.required} onChange={(required) => set({ required })}>
            {say.mustBeAnswered}
          </Check>
        )}
      </Columns>
      {(content.type === 'choice' || content.type === 'choices') && (
        <LinesField
          id="question-choices"
          label={say.answersToChooseFrom}
          lines={4}
          wrong={wrong['choices'] ?? Object.entries(wrong).find(([field]) => field.startsWith('choices.'))?.[1]}
          value={content.choices}
          onValue={(choices) => set({ choices })}
        />
      )}
      {earlier.length > 0 && content.type !== 'hidden' && (
        <Columns>
          <Select
            id="question-after"
            label={say.asked}
            value={content.shownIf?.question ?? ''}
            options={[['', say.always], ...earlier.map((one) => [one.id, say.onlyAfter({ text: one.text })] as const)]}
            onValue={(question) => set({ shownIf: question === '' ? null : { question, answer: '' } })}
            wrong={wrong['shownIf.question']}
          />
          {content.shownIf !== null &&
            (answers.length > 0 ? (
              <Select
                id="question-answer"
                label={say.wasAnsweredWith}
                value={content.shownIf.answer}
                options={[
                  ['', say.chooseOne],
                  ...answers.map(
                    (one) => [one, before?.type === 'yesno' ? (one === 'yes' ? say.yes : say.no) : one] as const,
                  ),
                ]}
                onValue={(answer) => content.shownIf !== null && set({ shownIf: { ...content.shownIf, answer } })}
                wrong={wrong['shownIf.answer']}
              />
            ) : (
              <Field
                id="question-answer"
                label={say.wasAnsweredWith}
                maxLength={120}
                wrong={wrong['shownIf.answer']}
                value={content.shownIf.answer}
                onValue={(answer) => content.shownIf !== null && set({ shownIf: { ...content.shownIf, answer } })}
              />
            ))}
        </Columns>
      )}
      <SomeServices
        services={content.services}
        onServices={(services) => set({ services })}
        wrong={wrong['services']}
      />
      {id !== null && <p className="text-soft">{say.answersAlreadyGivenKept}</p>}
    </RowEditor>
  );
}
