// Runs the tests of what the front end works out by itself, tests/Front: bundled as the application is, run by node.
import { spawnSync } from 'node:child_process';
import { mkdtempSync, readdirSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { basename, join } from 'node:path';
import { build } from 'vite';

const files = readdirSync('tests/Front')
  .filter((name) => name.endsWith('.test.ts'))
  .map((name) => join('tests/Front', name));
const out = mkdtempSync(join(tmpdir(), 'yardbell-front.'));
try {
  await build({
    configFile: false,
    logLevel: 'error',
    build: {
      ssr: true,
      outDir: out,
      emptyOutDir: true,
      rollupOptions: {
        input: Object.fromEntries(files.map((file) => [basename(file, '.ts'), file])),
        output: { entryFileNames: '[name].mjs' },
      },
    },
    ssr: { noExternal: true },
  });
  const tests = readdirSync(out).filter((name) => name.endsWith('.test.mjs'));
  const { status } = spawnSync(process.execPath, ['--test', ...tests.map((name) => join(out, name))], {
    stdio: 'inherit',
    env: { ...process.env, TZ: 'America/New_York' },
  });
  process.exitCode = tests.length === files.length ? (status ?? 1) : 1;
} finally {
  rmSync(out, { recursive: true });
}
