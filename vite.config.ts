import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import laravel from 'laravel-vite-plugin';
import { defineConfig } from 'vite';

export default defineConfig({
  plugins: [
    laravel({
      input: [
        'resources/js/gate/main.tsx',
        'resources/js/workspace/main.tsx',
        'resources/css/app.css',
        'resources/css/stand-ins.css',
      ],
      refresh: false,
    }),
    react(),
    tailwindcss(),
  ],
});
