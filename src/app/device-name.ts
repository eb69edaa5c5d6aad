/** Devices and browsers by what they say of themselves, the more telling first: an Android phone says Linux too. */
const DEVICES = [
  ['iPhone', 'iPhone'],
  ['iPad', 'iPad'],
  ['Android', 'Android phone'],
  ['Windows', 'Windows computer'],
  ['Macintosh', 'Mac'],
  ['CrOS', 'laptop'],
  ['Linux', 'Linux computer'],
] as const;
const BROWSERS = [
  ['Edg/', 'Edge'],
  ['OPR/', 'Opera'],
  ['Firefox/', 'Firefox'],
  ['Chrome/', 'Chrome'],
  ['Safari/', 'Safari'],
] as const;

/** What a device is called in a list, by what its browser says of itself. */
export function deviceName(agent: string): string {
  const named = (list: readonly (readonly [mark: string, name: string])[]) =>
    list.find(([mark]) => agent.includes(mark))?.[1];
  return [named(DEVICES) ?? 'device', named(BROWSERS)].filter((name) => name !== undefined).join(', ');
}
