import { fileURLToPath } from 'node:url'
import { defineConfig } from 'vitest/config'

/** Tests of what keeps nothing between calls: they share their modules, which are read in once and not for each file. */
const pure = ['src/{core,words,ui}/**/*.test.{ts,tsx}']

export default defineConfig({
  resolve: { alias: { '@': fileURLToPath(new URL('./src', import.meta.url)) } },
  test: {
    testTimeout: 120_000,
    hookTimeout: 180_000,
    // some wait for clocks, sockets and processes: three share two cores best
    maxWorkers: 3,
    projects: [
      { extends: true, test: { name: 'pure', include: pure, isolate: false } },
      {
        extends: true,
        test: {
          name: 'bench',
          globalSetup: ['scripts/vitestSetup.ts'],
          include: ['src/**/*.test.{ts,tsx}', 'scripts/**/*.test.ts'],
          exclude: pure,
        },
      },
    ],
  },
})
