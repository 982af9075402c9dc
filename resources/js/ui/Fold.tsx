import { useState, type ReactNode } from 'react';
import './Fold.css';

type Props = { id: string; title: string; says: string; open?: boolean; wrong?: boolean; children: ReactNode };

/** A part of a page, folded to one line that says what is set. What is wrong in it opens it. */
export function Fold({ id, title, says, open = false, wrong = false, children }: Props) {
  const [chosen, setChosen] = useState<boolean | null>(null);
  const shown = wrong || (chosen ?? open);
  return (
    <section className="fold" data-open={shown}>
      <h2>
        <button
          type="button"
          id={id}
          aria-expanded={shown}
          aria-controls={`${id}-part`}
          onClick={() => setChosen(!shown)}
        >
          <span className="fold-title">{title}</span>
          <span className="fold-says">{says}</span>
          <span className="fold-turn" aria-hidden="true" />
        </button>
      </h2>
      {shown && (
        <div className="fold-part" id={`${id}-part`}>
          {children}
        </div>
      )}
    </section>
  );
}
