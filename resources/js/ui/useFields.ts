import { useState } from 'react';

type Wrong = Readonly<Record<string, string>> | undefined;

/**
 * What is typed into the fields of a form, by key. `field(key, wrong)` gives all a Field needs but its label; its id is
 * the key, after `prefix` where several forms stand on one page.
 */
export function useFields<Key extends string>(first: Readonly<Record<Key, string>>, prefix = '') {
  const [values, setValues] = useState(first);
  const set = (key: Key, value: string) => setValues((now) => ({ ...now, [key]: value }));
  const field = (key: Key, wrong: Wrong) => ({
    id: `${prefix}${key}`,
    wrong: wrong?.[key],
    value: values[key],
    onValue: (value: string) => set(key, value),
  });
  return { values, set, field };
}
