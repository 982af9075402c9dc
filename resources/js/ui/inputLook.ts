const SHAPE =
  'border-soft bg-paper text-ink disabled:border-line disabled:bg-transparent disabled:text-soft ' +
  'disabled:opacity-100 aria-invalid:border-clay aria-invalid:bg-clay-wash';
const SIZES = {
  whole: 'w-full min-h-11 rounded-lg border-[1.5px] px-[0.7rem] py-[0.45rem]',
  small: 'w-auto min-h-8.5 rounded-lg border-[1.5px] px-2 py-[0.2rem]',
  search: 'w-52 min-h-9 rounded-lg border-[1.5px] px-[0.7rem] py-[0.45rem]',
  hours: 'w-full min-h-9 rounded-lg border px-2 py-[0.2rem] text-[0.95rem]',
};

/** What looks like something to type in or to choose from. */
export const inputLook = (size: keyof typeof SIZES = 'whole'): string => `${SHAPE} ${SIZES[size]}`;
