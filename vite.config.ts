import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import laravel from 'laravel-vite-plugin';
import { defineConfig } from 'vite';
import { wordsOf } from './bin/lib/words-of.mjs';
import { wordsReload } from './bin/lib/words-reload.mjs';

/** One language at a time (bin/lib/build.mjs): its words are compiled in, so a reader loads no other. */
const language = process.env['YARDBELL_LANGUAGE'] ?? 'en';

export default defineConfig({
  resolve: { alias: wordsOf(language) },
  plugins: [
    laravel({
      input: [
        'resources/js/gate/main.tsx',
        'resources/js/workspace/main.tsx',
        'resources/css/app.css',
        'resources/css/stand-ins.css',
        'resources/css/instead.css',
      ],
      buildDirectory: `build/${language}`,
      refresh: false,
    }),
    react(),
    tailwindcss(),
    wordsReload(),
  ],
});
