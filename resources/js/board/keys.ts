import * as say from '@words/board';

/** What has keys, in the order in which it is told. `alone`: it needs nothing chosen before; `may`: who may use it. */
const KEYS = [
  { keys: '← →', does: say.keysDo.along, alone: false },
  { keys: '↑ ↓', does: say.keysDo.between, alone: false },
  { keys: 'Enter', does: say.keysDo.open, alone: false },
  { keys: 'Esc', does: say.keysDo.close, alone: false },
  { keys: 'b', does: say.keysDo.book, alone: true, may: ['change-bookings'] },
  { keys: 'm', does: say.keysDo.move, alone: false, may: ['change-bookings'] },
  { keys: 'n', does: say.keysDo.next, alone: false, may: ['mark-visits'] },
  { keys: 'p', does: say.keysDo.pay, alone: false, may: ['take-money'] },
  { keys: 'x', does: say.keysDo.draw, alone: true, may: ['change-setup', 'change-own-hours'] },
  { keys: 'r', does: say.keysDo.remind, alone: true },
  { keys: 'd', does: say.keysDo.double, alone: true, may: ['change-bookings'] },
  { keys: 'h', does: say.keysDo.names, alone: true },
  { keys: 'w', does: say.keysDo.span, alone: true },
  { keys: 't', does: say.keysDo.table, alone: true },
  { keys: '6 w', does: say.keysDo.weeks, alone: false },
  { keys: '- 3 d', does: say.keysDo.days, alone: false },
  { keys: '.', does: say.keysDo.palette, alone: false },
  { keys: '?', does: say.keysDo.sheet, alone: true },
] as const;

/** The keys of whoever may what is asked. */
export const keysFor = (may: (act: string) => boolean) => KEYS.filter((key) => !('may' in key) || key.may.some(may));

/** As if somebody pressed it, on nothing that is typed into. */
export const press = (key: string): boolean =>
  document.body.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true, cancelable: true }));
