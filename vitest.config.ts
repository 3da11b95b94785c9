import { fileURLToPath } from 'node:url'
import { defineConfig } from 'vitest/config'

const tests = '**/*.test.{ts,tsx}'
/** Tests that need no bench. */
const pure = [`src/{core,words,ui}/${tests}`]
/** Tests of what a whole process has: its environment, its threads, its end. */
const alone = [
  `scripts/${tests}`,
  `src/threads/${tests}`,
  'src/data/database.kill.test.ts',
  `src/data/daybook/${tests}`,
]
const globalSetup = ['scripts/vitestSetup.ts']

// what keeps nothing between calls shares its modules: they are read in once and not for each file
export default defineConfig({
  resolve: { alias: { '@': fileURLToPath(new URL('./src', import.meta.url)) } },
  test: {
    testTimeout: 120_000,
    hookTimeout: 180_000,
    // a database of these tests lives for a moment: its code is not compiled a second time to run faster
    execArgv: ['--liftoff-only'],
    // some wait for clocks, sockets and processes: three share two cores best
    maxWorkers: 3,
    projects: [
      { extends: true, test: { name: 'pure', include: pure, isolate: false } },
      {
        extends: true,
        test: { name: 'bench', globalSetup, include: [`src/${tests}`], exclude: [...pure, ...alone], isolate: false },
      },
      { extends: true, test: { name: 'alone', globalSetup, include: alone } },
    ],
  },
})
