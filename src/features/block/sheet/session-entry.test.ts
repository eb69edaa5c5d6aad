import { sessionEntry } from './session-entry';

test('a session’s day is a weekday or a number', () => {
  const session = { id: 'x', name: 'X', day: 0, place: null, optional: false, weeks: [], slots: [] };
  expect(sessionEntry('day', 'thu', session)).toMatchObject({ ok: true, value: { field: 'day', value: 3 } });
  expect(sessionEntry('day', 'Thursday', session)).toMatchObject({ ok: true, value: { value: 3 } });
  expect(sessionEntry('day', '2', session)).toMatchObject({ ok: true, value: { value: 1 } });
  expect(sessionEntry('day', 'someday', session).ok).toBe(false);
  expect(sessionEntry('day', 'Thu B', session)).toMatchObject({ ok: true, value: { value: 10 } });
  expect(sessionEntry('day', 'day 5', session)).toMatchObject({ ok: true, value: { value: 4 } });
  expect(sessionEntry('name', ' Legs ', session)).toMatchObject({
    ok: true,
    value: { field: 'name', value: 'Legs' },
  });
});
