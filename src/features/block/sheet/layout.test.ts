import { applyEdit, catalogueWith, EMPTY_LOG, ok, ownSet, runChecks, type SetTarget, unfold } from '@/core';
import { athlete, block, HALL_PLACE, lookup, performWeek, session, slot } from '@/core/testing/fixtures';
import { type Focus, type Seen, say } from '../focus';
import { cellText } from './columns/registry';
import { rirCell, rirTyped } from './columns/rir';
import { columnsOf, nearestColumn, rowsOf, usedColumns } from './layout';
import { cellAway } from './use-cursor';
import { setLines } from './week-text';

const someone = athlete();
const catalogue = catalogueWith([]);
const known = { catalogue, athlete: someone, place: HALL_PLACE };
const two = block([session('b', 3, [slot('b1', 'pull-up')]), session('a', 0, [slot('a1', 'leg-press')])]);
const plain = { block: two, athlete: someone, exercises: lookup, answers: [] };
const blockPlan = unfold({ ...plain, issued: [], log: EMPTY_LOG });
const rows = rowsOf(two);
const columns = columnsOf(blockPlan);

test('rows: weeks, then sessions in order of their days with their slots', () => {
  expect(rows.map(({ id }) => id)).toEqual(['weeks', 'a', 'a1', 'b', 'b1']);
  expect(rows.flatMap((row) => (row.kind === 'session' ? [row.letter] : []))).toEqual(['A', 'B']);
});

test('a session row has a name, a day, a place and its weeks; the cursor goes to the nearest used cell on its left', () => {
  const [weeks, row] = rows;
  if (row === undefined || weeks === undefined) throw new Error('no rows');
  expect(usedColumns(row, columns).slice(0, 4)).toEqual(['slot', 'sets', 'technique', 'w1']);
  expect(nearestColumn(row, 'tempo', columns)).toBe('sets');
  expect(nearestColumn(row, 'w3', columns)).toBe('w3');
  expect(nearestColumn(weeks, 'slot', columns)).toBe('w1');
});

test('cells show what is written, weeks what is planned or was done', () => {
  const [, , row] = rows;
  if (row?.kind !== 'slot') throw new Error('expected a slot');
  expect(cellText('range', row.slot, known).shown).toBe('8–12');
  expect(cellText('start', row.slot, known)).toMatchObject({
    shown: '60 × 10 @2',
    typed: '',
    quiet: true,
  });
  const effort = (offset: number, ...setTargets: SetTarget[]) => ({
    rir: { kind: 'week' as const, offset },
    setTargets,
  });
  const last: SetTarget = ownSet('last', { rir: { kind: 'fixed', rir: 0 } });
  expect(rirCell(effort(0))).toBe('week');
  expect(rirCell(effort(-1))).toBe('wk −1');
  expect(rirCell({ rir: { kind: 'fixed', rir: 2 }, setTargets: [] })).toBe('2');
  expect(rirCell(effort(0, last))).toBe('wk…0');
  expect(rirTyped(effort(0, ownSet(1, { rir: { kind: 'week', offset: 1 } }), last))).toBe(
    'week, 1 week +1, last 0',
  );
  const [weekState] = blockPlan.weeks;
  const asked = weekState?.plan.sessions[0]?.slots[0];
  if (weekState === undefined || asked === undefined) throw new Error('no week 1');
  expect(setLines(asked, weekState, 'a')).toEqual([
    { load: '57.5', reps: '11, 10, 9', mark: '', logged: false },
  ]);

  const done = performWeek(
    { block: two, athlete: someone, issued: [], log: EMPTY_LOG },
    1,
    ({ reps, rir }) => ({ reps: reps - 1, rir }),
  );
  const after = unfold({ ...plain, ...done }).weeks[0];
  if (after === undefined) throw new Error('no week 1');
  expect(setLines(asked, after, 'a')).toEqual([{ load: '57.5', reps: '10, 9, 8', mark: '▼', logged: true }]);
});

test('every cell of the table, every gauge and every setting has an explanation', () => {
  const done = performWeek(
    { block: two, athlete: someone, issued: [], log: EMPTY_LOG },
    1,
    ({ reps, rir }) => ({ reps: reps + 3, rir }),
  );
  const run = unfold({ ...plain, ...done });
  const exercises = catalogue.find;
  const findings = runChecks({ block: two, athlete: someone, blockPlan: run, exercises });
  const lookAt: Seen['lookAt'] = (edit) => {
    const applied = applyEdit(two, edit);
    if (!applied.ok) return applied;
    const { block } = applied.value;
    const blockPlan = unfold({ ...plain, ...done, block });
    return ok({ blockPlan, findings: runChecks({ block, athlete: someone, blockPlan, exercises }) });
  };
  const seen: Seen = {
    lookAt,
    bias: null,
    block: two,
    athlete: someone,
    catalogue,
    blockPlan: run,
    findings,
    rows,
    weekState: run.weeks[1],
  };
  const stops: Focus[] = [
    ...rows.flatMap((row) =>
      usedColumns(row, columns).map((column): Focus => ({ kind: 'cell', cell: { row: row.id, column } })),
    ),
    ...(Object.keys(run.weeks[1]?.plan.muscles ?? {}) as 'chest'[]).map(
      (muscle): Focus => ({ kind: 'muscle', muscle }),
    ),
    ...run.proposals.map(({ id }): Focus => ({ kind: 'call', id })),
    { kind: 'total' },
    ...findings.flatMap(({ id, fixes }): Focus[] => [
      { kind: 'finding', id },
      ...fixes.map(({ edit }): Focus => ({ kind: 'fix', id, edit, does: 'mend it' })),
    ]),
    { kind: 'said', title: 'upper A', text: 'Space lifts it.' },
  ];
  expect(findings.some(({ fixes }) => fixes.length > 0)).toBe(true);
  expect(stops.length).toBeGreaterThan(50);
  for (const stop of stops) {
    const said = say(stop, seen);
    expect(said.title).not.toBe('');
    expect(said.because.length).toBeGreaterThan(10);
    expect(`${said.title} ${said.value} ${said.because} ${said.besides}`).not.toMatch(
      /undefined|NaN|null|\[object/,
    );
  }
});

test('arrow keys skip unused columns and, outside the weeks, the row of weeks, and stop at the edges', () => {
  const away = (row: string, column: 'slot' | 'rest' | 'w1', across: number, down: number) =>
    cellAway({ row, column }, across, down, rows, columns);
  expect(away('a1', 'slot', 1, 0)).toEqual({ row: 'a1', column: 'sets' });
  expect(away('a1', 'slot', -1, 0)).toEqual({ row: 'a1', column: 'slot' });
  expect(away('a1', 'rest', 0, 1)).toEqual({ row: 'b', column: 'sets' });
  expect(away('a1', 'w1', 0, 1)).toEqual({ row: 'b', column: 'w1' });
  expect(away('a', 'slot', 0, -1)).toEqual({ row: 'a', column: 'slot' });
  expect(away('a', 'w1', 0, -1)).toEqual({ row: 'weeks', column: 'w1' });
  expect(away('a1', 'slot', 0, 10)).toEqual({ row: 'b1', column: 'slot' });
  expect(away('gone', 'slot', 0, 1)).toEqual({ row: 'gone', column: 'slot' });
});
