import { Select } from '../ui/Select';
import * as say from '@words/setup';
import { wordOf } from '../language/wordOf';
import './BadgeField.css';

const COLOURS = ['river', 'brass', 'moss', 'plum', 'umber', 'indigo', 'clay', 'slate'].map(
  (one) => [one, wordOf(say.colours, one)] as const,
);
const PATTERNS = ['bars', 'dots', 'waves', 'checks', 'slant', 'rings'].map(
  (one) => [one, wordOf(say.patterns, one)] as const,
);

type Props = {
  name: string;
  colour: string | null;
  pattern: string | null;
  wrong?: string | undefined;
  onBadge: (colour: string | null, pattern: string | null) => void;
};

/**
 * Initials, colour and pattern by which somebody or something is known at a glance; a free one is given where none is
 * chosen.
 */
export function BadgeField({ name, colour, pattern, wrong, onBadge }: Props) {
  const words = name.trim().split(/\s+/);
  const initials = [words[0]?.charAt(0), words.length > 1 ? words.at(-1)?.charAt(0) : words[0]?.charAt(1)]
    .join('')
    .toUpperCase();
  return (
    <div className="badge-field">
      <span className="badge" data-colour={colour ?? 'slate'} data-pattern={pattern ?? 'bars'} aria-hidden="true">
        {initials}
      </span>
      <Select
        id="badge-colour"
        label={say.colour}
        value={colour ?? ''}
        options={[['', say.freeOne], ...COLOURS]}
        onValue={(one) => onBadge(one === '' ? null : one, one === '' ? null : (pattern ?? 'bars'))}
      />
      <Select
        id="badge-pattern"
        label={say.pattern}
        value={pattern ?? ''}
        options={[['', say.freeOne], ...PATTERNS]}
        wrong={wrong}
        onValue={(one) => onBadge(one === '' ? null : (colour ?? 'slate'), one === '' ? null : one)}
      />
    </div>
  );
}
