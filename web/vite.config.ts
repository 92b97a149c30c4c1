import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';

export default defineConfig({
  plugins: [react(), tailwindcss()],
  // Nothing is inlined: the page's policy lets only files of its own be loaded.
  build: {
    assetsInlineLimit: 0,
    target: 'es2022',
    rolldownOptions: { optimization: { inlineConst: { mode: 'all', pass: 3 } } },
  },
  server: { proxy: { '/api': 'http://127.0.0.1:5188', '/schemas': 'http://127.0.0.1:5188' } },
});
