import { EMPTY_LOG, type LoggedMore, type Slot, startOf, unfold } from '@/core';
import { athlete, block, lookup, performWeek, session, slot } from '@/core/testing/fixtures';
import { lineText, setLines } from './week-text';

const base = { athlete: athlete(), exercises: lookup, issued: [], log: EMPTY_LOG, answers: [] };

/** What the first week's cell of a slot says: as asked, or done as asked with this noted of every set. */
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

describe('the cell of a week', () => {
  test('what is held and lowered after the last rep', () => {
    expect(cell({ technique: technique('hold and lower') })[0]).toContain('10+10″+3↓');
  });

  test('reps of more sets than a line holds go on below, with the load behind the last', () => {
    const five = cell({ technique: { kind: 'straight', sets: 5 }, range: { low: 10, high: 24 } });
    expect(five).toEqual(['47.5 × 20, 19, 17,', '16, 15']);
  });

  test('halves in turn are marked', () => {
    expect(cell({ technique: technique('total-rep target', { total: 20, inTurn: true }) })[0]).toBe(
      '60 × 9+8½+3 @4',
    );
  });

  test('big sets that rise stand one below the other, each with its load', () => {
    const rising = technique('cluster', { sets: 2, minis: 3, reps: 2, rise: 0.1 });
    const [first, second] = cell({ technique: rising });
    expect(first).toMatch(/^[\d.]+ × 2\+2\+2/);
    expect(second).toMatch(/^[\d.]+ × 2\+2\+2/);
    expect(first).not.toBe(second);
  });

  test('a drop within a round is one run', () => {
    expect(cell({ technique: technique('drop set') })).toHaveLength(1);
  });

  test('done: the time of a list, form that was not clean, reps with help', () => {
    const timed = cell({ technique: technique('for time', { list: [10, 5], hard: 1 }) }, { seconds: 462 });
    expect(timed.join(' ')).toContain('7:42');
    expect(cell({ technique: { kind: 'straight', sets: 1 } }, { unclean: true })[0]).toMatch(/^60 × 9~/);
    expect(cell({ technique: { kind: 'straight', sets: 1 } }, { assisted: 2 })[0]).toMatch(/^60 × 9\+2h/);
  });
});
