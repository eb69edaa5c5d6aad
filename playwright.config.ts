import { defineConfig } from '@playwright/test';

/** Journeys that pull the plug on the database: nothing else may run beside them. */
const PULLS_THE_PLUG = ['**/kept.spec.ts', '**/nothing-lost.spec.ts'];

/** Journeys through the real interface on the real database; scripts/test.mjs starts both. */
export default defineConfig({
  testDir: 'e2e',
  outputDir: '.cache/playwright',
  workers: 2,
  // Every journey has a coach of its own, so a second try starts afresh; what needed one is counted as said in scripts/test.mjs.
  retries: 1,
  timeout: 240_000,
  expect: { timeout: 30_000 },
  forbidOnly: true,
  projects: [
    { name: 'side by side', testIgnore: PULLS_THE_PLUG },
    { name: 'alone', testMatch: PULLS_THE_PLUG, workers: 1, dependencies: ['side by side'] },
  ],
  reporter: [['list'], ['json']],
  use: {
    baseURL: process.env.BASE_URL ?? 'http://127.0.0.1:3000',
    viewport: { width: 1280, height: 800 },
    actionTimeout: 30_000,
    navigationTimeout: 60_000,
    screenshot: 'only-on-failure',
    locale: 'en-GB',
    timezoneId: 'Europe/Oslo',
    launchOptions: {
      executablePath: '/usr/bin/chromium-headless-shell',
      args: [
        '--no-sandbox',
        '--disable-gpu',
        '--disable-quic',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
      ],
    },
  },
});
