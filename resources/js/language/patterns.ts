import { LOCALE } from './locale';

const rules = new Intl.PluralRules(LOCALE);
const numbers = new Intl.NumberFormat(LOCALE);

/** The case for so many, "#" in it filled in: "=0" first, then one, few, other as the language counts. */
export function plural(count: number, cases: Readonly<Record<string, string>>): string {
  const said = cases[`=${count}`] ?? cases[rules.select(count)] ?? cases.other ?? '';
  return said.replaceAll('#', numbers.format(count));
}

export const select = (of: string, cases: Readonly<Record<string, string>>): string => cases[of] ?? cases.other ?? '';
