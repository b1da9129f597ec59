import { defineConfig, devices } from '@playwright/test';
import { SIGNED_IN } from './tests/e2e/signed-in';

export default defineConfig({
  testDir: 'tests/e2e',
  globalSetup: './tests/e2e/sign-in.ts',
  workers: 2,
  fullyParallel: true,
  // A busy machine takes three times as long as an idle one.
  timeout: 90_000,
  expect: { timeout: 20_000 },
  forbidOnly: true,
  reporter: [['list'], ['json', { outputFile: process.env.PLAYWRIGHT_JSON_OUTPUT_FILE ?? 'test-results/report.json' }]],
  use: {
    // Each test has a device of its own; those about a device without signal let it keep the application.
    serviceWorkers: 'block',
    storageState: SIGNED_IN,
    baseURL: process.env.BASE_URL ?? 'http://127.0.0.1:4300',
    launchOptions: {
      executablePath: '/usr/bin/chromium',
      args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking'],
    },
    // What is recorded of each step slows all of them: `TRACE=yes npm run test:e2e -- NAME` records.
    trace: process.env.TRACE ? 'retain-on-failure' : 'off',
  },
  projects: [
    {
      name: 'desk',
      testIgnore: /phone/,
      use: { ...devices['Desktop Chrome'], viewport: { width: 1280, height: 800 } },
    },
    { name: 'phone', testMatch: /phone/, use: { ...devices['Pixel 7'], viewport: { width: 390, height: 844 } } },
  ],
});
