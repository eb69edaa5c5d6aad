// The browser for journeys, benches and pictures: Debian's Chromium in its shell-only headless mode, in which the
// journeys take little more than half the time of the full browser.
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
