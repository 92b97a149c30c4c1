import { defineConfig } from 'vitest/config';

export default defineConfig({
  test: {
    projects: [
      { test: { name: 'models', include: ['src/**/*.test.ts'] } },
      {
        test: {
          name: 'components',
          include: ['src/**/*.test.tsx'],
          environment: 'jsdom',
          environmentOptions: { jsdom: { url: 'http://localhost/' } },
          setupFiles: ['src/testing/setup.ts'],
        },
      },
    ],
  },
});
