import { decodeChoice, decodeProposal, sentAnswerSchema } from './answer-codec';

const sent = (choice: unknown, outcome = 'changed') =>
  sentAnswerSchema.safeParse({ id: 'load/a/2/x', outcome, choice }).success;

test("a chosen load is bounded like a slot's: up to 300 reps and 1500", () => {
  expect(sent({ load: 60, reps: 300 })).toBe(true);
  expect(sent({ load: 60, reps: 301 })).toBe(false);
  expect(sent({ load: 60, reps: 0 })).toBe(false);
  expect(sent({ load: 1500, reps: 8 })).toBe(true);
  expect(sent({ load: 1500.5, reps: 8 })).toBe(false);
});

test('an added number of sets or nothing may be chosen; anything else is refused', () => {
  expect(sent({ add: 0 })).toBe(true);
  expect(sent({ add: 5 })).toBe(false);
  expect(sent(null, 'accepted')).toBe(true);
  expect(sent({ add: 1, load: 2 })).toBe(false);
  expect(sent(null, 'perhaps')).toBe(false);
});

test('a stored choice is read for its own kind', () => {
  expect(decodeChoice('sets', { add: 1 })).toEqual({ ok: true, value: { add: 1 } });
  expect(decodeChoice('sets', { load: 60, reps: 8 }).ok).toBe(false);
  expect(decodeChoice('recover', null)).toEqual({ ok: true, value: null });
});

test('a call of an unknown kind is refused', () => {
  const call = { kind: 'recover', id: 'a', subject: 'b', week: 2, why: { code: 'x' } };
  expect(decodeProposal(call).ok).toBe(true);
  expect(decodeProposal({ ...call, kind: 'rest' }).ok).toBe(false);
});

test('an answer to an id that no call can have is refused', () => {
  const accepted = (id: string) =>
    sentAnswerSchema.safeParse({ id, outcome: 'accepted', choice: null }).success;
  expect(accepted('x'.repeat(191))).toBe(true);
  expect(accepted('x'.repeat(192))).toBe(false);
  expect(accepted('')).toBe(false);
  expect(accepted('load/a/2/ü')).toBe(false);
  expect(accepted('load/a/2/\u{1f4aa}')).toBe(false);
});
