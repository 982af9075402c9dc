import type { ReactNode } from 'react';

type Props = {
  checked: boolean;
  onChange: (checked: boolean) => void;
  children: ReactNode;
  id?: string | undefined;
  disabled?: boolean;
};

type RadioProps = Omit<Props, 'onChange' | 'disabled'> & {
  name: string;
  onChange: () => void;
  /** For fingers. */
  tall?: boolean;
};

const BOX = 'size-[1.15rem] flex-none accent-brass';

/** A box to tick, with its words. */
export function Check({ checked, onChange, children, id, disabled = false }: Props) {
  return (
    <label className="inline-flex min-h-[2.1rem] items-center gap-2">
      <input
        id={id}
        type="checkbox"
        className={BOX}
        checked={checked}
        disabled={disabled}
        onChange={(event) => onChange(event.target.checked)}
      />
      <span>{children}</span>
    </label>
  );
}

/** One of a few of the same name, with its words. */
export function Radio({ checked, onChange, children, id, name, tall = false }: RadioProps) {
  return (
    <label className={`inline-flex items-center gap-2 ${tall ? 'min-h-11' : 'min-h-[2.1rem]'}`}>
      <input id={id} type="radio" name={name} className={BOX} checked={checked} onChange={onChange} />
      <span>{children}</span>
    </label>
  );
}
