import { conventionsWith } from '../conventions/conventions';
import { checkInput } from '../findings/registry';
import { EMPTY_LOG } from '../log/log';
import { athlete, block, lookup, session, slot } from '../testing/fixtures';
import { unfold } from '../unfold/unfold';
import { repPicture, zoneOf } from './rep-zones';

test('zones by their bounds; a half between two belongs to the lower', () => {
  const usual = conventionsWith({});
  expect([1, 5, 5.5, 6, 12, 12.5, 13].map((reps) => zoneOf(reps, usual))).toEqual([
    'strength',
    'strength',
    'strength',
    'size',
    'size',
    'size',
    'endurance',
  ]);
  const narrow = conventionsWith({ sizeZone: 10 });
  expect(zoneOf(11, narrow)).toBe('endurance');
});

test('planned sets by the middle of their range, three and one of four; a hold counts in no zone', () => {
  const who = athlete();
  const of = block([
    session('a', 0, [
      slot('1', 'leg-press', { range: { low: 3, high: 6 }, technique: { kind: 'straight', sets: 3 } }),
      slot('2', 'seated-leg-curl', {
        range: { low: 12, high: 20 },
        technique: { kind: 'straight', sets: 1 },
      }),
      slot('3', 'plank', { range: { low: 20, high: 40 }, technique: { kind: 'straight', sets: 2 } }),
    ]),
  ]);
  const blockPlan = unfold({
    block: of,
    athlete: who,
    exercises: lookup,
    issued: [],
    log: EMPTY_LOG,
    answers: [],
  });
  const input = checkInput({ block: of, athlete: who, blockPlan, exercises: lookup });
  if (input === undefined) throw new Error('nothing to check');
  const hard = input.week.sessions[0]?.slots.map(({ sets }) => sets.filter((set) => set.hard).length);
  expect(hard?.slice(0, 2)).toEqual([3, 1]);
  const picture = repPicture(input);
  expect(picture.zones).toEqual({ strength: 0.75, size: 0, endurance: 0.25 });
  expect(picture.goal).toBe('strength');
  expect(picture.compounds).toBeCloseTo(3 / (4 + (hard?.[2] ?? 0)), 9);
});
