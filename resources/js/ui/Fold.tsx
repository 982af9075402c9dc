import { Disclosure, DisclosureButton, DisclosurePanel } from '@headlessui/react';
import type { ReactNode } from 'react';

type Props = { id: string; title: string; says: string; open?: boolean; wrong?: boolean; children: ReactNode };

/** Folds follow each other with a line between; what stands around them in a grid keeps its distance. */
const PLACE =
  'fold border-t border-line [.beside-main>&]:-mt-4 [fieldset>&]:-mt-4 [.field+&]:mt-0 [.pick+&]:mt-0 ' +
  '[&+:not(.fold)]:mt-1';
const TURN = 'me-[0.3rem] size-[0.55rem] self-center border-r-2 border-b-2 border-soft';
const TURNS = { open: 'translate-y-[2.83px] -rotate-135', closed: '-translate-y-[2.83px] rotate-45' };

/** A part of a page, folded to one line that says what is set. What is wrong in it opens it. */
export function Fold({ id, title, says, open = false, wrong = false, children }: Props) {
  return (
    <Disclosure as="section" className={PLACE} defaultOpen={open}>
      {({ open: chosen }) => (
        <>
          <h2 className="font-sans text-[1rem] tracking-normal">
            <DisclosureButton
              id={id}
              className="flex min-h-11 w-full items-baseline gap-[0.8rem] px-[0.2rem] py-2 text-start"
              aria-expanded={wrong || chosen}
            >
              <span className="flex-none font-bold">{title}</span>
              <span className="min-w-0 flex-1 font-normal text-soft">{says}</span>
              <span className={`${TURN} ${TURNS[wrong || chosen ? 'open' : 'closed']}`} aria-hidden="true" />
            </DisclosureButton>
          </h2>
          <DisclosurePanel static={wrong} className="grid grid-cols-1 gap-4 px-[0.2rem] pt-1 pb-5">
            {children}
          </DisclosurePanel>
        </>
      )}
    </Disclosure>
  );
}
