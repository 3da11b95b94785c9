import { defineConfig } from '@playwright/test'
import { chromiumPath } from './scripts/chromium.mjs'

export default defineConfig({
  testDir: 'e2e',
  globalSetup: './e2e/buildOnce.ts',
  timeout: 120_000,
  // a busy machine answers late: what is right comes all the same
  expect: { timeout: 15_000 },
  fullyParallel: false,
  // files run side by side; the tests of one file one after the other. Hands and benches wait for each other a third of the
  // time: three share two cores best
  workers: 3,
  retries: 0,
  reporter: [['list'], ['json', { outputFile: 'test-results/browser.json' }]],
  use: {
    viewport: { width: 1280, height: 800 },
    browserName: 'chromium',
    screenshot: 'only-on-failure',
    // drawings stand still, which saves an eighth of the time; a test whose drawings have to move says so
    contextOptions: { reducedMotion: 'reduce' },
    launchOptions: {
      executablePath: chromiumPath(),
      args: [
        '--no-sandbox',
        '--disable-gpu',
        '--disable-quic',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
        // what has been compiled is kept from the first page on, not from the third: a quarter of what pages cost
        '--v8-cache-options=code',
        // a page lives for seconds: what it leaves is not collected before it is gone
        '--js-flags=--initial-old-space-size=300',
      ],
    },
  },
})
