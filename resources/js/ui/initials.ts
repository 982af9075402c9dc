/** "LP": who it is, where no name is to stand, or none fits. */
export const initials = (name: string): string =>
  name
    .split(' ')
    .map((word) => word.slice(0, 1))
    .join('')
    .slice(0, 2)
    .toUpperCase();
