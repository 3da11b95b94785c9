import { defineConfig } from '@playwright/test'

const port = process.env.URN_TEST_PORT ?? '4177'

export default defineConfig({
  testDir: 'e2e',
  timeout: 120_000,
  fullyParallel: false,
  workers: 1,
  retries: 0,
  reporter: [['list'], ['json', { outputFile: 'test-results/browser.json' }]],
  use: {
    baseURL: `http://127.0.0.1:${port}`,
    viewport: { width: 1280, height: 800 },
    browserName: 'chromium',
    screenshot: 'only-on-failure',
    launchOptions: {
      executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium',
      args: ['--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run', '--disable-background-networking', '--disable-component-update', '--disable-sync'],
    },
  },
  webServer: {
    command: 'node scripts/start.mjs',
    url: `http://127.0.0.1:${port}/api/v1/health`,
    timeout: 120_000,
    env: { PORT: port, URN_BENCH_DATA: process.env.URN_TEST_DATA ?? 'test-results/data', URN_BENCH_DEMO: '1', DATABASE_URL: '' },
  },
})
