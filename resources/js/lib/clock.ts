import { spells } from './spellings';

/** "9", "9:30", "9.30", "930", "9 am", "9:30pm", "noon" as "09:30". */
export function readClock(typed: string): string | null {
  const text = typed.trim().toLowerCase().replaceAll('.', ':').replace(/\s+/g, '');
  if (spells('noon', text) || spells('midnight', text)) {
    return spells('noon', text) ? '12:00' : '00:00';
  }
  const [, hour, minute = '00', after = ''] =
    /^(\d{1,2}):?([0-5]\d)?([\p{L}\p{M}:]*)$/u.exec(text) ?? /^(\d{1,2})h([0-5]\d)$/.exec(text) ?? [];
  const half = after.replaceAll(':', '');
  const [before, past] = [spells('am', half), spells('pm', half)];
  const given = Number(hour ?? 99);
  if (
    given > 23 ||
    !(half === '' || half === 'h' || before || past) ||
    ((before || past) && (given < 1 || given > 12))
  ) {
    return null;
  }
  const shown = before || past ? (given % 12) + (past ? 12 : 0) : given;
  return `${String(shown).padStart(2, '0')}:${minute}`;
}
