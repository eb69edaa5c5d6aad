import { passwordProblem } from './passwords';

const KNOWN = ['Runa Solheim', 'runa.solheim@example.org'];
const problem = (password: string) => passwordProblem(password, KNOWN);

test('nine characters are too few, ten are enough', () => {
  expect(problem('kettle moo')).toBeNull();
  expect(problem('kettle mo')).toBe('too short');
});

test('common passwords, keyboard rows, dates and the coach’s own details are too easy', () => {
  for (const easy of [
    'password123',
    '1234567890',
    'qwertyuiop',
    'aaaaaaaaaaaa',
    'RunaSolheim',
    'denseladder1',
  ])
    expect([easy, problem(easy)]).toEqual([easy, 'too easy']);
});

test('unrelated words pass for any coach', () => {
  for (const good of ['rung by rung', 'a longer password', 'four grey herons wait', 'zk8#wq-Lm2'])
    expect([good, problem(good)]).toEqual([good, null]);
});
