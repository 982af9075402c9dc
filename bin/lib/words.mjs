/*
 * The screens' words, compiled: lang/<language>/screen/<room>.php → resources/js/language/<language>/<room>.ts, a
 * constant for each sentence, a function where it has parameters. What a language lacks is said in English.
 */
import { mkdirSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import { parse, TYPE } from '@formatjs/icu-messageformat-parser';
import { read } from './catalogue.mjs';
import { languages } from './languages.mjs';

const [FIRST] = languages;
const root = new URL('../../', import.meta.url).pathname;

const camel = (key) => key.replace(/_(.)/g, (_, letter) => letter.toUpperCase());
const literal = (text) => text.replace(/[`\\]|\$\{/g, '\\$&');

/** The parts of a pattern as the inside of a template literal; notes the parameters it meets. */
function template(parts, parameters) {
  const one = (part) => {
    switch (part.type) {
      case TYPE.literal:
        return literal(part.value);
      case TYPE.argument:
        parameters.set(part.value, parameters.get(part.value) ?? 'string | number');
        return `\${p.${part.value}}`;
      case TYPE.pound:
        return '#';
      case TYPE.plural:
      case TYPE.select: {
        const plural = part.type === TYPE.plural;
        parameters.set(part.value, plural ? 'number' : 'string');
        const cases = Object.entries(part.options).map(
          ([name, { value }]) => `${JSON.stringify(name)}: \`${template(value, parameters)}\``,
        );
        return `\${${plural ? 'plural' : 'select'}(p.${part.value}, { ${cases.join(', ')} })}`;
      }
      default:
        throw new Error(`Screens say no such part of a pattern: ${JSON.stringify(part)}`);
    }
  };
  return parts.map(one).join('');
}

function compiled(pattern, code) {
  try {
    const parameters = new Map();
    const said = template(parse(pattern, { ignoreTag: true }), parameters);
    const shape = [...parameters].map(([name, type]) => `${name}: ${type}`).join('; ');
    return parameters.size === 0 ? `\`${said}\`` : `(p: { ${shape} }): string => \`${said}\``;
  } catch (error) {
    throw new Error(`${code}: ${error.message}`);
  }
}

function moduleOf(file, patterns) {
  const lines = Object.entries(patterns).map(([key, pattern]) =>
    typeof pattern === 'string'
      ? `export const ${camel(key)} = ${compiled(pattern, `${file}.${key}`)};`
      : `export const ${camel(key)} = {\n${Object.entries(pattern)
          .map(([name, one]) => `  ${JSON.stringify(name)}: ${compiled(one, `${file}.${key}.${name}`)},`)
          .join('\n')}\n} as const;`,
  );
  const all = lines.join('\n');
  const helpers = ['plural', 'select'].filter((name) => all.includes(`\${${name}(`));
  return `${helpers.length === 0 ? '' : `import { ${helpers.join(', ')} } from '../patterns';\n\n`}${all}\n`;
}

for (const language of languages) {
  const out = `${root}resources/js/language/${language}`;
  rmSync(out, { recursive: true, force: true });
  mkdirSync(out, { recursive: true });
  for (const name of readdirSync(`${root}lang/${FIRST}/screen`)) {
    const file = name.replace('.php', '');
    const patterns = read(`${root}lang/${FIRST}/screen/${name}`);
    const own = language === FIRST ? {} : read(`${root}lang/${language}/screen/${name}`);
    writeFileSync(`${out}/${file}.ts`, moduleOf(file, { ...patterns, ...own }));
  }
}
