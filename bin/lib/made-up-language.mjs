/*
 * Makes a language up for the tests: English with other letters, longer by a third, written from right to left as
 * Hebrew is. What a screen shows in plain letters then was never looked up; what is cut had no room to grow.
 * validation.php has codes alone.
 */
import { mkdirSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import { parse, TYPE } from '@formatjs/icu-messageformat-parser';
import { printAST } from '@formatjs/icu-messageformat-parser/printer.js';
import { read } from './catalogue.mjs';

export const MADE_UP = 'he-XB';

const PLAIN = 'abcdefghijklmnopqrstuvwxyzABCDEFGHIJKLMNOPQRSTUVWXYZ';
const OTHER = 'áƀçďéƒǧĥíĵķľɱñóƥɋřšťúṽŵẋýžÁɃÇĎÉƑǦĤÍĴĶĽṀÑÓƤɊŘŠŤÚṼŴẊÝŽ';
const LONGER = /[aeiou]/g;
const root = new URL('../../lang/', import.meta.url).pathname;

/** Every third vowel doubled, and a little more: as much longer as German is. */
function grown(text) {
  let vowels = 0;
  return text.replace(LONGER, (vowel) => (vowels++ % 2 === 0 ? vowel + vowel : vowel));
}

const disguised = (text) => [...grown(text)].map((letter) => OTHER[PLAIN.indexOf(letter)] ?? letter).join('');

function translate(parts) {
  for (const part of parts) {
    if (part.type === TYPE.literal) {
      part.value = disguised(part.value);
    }
    Object.values(part.options ?? {}).forEach(({ value }) => translate(value));
  }
  return parts;
}

const said = (pattern) => printAST(translate(parse(pattern, { ignoreTag: true })));
const made = (patterns) =>
  Object.fromEntries(
    Object.entries(patterns).map(([key, one]) => [key, typeof one === 'string' ? said(one) : made(one)]),
  );

rmSync(`${root}${MADE_UP}`, { recursive: true, force: true });
for (const file of readdirSync(`${root}en`, { recursive: true }).filter(
  (name) => name.endsWith('.php') && name !== 'validation.php',
)) {
  const to = `${root}${MADE_UP}/${file}`;
  mkdirSync(to.slice(0, to.lastIndexOf('/')), { recursive: true });
  const json = JSON.stringify(made(read(`${root}en/${file}`))).replace(/[\\']/g, '\\$&');
  writeFileSync(to, `<?php\n\nreturn json_decode('${json}', true);\n`);
}
