import react from '@vitejs/plugin-react';
import { defineConfig } from 'vitest/config';
import { wordsOf } from './bin/lib/words-of.mjs';

export default defineConfig({
  resolve: { alias: wordsOf('en') },
  plugins: [react()],
  test: {
    reporters: ['tap-flat'], // the ordinary one fails to say what failed under Node 20
    environment: 'jsdom',
    isolate: false, // one page for all files: making it takes a second, so each file leaves it as it found it
    setupFiles: ['tests/Front/page.ts'], // the page as it comes from the server
    include: ['tests/Front/**/*.test.{ts,tsx}'],
    env: { TZ: 'America/New_York' },
  },
});
