import { Combobox, ComboboxInput, ComboboxOption, ComboboxOptions, Dialog, DialogPanel } from '@headlessui/react';
import { useState } from 'react';
import { longDate } from '../lib/format';
import { inputLook } from '../ui/inputLook';
import { useKey } from '../ui/useKey';
import { useSetup } from '../setup/useSetup';
import { keysFor, press } from './keys';
import { jump } from './useJump';
import * as say from '@words/board';
import './Palette.css';

type Props = { shown: string; today: string; onGo: (date: string) => void };

/** What has a key by its name, and any day: typed, and done. */
export function Palette({ shown, today, onGo }: Props) {
  const [open, setOpen] = useState(false);
  const { may } = useSetup();
  const [typed, setTyped] = useState('');
  useKey('.', () => setOpen(true));
  const text = typed.trim().toLocaleLowerCase();
  const date = text === '' ? null : jump(typed, shown, today);
  const found = keysFor(may).filter(({ alone, does }) => alone && does.toLocaleLowerCase().includes(text));
  const leave = () => {
    setOpen(false);
    setTyped('');
  };
  const choose = (chosen: string | null) => {
    leave();
    if (chosen === DAY && date !== null) {
      onGo(date);
    } else if (chosen !== null) {
      // once the keys are with the Board again
      window.setTimeout(() => press(chosen), 0);
    }
  };
  return (
    <Dialog open={open} onClose={leave} className="palette" aria-label={say.palette}>
      <DialogPanel className="palette-panel">
        <Combobox immediate value={null} onChange={choose}>
          <ComboboxInput
            id="palette"
            autoFocus
            autoComplete="off"
            aria-label={say.palette}
            placeholder={say.paletteLike}
            className={inputLook()}
            onChange={(event) => setTyped(event.target.value)}
          />
          <ComboboxOptions static modal={false} className="palette-options">
            {date !== null && (
              <ComboboxOption value={DAY} className="combo-option">
                <b>{say.goToDay({ date: longDate(date) })}</b>
              </ComboboxOption>
            )}
            {found.map(({ keys, does }) => (
              <ComboboxOption key={keys} value={keys} className="combo-option">
                <b>{does}</b>
                <kbd>{keys}</kbd>
              </ComboboxOption>
            ))}
          </ComboboxOptions>
        </Combobox>
      </DialogPanel>
    </Dialog>
  );
}

const DAY = 'day';
