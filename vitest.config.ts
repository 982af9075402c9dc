import react from '@vitejs/plugin-react';
import { defineConfig } from 'vitest/config';

export default defineConfig({
  plugins: [react()],
  test: {
    reporters: ['tap-flat'], // the ordinary one fails to say what failed under Node 20
    include: ['tests/Front/**/*.test.{ts,tsx}'],
    env: { TZ: 'America/New_York' },
  },
});
