/** The parts of a day that starts are listed by. */
export const PARTS = ['morning', 'afternoon', 'evening'] as const;
