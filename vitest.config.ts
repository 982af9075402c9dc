import react from '@vitejs/plugin-react';
import { defineConfig } from 'vitest/config';

export default defineConfig({
  plugins: [react()],
  test: {
    include: ['tests/Front/**/*.test.{ts,tsx}'],
    env: { TZ: 'America/New_York' },
  },
});
