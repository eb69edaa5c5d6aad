import { passwordProblem } from './passwords';

const KNOWN = ['Runa Solheim', 'runa.solheim@example.org'];
const problem = (password: string) => passwordProblem(password, KNOWN);

test('nine characters are too few, ten are not', () => {
  expect(problem('kettle moo')).toBeNull();
  expect(problem('kettle mo')).toBe('too short');
});

test('what many have, rows of keys, dates and what is known of the coach is too easy', () => {
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

test('words that do not belong together pass, whoever it is', () => {
  for (const good of ['rung by rung', 'a longer password', 'four grey herons wait', 'zk8#wq-Lm2'])
    expect([good, problem(good)]).toEqual([good, null]);
});
