import { Combobox, ComboboxInput, ComboboxOption, ComboboxOptions } from '@headlessui/react';
import { useEffect, useRef, type KeyboardEvent } from 'react';
import { focusNext } from './focusNext';
import { inputLook } from './inputLook';
import './ComboPart.css';

export type Option = { id: string; name: string; detail?: string };

type Props = {
  id: string;
  label: string;
  /** What it says when nothing is typed. */
  shown: string;
  options: readonly Option[];
  /** What is typed; the options are already those that match. */
  onTyped: (text: string) => void;
  onChosen: (id: string) => void;
  /** Whether the options are those of what is typed: else Enter waits until they are. */
  answered?: boolean;
  wrong?: boolean;
  begins?: boolean;
  /** Letters that find room in it. */
  size?: number;
};

/** A part of a sentence: typed, and chosen from what matches; Enter takes the first and goes on. */
export function ComboPart({
  id,
  label,
  shown,
  options,
  onTyped,
  onChosen,
  answered = true,
  wrong = false,
  begins = false,
  size = 15,
}: Props) {
  const waiting = useWaitingPress(answered, () => options[0]?.id, onChosen);
  return (
    <Combobox
      as="span"
      className="relative"
      onKeyDownCapture={waiting.onKeyDownCapture}
      immediate
      value={shown}
      onChange={(chosen: string | null) => {
        if (chosen !== null) {
          onChosen(chosen);
        }
      }}
      onClose={() => onTyped('')}
    >
      <ComboboxInput
        id={id}
        aria-label={label}
        aria-invalid={wrong}
        autoFocus={begins}
        autoComplete="off"
        placeholder={label}
        maxLength={120}
        size={size}
        className={inputLook('small')}
        displayValue={() => shown}
        onFocus={(event) => event.currentTarget.select()}
        onChange={(event) => {
          waiting.drop();
          onTyped(event.target.value);
        }}
      />
      <ComboboxOptions modal={false} className="combo-options">
        {options.map((one) => (
          <ComboboxOption key={one.id} value={one.id} className="combo-option">
            <b>{one.name}</b>
            {one.detail !== undefined && <span>{one.detail}</span>}
          </ComboboxOption>
        ))}
      </ComboboxOptions>
    </Combobox>
  );
}

/**
 * A press of Enter or the tabulator that comes before the answer to what is typed: it takes the first line of that
 * answer once it is there, never one of the search before.
 */
function useWaitingPress(answered: boolean, first: () => string | undefined, onChosen: (id: string) => void) {
  const pressed = useRef<{ key: string; field: HTMLElement } | null>(null);
  useEffect(() => {
    const press = pressed.current;
    const id = answered && press !== null ? first() : undefined;
    if (press !== null && id !== undefined) {
      pressed.current = null;
      onChosen(id);
      if (press.key === 'Tab') {
        window.setTimeout(() => focusNext(press.field), 0); // once what was chosen is drawn
      }
    }
  });
  return {
    drop: () => {
      pressed.current = null;
    },
    /** Before the list hears of it, which would close. */
    onKeyDownCapture: (event: KeyboardEvent<HTMLElement>) => {
      const isPress = event.key === 'Enter' || (event.key === 'Tab' && !event.shiftKey);
      if (!answered && isPress) {
        event.preventDefault();
        event.stopPropagation();
        pressed.current = { key: event.key, field: event.currentTarget.querySelector('input') ?? event.currentTarget };
      } else if (event.key === 'Escape') {
        pressed.current = null;
      }
    },
  };
}

/** Those whose name has the typed letters at the beginning of a word. */
export const matching = (options: readonly Option[], text: string): Option[] => {
  const typed = text.trim().toLocaleLowerCase();
  return options.filter(({ name }) => ` ${name.toLocaleLowerCase()}`.includes(typed === '' ? '' : ` ${typed}`));
};
