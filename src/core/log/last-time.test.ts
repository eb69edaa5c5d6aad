import { athlete, block, performWeek, session, slot } from '../testing/fixtures';
import { addLastTimesElsewhere, lastTimesIn, slotsWithoutLastTime } from './last-time';
import { EMPTY_LOG } from './log';

const straight = { technique: { kind: 'straight' as const, sets: 2 } };
const of = block(
  [session('a', 0, [slot('1', 'leg-press', straight), slot('2', 'leg-extension', straight)])],
  {
    weeks: 2,
  },
);
/** Consecutive weeks done with this many reps above target. */
function trained(...over: readonly number[]) {
  let state = { block: of, athlete: athlete(), issued: [], log: EMPTY_LOG } as Parameters<
    typeof performWeek
  >[0];
  over.forEach((more, at) => {
    const done = performWeek(state, at + 1, ({ reps, rir }) => ({ reps: reps + more, rir }));
    state = { ...state, ...done };
  });
  return state;
}
function sessionOf({ issued }: ReturnType<typeof trained>, week: number) {
  const found = issued.find((one) => one.week === week)?.plan.sessions[0];
  if (found === undefined) throw new Error(`week ${week} was not handed out`);
  return found;
}

test('a set’s last time is the latest week before it, set by set', () => {
  const state = trained(0, 1);
  const second = sessionOf(state, 2);
  const asked = sessionOf(state, 1).slots[0]?.sets.map(({ reps }) => reps);
  const last = lastTimesIn(state, 2, second);
  expect(['1/work-1', '1/work-2'].map((place) => last[place]?.reps)).toEqual(asked);
  expect(last['1/work-1']).toMatchObject({ earlier: false });
  expect(lastTimesIn(state, 1, sessionOf(state, 1))).toEqual({});
});

test('a deload does not count: after it, last time is the week before', () => {
  const state = trained(0, 1, 5);
  expect(state.issued.at(-1)?.plan.kind).toBe('deload');
  const [second, deload] = [sessionOf(state, 2), sessionOf(state, 3)];
  const reps = second.slots[0]?.sets.map((set) => set.reps + 1);
  const last = lastTimesIn(state, 4, deload);
  expect(['1/work-1', '1/work-2'].map((place) => last[place]?.reps)).toEqual(reps);
});

test('a replaced exercise has no last time here but may have one in another block, for the sets it has there', () => {
  const state = trained(0);
  const first = sessionOf(state, 1);
  const swapped = {
    ...first,
    slots: first.slots.map((one) => (one.slotId === '2' ? { ...one, exerciseId: 'seated-leg-curl' } : one)),
  };
  const known = lastTimesIn(state, 2, swapped);
  expect(Object.keys(known)).toEqual(['1/work-1', '1/work-2']);
  expect(slotsWithoutLastTime(known, swapped).map(({ slotId }) => slotId)).toEqual(['2']);
  const [set] = state.log.sets;
  if (set === undefined) throw new Error('nothing was done');
  const elsewhere = new Map([
    ['seated-leg-curl', { date: '2026-10-01', sets: [{ ...set, reps: 13 }] }],
    ['leg-press', { date: '2026-10-01', sets: [{ ...set, reps: 99 }] }],
  ]);
  const all = addLastTimesElsewhere(known, swapped, elsewhere);
  expect(all['2/work-1']).toMatchObject({ reps: 13, date: '2026-10-01', earlier: true });
  expect(all['2/work-2']).toBeUndefined();
  expect(all['1/work-1']).toEqual(known['1/work-1']);
});
