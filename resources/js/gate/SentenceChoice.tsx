import { Listbox, ListboxButton, ListboxOptions } from '@headlessui/react';
import type { KeyboardEvent, ReactNode } from 'react';

type Props = {
  label: string;
  value: string;
  shown: string;
  onChange: (value: string) => void;
  children: ReactNode;
};

/** Enter opens as Space does; the list itself would only send a form. */
function openByEnter(event: KeyboardEvent<HTMLButtonElement>) {
  if (event.key === 'Enter') {
    event.preventDefault();
    event.currentTarget.dispatchEvent(new globalThis.KeyboardEvent('keydown', { key: ' ', bubbles: true }));
    event.currentTarget.dispatchEvent(new globalThis.KeyboardEvent('keyup', { key: ' ', bubbles: true }));
  }
}

/** A part of the sentence that opens a choice. */
export function SentenceChoice({ label, value, shown, onChange, children }: Props) {
  return (
    <Listbox value={value} onChange={onChange}>
      <ListboxButton aria-label={`${label} ${shown}`} onKeyDown={openByEnter}>
        {shown}
      </ListboxButton>
      <ListboxOptions anchor={{ to: 'bottom start', gap: 6, padding: 16 }} className="choices" aria-label={label}>
        {children}
      </ListboxOptions>
    </Listbox>
  );
}
