import { defineConfig } from '@playwright/test';

/** Journeys through the real interface on the real database; scripts/test.mjs starts both. */
export default defineConfig({
  testDir: 'e2e',
  outputDir: '.cache/playwright',
  workers: 1,
  timeout: 240_000,
  expect: { timeout: 30_000 },
  forbidOnly: true,
  reporter: [['list'], ['json']],
  use: {
    baseURL: process.env.BASE_URL ?? 'http://127.0.0.1:3000',
    viewport: { width: 1280, height: 800 },
    actionTimeout: 30_000,
    screenshot: 'only-on-failure',
    locale: 'en-GB',
    timezoneId: 'Europe/Oslo',
    launchOptions: {
      executablePath: '/usr/bin/chromium',
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
