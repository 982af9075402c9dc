/** Lengths, dates and times of day as people type them. What cannot be read is null, never something else. */

const UNITS: Readonly<Record<string, number>> = {
  m: 1,
  min: 1,
  mins: 1,
  minute: 1,
  minutes: 1,
  h: 60,
  hr: 60,
  hrs: 60,
  hour: 60,
  hours: 60,
  d: 1440,
  day: 1440,
  days: 1440,
  w: 10_080,
  week: 10_080,
  weeks: 10_080,
};

const LONGEST = 999_999_999;

/** "90", "1h30", "1 h 30", "1:30", "1.5 h", "2 days", "1 day 2 h" in minutes; `alone` is the unit of a bare number. */
export function readLength(typed: string, alone: 'minute' | 'day' = 'minute'): number | null {
  const text = typed.trim().toLowerCase().replaceAll(',', '.');
  const clock = /^(\d{1,4}):([0-5]\d)$/.exec(text);
  if (clock !== null) {
    return Number(clock[1]) * 60 + Number(clock[2]);
  }
  if (/^\d{1,9}$/.test(text)) {
    return Number(text) * (UNITS[alone] ?? 1);
  }
  let total = 0;
  let rest = text;
  let before = Infinity;
  while (rest !== '') {
    const [whole, amount = '', word = ''] = /^(\d{1,9}(?:\.\d{1,4})?)\s*([a-z]*)\s*(?:and\s+)?/.exec(rest) ?? [];
    const unit = word === '' && before === 60 ? 1 : UNITS[word]; // "1 h 30": what follows an hour is minutes
    if (whole === undefined || unit === undefined || unit >= before) {
      return null;
    }
    total += Number(amount) * unit;
    before = unit;
    rest = rest.slice(whole.length);
  }
  return text !== '' && Number.isInteger(total) && total <= LONGEST ? total : null;
}

/** "45 min", "1 h 30", "2 days": as short as it can be read again. */
export function writeLength(minutes: number): string {
  if (minutes >= 1440 && minutes % 1440 === 0) {
    return minutes === 1440 ? '1 day' : `${minutes / 1440} days`;
  }
  const hours = Math.floor(minutes / 60);
  const rest = minutes % 60;
  return hours === 0 ? `${rest} min` : `${hours} h${rest === 0 ? '' : ` ${rest}`}`;
}

/** "9", "9:30", "9.30", "930", "9 am", "9:30pm", "noon" as "09:30". */
export function readClock(typed: string): string | null {
  const text = typed.trim().toLowerCase().replaceAll('.', ':').replace(/\s+/g, '');
  if (text === 'noon' || text === 'midnight') {
    return text === 'noon' ? '12:00' : '00:00';
  }
  const [, hour, minute = '00', half] =
    /^(\d{1,2}):?([0-5]\d)?(?:h|(am?|pm?|a:m:|p:m:))?$/.exec(text) ?? /^(\d{1,2})h([0-5]\d)$/.exec(text) ?? [];
  const given = Number(hour ?? 99);
  if (given > 23 || (half !== undefined && (given < 1 || given > 12))) {
    return null;
  }
  const shown = half === undefined ? given : (given % 12) + (half.startsWith('p') ? 12 : 0);
  return `${String(shown).padStart(2, '0')}:${minute}`;
}

const MONTHS = ['jan', 'feb', 'mar', 'apr', 'may', 'jun', 'jul', 'aug', 'sep', 'oct', 'nov', 'dec'];
const DAYS = ['sun', 'mon', 'tue', 'wed', 'thu', 'fri', 'sat'];
const DAY_MS = 86_400_000;

const dayAfter = (date: string, days: number): string =>
  new Date(Date.parse(`${date}T12:00:00Z`) + days * DAY_MS).toISOString().slice(0, 10);

/** A day that exists, or null: no 31 February. */
function dateOf(year: number, month: number, day: number): string | null {
  const at = new Date(Date.UTC(year, month - 1, day, 12));
  return at.getUTCMonth() === month - 1 && at.getUTCDate() === day && year >= 1970 && year <= 2200
    ? at.toISOString().slice(0, 10)
    : null;
}

/**
 * "2027-03-15", "15 mar", "15 March 2027", "15.3.", "15/3/2027", "today", "tomorrow", "fri", "next fri", "+6w", "-3d"
 * as a local date. Without a year it is the next such day from `today` on.
 */
export function readDate(typed: string, today: string): string | null {
  const text = typed.trim().toLowerCase().replaceAll(',', ' ').replace(/\s+/g, ' ');
  const iso = /^(\d{4})-(\d{1,2})-(\d{1,2})$/.exec(text);
  if (iso !== null) {
    return dateOf(Number(iso[1]), Number(iso[2]), Number(iso[3]));
  }
  if (text === 'today' || text === 'tomorrow') {
    return dayAfter(today, text === 'today' ? 0 : 1);
  }
  const by = /^([+-])\s*(\d{1,4})\s*([dw])/.exec(text);
  if (by !== null) {
    return dayAfter(today, (by[1] === '-' ? -1 : 1) * Number(by[2]) * (by[3] === 'w' ? 7 : 1));
  }
  const weekday = /^(?:next )?([a-z]{3,9})$/.exec(text);
  if (weekday !== null) {
    return nextWeekday(weekday[1] ?? '', text.startsWith('next '), today);
  }
  return readDayAndMonth(text, today);
}

function nextWeekday(word: string, isNext: boolean, today: string): string | null {
  const wanted = DAYS.indexOf(word.slice(0, 3));
  if (wanted < 0) {
    return null;
  }
  const ahead = (wanted - new Date(`${today}T12:00:00Z`).getUTCDay() + 7) % 7;
  return dayAfter(today, ahead === 0 && isNext ? 7 : ahead);
}

function readDayAndMonth(text: string, today: string): string | null {
  const named = /^(?:[a-z]{3,9} )?(\d{1,2})(?:st|nd|rd|th)? ([a-z]{3,9})\.?(?: (\d{4}))?$/.exec(text);
  const counted = /^(\d{1,2})[./](\d{1,2})\.?(?:[./]?(\d{4}))?$/.exec(text);
  const [, day, month, year] = named ?? counted ?? [];
  const of = named === null ? Number(month) : MONTHS.indexOf((month ?? '').slice(0, 3)) + 1;
  if (day === undefined || of < 1) {
    return null;
  }
  const near = dateOf(Number(year ?? today.slice(0, 4)), of, Number(day));
  return year !== undefined || (near !== null && near >= today)
    ? near
    : dateOf(Number(today.slice(0, 4)) + 1, of, Number(day));
}
