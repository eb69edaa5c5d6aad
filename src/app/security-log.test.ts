import { securityLog } from './security-log';

test('a line has the way in, the result, the network and the account, and nothing else', () => {
  const lines: string[] = [];
  const note = securityLog({ write: (line) => lines.push(line) });
  const typed = { way: 'sign-in', said: 'wrong', from: '192.0.2.7', password: 'rung by rung' } as const;
  note(typed);
  note({ way: 'password', said: 'changed', from: '2001:db8:0:1', coach: 'c1' });
  const [first, second] = lines.map((line) => {
    const { time, level, ...rest } = JSON.parse(line);
    expect([typeof time, level]).toEqual(['number', 30]);
    return rest;
  });
  expect(first).toEqual({ of: 'security', msg: 'way in', way: 'sign-in', said: 'wrong', from: '192.0.2.7' });
  expect(second).toMatchObject({ way: 'password', said: 'changed', coach: 'c1' });
});
