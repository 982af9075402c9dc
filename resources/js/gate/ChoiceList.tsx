import { Listbox, ListboxButton, ListboxOption, ListboxOptions } from '@headlessui/react';
import { useEffect, useRef, type KeyboardEvent } from 'react';
import type { ChoiceProps, Option, OptionGroup } from './choices';
import { Sight } from './Sight';
import * as say from '@words/gate';
import './ServiceChoice.css';

/** Opens the list as a press of Space does; nothing else opens it from outside. */
function open(button: HTMLButtonElement) {
  button.dispatchEvent(new globalThis.KeyboardEvent('keydown', { key: ' ', bubbles: true }));
  button.dispatchEvent(new globalThis.KeyboardEvent('keyup', { key: ' ', bubbles: true }));
}

/** Enter opens as Space does; the list itself would only send a form. */
function openByEnter(event: KeyboardEvent<HTMLButtonElement>) {
  if (event.key === 'Enter') {
    event.preventDefault();
    open(event.currentTarget);
  }
}

/** A part of the sentence with its list, which is open from the first: somebody has pressed it. */
export default function ChoiceList({ label, value, shown, groups, onChange }: ChoiceProps) {
  const button = useRef<HTMLButtonElement>(null);
  useEffect(() => {
    if (button.current !== null) {
      button.current.focus();
      open(button.current);
    }
  }, []);
  return (
    <Listbox value={value} onChange={onChange}>
      <ListboxButton ref={button} aria-label={`${label} ${shown}`} onKeyDown={openByEnter}>
        {shown}
      </ListboxButton>
      <ListboxOptions anchor={{ to: 'bottom start', gap: 6, padding: 16 }} className="choices" aria-label={label}>
        {groups.length === 1 && groups[0]?.name === ''
          ? groups[0].options.map((one) => <Line key={one.value} of={one} />)
          : groups.map((group) => <Group key={group.id} of={group} />)}
      </ListboxOptions>
    </Listbox>
  );
}

function Group({ of }: { of: OptionGroup }) {
  return (
    <div role="group" aria-label={of.name === '' ? say.other : of.name}>
      {of.name !== '' && (
        <p className="choice-group" aria-hidden="true">
          {of.picture !== null && <img className="sight" src={`/pictures/${of.picture}`} alt="" loading="lazy" />}
          {of.name}
        </p>
      )}
      {of.options.map((one) => (
        <Line key={one.value} of={one} />
      ))}
    </div>
  );
}

function Line({ of }: { of: Option }) {
  return (
    <ListboxOption value={of.value} className="choice">
      {of.sight !== undefined && <Sight of={of.sight} />}
      {of.picture != null && <img className="sight" src={`/pictures/${of.picture}`} alt="" />}
      <span className="flex-1">
        {of.name}
        {of.detail !== undefined && of.detail !== '' && (
          <span className="block text-sm font-normal text-soft">{of.detail}</span>
        )}
      </span>
      {of.trail !== undefined && (
        <span className="text-end text-sm font-normal whitespace-nowrap">
          {of.trail[0]}
          <span className="block font-bold">{of.trail[1]}</span>
        </span>
      )}
    </ListboxOption>
  );
}
