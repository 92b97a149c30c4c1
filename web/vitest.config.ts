import { defineConfig } from 'vitest/config';

export default defineConfig({
  test: {
    projects: [
      { test: { name: 'models', testTimeout: 30_000, include: ['src/**/*.test.ts'] } },
      {
        test: {
          name: 'components',
          include: ['src/**/*.test.tsx'],
          // A busy machine is no fault of what is tested.
          testTimeout: 30_000,
          environment: 'jsdom',
          environmentOptions: { jsdom: { url: 'http://localhost/' } },
          setupFiles: ['src/testing/setup.ts'],
        },
      },
    ],
  },
});
