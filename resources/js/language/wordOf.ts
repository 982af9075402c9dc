/** The word of a code that comes from outside; where it has none, the code itself. */
export const wordOf = (words: Readonly<Record<string, string>>, code: string): string => words[code] ?? code;
