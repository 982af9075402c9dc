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
  priceKind: 'Kind of price',
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

const isTable = (value: object): value is Table => 'mon' in value && 'sun' in value;

/** A value of any field in a few words, for histories and conflicts. */
export function valueWords(value: unknown, names: ReadonlyMap<string, string>): string {
  if (value === null || value === undefined || value === '') {
    return 'nothing';
  }
  if (typeof value === 'boolean') {
    return value ? 'yes' : 'no';
  }
  if (Array.isArray(value)) {
    return value.length === 0 ? 'nothing' : value.map((one) => valueWords(one, names)).join(', ');
  }
  if (typeof value === 'object') {
    return isTable(value)
      ? WEEKDAYS.filter(([key]) => (value[key] ?? []).length > 0)
          .map(([key]) => `${key} ${writeHours(value[key])}`)
          .join('; ') || 'nothing'
      : Object.values(value)
          .map((one) => valueWords(one, names))
          .join(' ');
  }
  const words = typeof value === 'string' ? value : JSON.stringify(value);
  return names.get(words) ?? words;
}
