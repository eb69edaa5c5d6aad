import { EMPTY_LOG, type LoggedMore, type Slot, startOf, unfold } from '@/core';
import { athlete, block, lookup, performWeek, session, slot } from '@/core/testing/fixtures';
import { lineText, setLines } from './week-text';

const base = { athlete: athlete(), exercises: lookup, issued: [], log: EMPTY_LOG, answers: [] };

/** The first week's cell of a slot: as planned, or done as planned with these notes on every set. */
function cell(changes: Partial<Slot>, noted?: LoggedMore, exercise = 'leg-extension'): readonly string[] {
  const input = { ...base, block: block([session('a', 0, [slot('s', exercise, changes)])]) };
  const done = noted === undefined ? base : performWeek(input, 1);
  const sets = done.log.sets.map((one) => ({ ...one, ...(noted === undefined ? {} : { more: noted }) }));
  const [week] = unfold({ ...input, issued: done.issued, log: { ...done.log, sets } }).weeks;
  const planned = week?.plan.sessions[0]?.slots[0];
  if (week === undefined || planned === undefined) throw new Error('no week');
  return setLines(planned, week, 'a').map(lineText);
}

const technique = (kind: Parameters<typeof startOf>[0], changes: object = {}) =>
  ({ ...startOf(kind), ...changes }) as Slot['technique'];

describe('a week’s cell', () => {
  test('held and lowered reps after the last one', () => {
    expect(cell({ technique: technique('hold and lower') })[0]).toContain('10+10″+3↓');
  });

  test('reps of more sets than a line holds continue below, with the load beside the first line', () => {
    const five = cell({ technique: { kind: 'straight', sets: 5 }, range: { low: 10, high: 24 } });
    expect(five).toEqual(['47.5 × 20, 19, 17,', '16, 15']);
  });

  test('alternating halves are marked', () => {
    expect(cell({ technique: technique('total-rep target', { total: 20, inTurn: true }) })[0]).toBe(
      '60 × 9+8½+3 @4',
    );
  });

  test('rising big sets are listed one below the other, each with its load', () => {
    const rising = technique('cluster', { sets: 2, minis: 3, reps: 2, rise: 0.1 });
    const [first, second] = cell({ technique: rising });
    expect(first).toMatch(/^[\d.]+ × 2\+2\+2/);
    expect(second).toMatch(/^[\d.]+ × 2\+2\+2/);
    expect(first).not.toBe(second);
  });

  test('a drop inside a round does not start a new line', () => {
    expect(cell({ technique: technique('drop set') })).toHaveLength(1);
  });

  test('done: the time of a list, unclean form, assisted reps', () => {
    const timed = cell({ technique: technique('for time', { list: [10, 5], hard: 1 }) }, { seconds: 462 });
    expect(timed.join(' ')).toContain('7:42');
    expect(cell({ technique: { kind: 'straight', sets: 1 } }, { unclean: true })[0]).toMatch(/^60 × 9~/);
    expect(cell({ technique: { kind: 'straight', sets: 1 } }, { assisted: 2 })[0]).toMatch(/^60 × 9\+2h/);
  });
});
