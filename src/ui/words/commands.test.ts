import { FACES } from '@/client/commands';
import { keysOn } from './commands';

test('a tab lists its shortcuts', () => {
  const keys = (face: (typeof FACES)[number]) => keysOn(face).map(([chord]) => chord);
  expect(keys('Sheet')).toEqual(expect.arrayContaining(['Alt D', 'Alt J', 'Alt N', 'Ctrl Z', 'Alt I']));
  expect(keys('Split')).not.toContain('Alt D');
  expect(keys('Ladder')).toContain('Alt H');
});

test('every shortcut has a description', () => {
  for (const face of FACES) for (const [, does] of keysOn(face)) expect(does).toMatch(/^[a-z].{3,}/);
});
