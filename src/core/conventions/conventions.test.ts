import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { CONVENTION_IDS, CONVENTIONS, conventionsWith } from './conventions';

test('later rules win over earlier ones, and those over the defaults', () => {
  const set = conventionsWith({ hardSetRir: 3, gapHours: 72 }, { hardSetRir: 5 });
  expect(set.hardSetRir).toBe(5);
  expect(set.gapHours).toBe(72);
  expect(set.changeOver).toBe(CONVENTIONS.changeOver.default);
  expect(conventionsWith().hardSetRir).toBe(4);
});

test.each(CONVENTION_IDS)('%s has a name, a unit and a reason', (id) => {
  const { name, unit, reason } = CONVENTIONS[id];
  expect(name.length).toBeGreaterThan(3);
  expect(unit).not.toBe('');
  expect(reason).toMatch(/\.$/);
});

test('every rule is read somewhere', () => {
  const core = join(__dirname, '..');
  const sources = readdirSync(core, { recursive: true, withFileTypes: true })
    .filter(
      (entry) =>
        entry.isFile() &&
        entry.name.endsWith('.ts') &&
        !entry.name.includes('test') &&
        !entry.parentPath.endsWith('conventions'),
    )
    .map((entry) => readFileSync(join(entry.parentPath, entry.name), 'utf8'))
    .join('\n');
  expect(CONVENTION_IDS.filter((id) => !new RegExp(`\\b${id}\\b`).test(sources))).toEqual([]);
});
