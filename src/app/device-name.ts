import * as words from '@/ui/words/screens/pages';

/** Devices and browsers by user agent, the more specific first: an Android phone also says Linux. */
const DEVICES = [
  ['iPhone', 'iPhone'],
  ['iPad', 'iPad'],
  [words.android, words.androidPhone],
  [words.windows, words.windowsComputer],
  [words.macintosh, words.mac],
  [words.cros, 'laptop'],
  [words.linux, words.linuxComputer],
] as const;
const BROWSERS = [
  ['Edg/', 'Edge'],
  ['OPR/', words.opera],
  ['Firefox/', words.firefox],
  ['Chrome/', words.chrome],
  ['Safari/', words.safari],
] as const;

/** A device's name in lists, from its user agent. */
export function deviceName(agent: string): string {
  const named = (list: readonly (readonly [mark: string, name: string])[]) =>
    list.find(([mark]) => agent.includes(mark))?.[1];
  return [named(DEVICES) ?? 'device', named(BROWSERS)].filter((name) => name !== undefined).join(', ');
}
