import { money } from '../lib/format';
import { WEEKDAYS, writeHours, type Table } from '../hours/hours';

/** What fields of things are called on the screen, wherever a change of them is told. */
const FIELDS: Readonly<Record<string, string>> = {
  name: 'Name',
  slug: 'Address of the page',
  about: 'About',
  timeZone: 'Time zone',
  currency: 'Currency',
  email: 'Mail',
  phone: 'Phone',
  links: 'Links',
  clock: 'Clock',
  firstWeekday: 'First weekday',
  publicHours: 'Hours shown',
  travelMinutes: 'Way between places',
  proof: 'Proving an address',
  logo: 'Logo',
  banner: 'Banner',
  hours: 'Hours',
  date: 'Date',
  staff: 'People',
  location: 'Location',
  from: 'From',
  to: 'To',
  picture: 'Picture',
  colour: 'Colour',
  pattern: 'Pattern',
  active: 'Active',
  page: 'Own page',
  toldOf: 'Mails they get',
  changesOwnHours: 'Changes own hours',
  breaks: 'Breaks',
  respectBusy: 'Outside calendar counts',
  maxPerDay: 'Most a day',
  services: 'Services',
  role: 'Role',
  address: 'Address',
  directions: 'Directions',
  online: 'Online',
  meetingLink: 'Meeting link',
  units: 'Units',
  outages: 'Out of order',
  description: 'Description',
  category: 'Category',
  staffNote: 'Note for staff',
  kind: 'Kind',
  minutes: 'Minutes',
  choices: 'Choices',
  range: 'Client’s own length',
  setup: 'Set-up',
  clearup: 'Clear-up',
  assignment: 'Who takes it',
  locations: 'Locations',
  resources: 'Resources',
  startEvery: 'Starts every',
  startFrom: 'Starts counted from',
  noticeMinutes: 'Notice',
  bookAheadDays: 'Reach',
  dayparts: 'Parts of the day',
  availableFrom: 'First day',
  availableUntil: 'Last day',
  places: 'Places',
  maxParty: 'Largest party',
  pricing: 'Price',
  cancellation: 'Cancelling',
  freeMinutes: 'free, minutes before',
  amount: 'amount',
  percent: 'percent',
  byMinutes: 'by length',
  perStep: 'each step',
  byStaff: 'with',
  extraPeople: 'each more person',
  price: 'Price',
  payment: 'Payment',
  visibility: 'Who sees it',
  approval: 'Waits for a yes',
  perPerson: 'For each person',
  text: 'Question',
  type: 'Answer',
  required: 'Must be answered',
  shownIf: 'Only after',
  parameter: 'Filled from',
  ids: 'Order',
};

export const fieldWord = (field: string): string => FIELDS[field] ?? field;

/** Whose values say by themselves what they are. */
const SAID = ['kind', 'amount', 'staff', 'name', 'from', 'to', 'unit', 'pool', 'id', 'text', 'question', 'answer'];

const isTable = (value: object): value is Table => 'mon' in value && 'sun' in value;

/** Fields that are amounts in the minor unit. */
const AMOUNTS = ['price', 'amount', 'perStep', 'extraPeople'];

const isNothing = (value: unknown): boolean =>
  value === null || value === false || value === '' || (Array.isArray(value) && value.length === 0);

/** A value of a field in a few words, for histories and conflicts. */
export function valueWords(
  value: unknown,
  names: ReadonlyMap<string, string>,
  currency: string,
  field: string,
): string {
  if (typeof value === 'number' && AMOUNTS.includes(field)) {
    return money(value, currency);
  }
  if (value === null || value === undefined || value === '') {
    return 'nothing';
  }
  if (typeof value === 'boolean') {
    return value ? 'yes' : 'no';
  }
  if (Array.isArray(value)) {
    return value.length === 0 ? 'nothing' : value.map((one) => valueWords(one, names, currency, field)).join(', ');
  }
  if (typeof value === 'object') {
    return isTable(value)
      ? WEEKDAYS.filter(([key]) => (value[key] ?? []).length > 0)
          .map(([key]) => `${key} ${writeHours(value[key])}`)
          .join('; ') || 'nothing'
      : Object.entries(value)
          .filter(([, one]) => !isNothing(one))
          .map(
            ([key, one]) =>
              `${SAID.includes(key) ? '' : `${fieldWord(key).toLowerCase()} `}${valueWords(one, names, currency, key)}`,
          )
          .join(', ');
  }
  const words = typeof value === 'string' ? value : JSON.stringify(value);
  return names.get(words) ?? words;
}

/** "at most 3 a day"; what cannot be read yet is not written as a number. */
export function mostADay(most: number | null): string {
  return most === null ? 'any number a day' : most < 1 ? 'most a day is not read yet' : `at most ${most} a day`;
}
