import assert from 'node:assert/strict';
import { readdirSync, readFileSync } from 'node:fs';
import { dirname, join, normalize } from 'node:path';
import { test } from 'vitest';

const ROOT = 'resources/js';
const FILES = readdirSync(ROOT, { recursive: true, encoding: 'utf8' }).filter((file) =>
  /(?<!api-types)\.tsx?$/.test(file),
);

/** What a file imports of ours, without endings. */
function used(file: string): string[] {
  const code = readFileSync(join(ROOT, file), 'utf8');
  return [...code.matchAll(/(?:from|import\() ?'(\.[^']+)'/g)].map((found) =>
    normalize(join(dirname(file), found[1] ?? '')),
  );
}

test('no file uses itself by way of others', () => {
  const graph = new Map(FILES.map((file) => [file.replace(/\.tsx?$/, ''), used(file)]));
  const done = new Set<string>();
  const walk = (file: string, way: string[]): void => {
    assert.ok(!way.includes(file), `a circle: ${[...way, file].join(' → ')}`);
    if (!done.has(file)) {
      for (const next of graph.get(file) ?? []) walk(next, [...way, file]);
      done.add(file);
    }
  };
  for (const file of graph.keys()) walk(file, []);
  assert.ok(graph.size > 100);
});

test('no component is longer than 120 lines', () => {
  const long = FILES.filter((file) => file.endsWith('.tsx')).flatMap((file) => {
    const lines = readFileSync(join(ROOT, file), 'utf8').split('\n');
    const starts = lines.flatMap((line, i) => (/^(export )?function [A-Z]/.test(line) ? [i] : []));
    return starts
      .map((start) => ({ file, lines: lines.indexOf('}', start) - start + 1 }))
      .filter((one) => one.lines > 120);
  });
  assert.deepEqual(long, []);
});

test('no style needs to shout: layers say which one counts', () => {
  const sheets = ['resources/css', ROOT].flatMap((folder) =>
    readdirSync(folder, { recursive: true, encoding: 'utf8' })
      .filter((file) => file.endsWith('.css'))
      .map((file) => readFileSync(join(folder, file), 'utf8')),
  );
  assert.ok(sheets.length > 30);
  const bare = sheets.filter((sheet) => !/^@(layer|import)/.test(sheet) && !sheet.includes('stand-in'));
  assert.deepEqual(bare, []);
  const stillness = /@media \(prefers-reduced-motion: reduce\) \{.*?\n {2}\}/gs; // stops everything, whoever moves it
  const shouting = sheets.flatMap((sheet) => sheet.replace(stillness, '').match(/.*!important.*/g) ?? []);
  assert.deepEqual(shouting, []);
  const utilities = FILES.flatMap(
    (file) => readFileSync(join(ROOT, file), 'utf8').match(/className="[^"]*[\w\])]!(?=[ "])[^"]*"/g) ?? [],
  );
  assert.deepEqual(utilities, []);
});

test('every sentence of the screens is said somewhere', () => {
  const silent = readdirSync(join(ROOT, 'language/en')).flatMap((file) => {
    const room = file.replace('.ts', '');
    const sources = FILES.map((one) => readFileSync(join(ROOT, one), 'utf8'));
    const users = sources.filter((source) => source.includes(`'@words/${room}'`)).join('\n');
    const said = new Set([...users.matchAll(/\bsay\.(\w+)/g)].map(([, name]) => name));
    const known = readFileSync(join(ROOT, 'language/en', file), 'utf8').matchAll(/^export const (\w+)/gm);
    return [...known]
      .map(([, name]) => name)
      .filter((name) => !said.has(name))
      .map((name) => `${room}.${name}`);
  });
  assert.deepEqual(silent, []);
});
