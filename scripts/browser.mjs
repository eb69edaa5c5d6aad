// The browser of journeys, benches and pictures: Debian's headless Chromium without a window of any kind. The journeys take
// little more than half the time in it that they take in the whole browser.
import { ensurePrograms } from './machine.mjs';

const PROGRAM = 'chromium-headless-shell';

export function ensureBrowser() {
  return ensurePrograms([{ program: PROGRAM, debian: PROGRAM }]);
}

export async function launchBrowser() {
  await ensureBrowser();
  const { chromium } = await import('@playwright/test');
  return chromium.launch({
    executablePath: `/usr/bin/${PROGRAM}`,
    args: ['--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run'],
  });
}
