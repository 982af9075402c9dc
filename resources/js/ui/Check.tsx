import type { ReactNode } from 'react';

type Props = { checked: boolean; onChange: (checked: boolean) => void; children: ReactNode; id?: string };

/** A box to tick, with its words. */
export function Check({ checked, onChange, children, id }: Props) {
  return (
    <label className="check">
      <input id={id} type="checkbox" checked={checked} onChange={(event) => onChange(event.target.checked)} />
      <span>{children}</span>
    </label>
  );
}
