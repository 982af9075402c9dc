import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { clients } from '../lib/queries';
import { inputLook } from '../ui/inputLook';
import { initials } from '../ui/initials';
import { useNames } from '../ui/useNames';
import { useSettled } from '../ui/useSettled';
import { ComboPart } from '../ui/ComboPart';
import { NOBODY, type Who } from './who';
import * as say from '@words/guests';

type Props = {
  business: string;
  /** Before the ids of its fields. */
  id: string;
  label: string;
  who: Who;
  wrong: Readonly<Record<string, string>>;
  onWho: (who: Who) => void;
};

const SHOWN = 8;
const NEW = 'new';
const WALK_IN = 'walk-in';

/** Who comes: found by name, mail or number while it is typed, or made of what was typed. */
export function WhoPart({ business, id, label, who, wrong, onWho }: Props) {
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
    ...found.map(({ id: known, name, email, phone }) =>
      hidden
        ? { id: known, name: initials(name), detail: '' }
        : { id: known, name, detail: email === '' ? phone : email },
    ),
    ...(typed.trim() === '' || !isAnswered ? [] : [{ id: NEW, name: typed.trim(), detail: say.somebodyNew }]),
    ...(isAnswered ? [{ id: WALK_IN, name: say.walkIn, detail: say.walkInSays }] : []),
  ];
  const choose = (chosen: string) => {
    if (chosen === WALK_IN) {
      onWho({ ...NOBODY, name: say.walkIn, walkIn: true });
      return;
    }
    const known = found.find((one) => one.id === chosen);
    onWho(
      known === undefined
        ? { ...NOBODY, name: typed.trim() }
        : { id: known.id, name: known.name, email: known.email, phone: known.phone },
    );
  };
  return (
    <>
      <ComboPart
        id={`${id}-who`}
        label={label}
        shown={who.id === null || who.name === '' ? who.name : shown(who.name)}
        options={options}
        answered={isAnswered}
        begins
        wrong={wrong['name'] !== undefined || wrong['client'] !== undefined}
        onTyped={setTyped}
        onChosen={choose}
      />
      {who.id === null && who.name !== '' && who.walkIn !== true && (
        <>
          {(['email', 'phone'] as const).map((field) => (
            <input
              key={field}
              id={`${id}-${field}`}
              type={field === 'email' ? 'email' : 'tel'}
              size={14}
              className={inputLook('small')}
              aria-label={say.reachParts[field]}
              placeholder={say.reachParts[field]}
              aria-invalid={wrong[field] !== undefined}
              maxLength={190}
              value={who[field]}
              onChange={(event) => onWho({ ...who, [field]: event.target.value })}
            />
          ))}
        </>
      )}
    </>
  );
}
