import { Fragment, type ReactNode } from 'react';

/** Stands in a sentence where a part of the page comes; no catalogue has this letter. */
const MARK = '\u0001';

const isWords = (part: ReactNode): part is string | number => typeof part === 'string' || typeof part === 'number';

/** A sentence with parts of the page in it: "A link is on its way to {email}." with the address in bold. */
export function rich<P extends object>(
  say: (parameters: P) => string,
  parts: { [Name in keyof P]: ReactNode },
): ReactNode;
export function rich(
  say: (parameters: Record<string, string | number>) => string,
  parts: Record<string, ReactNode>,
): ReactNode {
  const names = Object.keys(parts);
  const marked = names.map((name, i) => {
    const part = parts[name];
    return [name, isWords(part) ? part : `${MARK}${i}${MARK}`] as const;
  });
  return say(Object.fromEntries(marked))
    .split(MARK)
    .map((piece, i) => <Fragment key={i}>{i % 2 === 0 ? piece : parts[names[Number(piece)] ?? '']}</Fragment>);
}
