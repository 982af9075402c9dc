import { Select } from '../ui/Select';
import * as say from '@words/setup';
import { wordOf } from '../language/wordOf';
import './MarkField.css';

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
  onMark: (colour: string | null, pattern: string | null) => void;
};

/**
 * Initials, colour and pattern by which somebody or something is known at a glance; a free one is given where none is
 * chosen.
 */
export function MarkField({ name, colour, pattern, wrong, onMark }: Props) {
  const words = name.trim().split(/\s+/);
  const initials = [words[0]?.charAt(0), words.length > 1 ? words.at(-1)?.charAt(0) : words[0]?.charAt(1)]
    .join('')
    .toUpperCase();
  return (
    <div className="mark-field">
      <span className="mark" data-colour={colour ?? 'slate'} data-pattern={pattern ?? 'bars'} aria-hidden="true">
        {initials}
      </span>
      <Select
        id="mark-colour"
        label={say.colour}
        value={colour ?? ''}
        options={[['', say.freeOne], ...COLOURS]}
        onValue={(one) => onMark(one === '' ? null : one, one === '' ? null : (pattern ?? 'bars'))}
      />
      <Select
        id="mark-pattern"
        label={say.pattern}
        value={pattern ?? ''}
        options={[['', say.freeOne], ...PATTERNS]}
        wrong={wrong}
        onValue={(one) => onMark(one === '' ? null : (colour ?? 'slate'), one === '' ? null : one)}
      />
    </div>
  );
}
