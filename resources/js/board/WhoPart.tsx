import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { clients } from '../lib/queries';
import { inputLook } from '../ui/inputLook';
import { initials } from '../ui/initials';
import { useNames } from '../ui/useNames';
import { useSettled } from '../ui/useSettled';
import { ComboPart } from './ComboPart';
import { NOBODY, type Desk, type DeskDraft } from './useDesk';
import * as say from '@words/board';

type Props = { business: string; desk: Desk; draft: DeskDraft };

const SHOWN = 8;
const NEW = 'new';
const WALK_IN = 'walk-in';

/** Who comes: found by name, mail or number while it is typed, or made of what was typed. */
export function WhoPart({ business, desk, draft }: Props) {
  const [typed, setTyped] = useState('');
  const { hidden, shown } = useNames();
  const text = useSettled(typed.trim(), 120);
  const { data, error, isPlaceholderData } = useQuery({
    ...clients(business, text),
    enabled: text !== '',
    placeholderData: keepPreviousData,
  });
  const isOfThis = text === typed.trim();
  // where nobody answers, somebody new can still be booked
  const isAnswered =
    typed.trim() === '' || (isOfThis && ((data !== undefined && !isPlaceholderData) || error !== null));
  const found = typed.trim() === '' || !isAnswered ? [] : (data?.clients ?? []).slice(0, SHOWN);
  const options = [
    ...found.map(({ id, name, email, phone }) =>
      hidden ? { id, name: initials(name), detail: '' } : { id, name, detail: email === '' ? phone : email },
    ),
    ...(typed.trim() === '' || !isAnswered ? [] : [{ id: NEW, name: typed.trim(), detail: say.somebodyNew }]),
    ...(isAnswered ? [{ id: WALK_IN, name: say.walkIn, detail: say.walkInSays }] : []),
  ];
  const choose = (id: string) => {
    if (id === WALK_IN) {
      desk.set({ who: { ...NOBODY, name: say.walkIn, walkIn: true } });
      return;
    }
    const known = found.find((one) => one.id === id);
    desk.set({
      who:
        known === undefined
          ? { id: null, name: typed.trim(), email: '', phone: '' }
          : { id: known.id, name: known.name, email: known.email, phone: known.phone },
    });
  };
  const { who } = draft;
  const wrong = desk.wrong['name'] ?? desk.wrong['client'];
  return (
    <>
      <ComboPart
        id="desk-who"
        label={say.whoComesPart}
        shown={who.id === null || who.name === '' ? who.name : shown(who.name)}
        options={options}
        answered={isAnswered}
        begins
        wrong={wrong !== undefined}
        onTyped={setTyped}
        onChosen={choose}
      />
      {who.id === null && who.name !== '' && who.walkIn !== true && (
        <>
          {(['email', 'phone'] as const).map((field) => (
            <input
              key={field}
              id={`desk-${field}`}
              type={field === 'email' ? 'email' : 'tel'}
              size={14}
              className={inputLook('small')}
              aria-label={say.reachParts[field]}
              placeholder={say.reachParts[field]}
              aria-invalid={desk.wrong[field] !== undefined}
              maxLength={190}
              value={who[field]}
              onChange={(event) => desk.set({ who: { ...who, [field]: event.target.value } })}
            />
          ))}
        </>
      )}
    </>
  );
}
