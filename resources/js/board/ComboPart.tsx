import { Combobox, ComboboxInput, ComboboxOption, ComboboxOptions } from '@headlessui/react';
import { inputLook } from '../ui/inputLook';
import './desk.css';

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
  wrong?: boolean;
  begins?: boolean;
  /** Letters that find room in it. */
  size?: number;
};

/** A part of the desk's sentence: typed, and chosen from what matches; Enter takes the first and goes on. */
export function ComboPart({
  id,
  label,
  shown,
  options,
  onTyped,
  onChosen,
  wrong = false,
  begins = false,
  size = 15,
}: Props) {
  return (
    <Combobox
      as="span"
      className="relative"
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
        onChange={(event) => onTyped(event.target.value)}
      />
      <ComboboxOptions modal={false} className="desk-options">
        {options.map((one) => (
          <ComboboxOption key={one.id} value={one.id} className="desk-option">
            <b>{one.name}</b>
            {one.detail !== undefined && <span>{one.detail}</span>}
          </ComboboxOption>
        ))}
      </ComboboxOptions>
    </Combobox>
  );
}

/** Those whose name has the typed letters at the beginning of a word. */
export const matching = (options: readonly Option[], text: string): Option[] => {
  const typed = text.trim().toLocaleLowerCase();
  return options.filter(({ name }) => ` ${name.toLocaleLowerCase()}`.includes(typed === '' ? '' : ` ${typed}`));
};
