/* Builds the screens in every language that is spoken here, each into its own folder of public/build. */
import { rmSync } from 'node:fs';
import { build } from 'vite';
import { languages } from './languages.mjs';

rmSync(new URL('../../public/build', import.meta.url), { recursive: true, force: true });
for (const language of languages) {
  process.env['YARDBELL_LANGUAGE'] = language;
  await build();
}
