/** What a phone is called in a list, by what its browser says of itself. */
export function phoneName(agent: string): string {
  const device = /iPhone|iPad|Android|Windows|Macintosh|Linux|CrOS/.exec(agent)?.[0] ?? 'device';
  const names: Readonly<Record<string, string>> = {
    Android: 'Android phone',
    Windows: 'Windows computer',
    Macintosh: 'Mac',
    Linux: 'Linux computer',
    CrOS: 'laptop',
  };
  const browser = /(Firefox|Edg|OPR|Chrome|Safari)\//.exec(agent.replace('HeadlessChrome', 'Chrome'))?.[1];
  const browsers: Readonly<Record<string, string>> = { Edg: 'Edge', OPR: 'Opera' };
  return `${names[device] ?? device}${browser === undefined ? '' : `, ${browsers[browser] ?? browser}`}`;
}
