import { athlete, block, performWeek, session, slot } from '../testing/fixtures';
import { checkIn } from '../testing/watched';
import { messageThread } from './thread';

test('lists messages with a week, a check-in, a session, pain and a set, latest first, without empty ones', () => {
  const done = performWeek(
    {
      block: block([session('a', 0, [slot('press', 'leg-press')])]),
      athlete: athlete(),
      issued: [],
      log: { workouts: [], sets: [], soreness: [] },
    },
    1,
  );
  const [workout] = done.log.workouts;
  const [first, ...others] = done.log.sets;
  if (workout === undefined || first === undefined) throw new Error('nothing done');
  const thread = messageThread({
    issued: done.issued,
    log: {
      ...done.log,
      workouts: [
        {
          ...workout,
          notes: [
            { kind: 'rating', rating: 'right', line: 'Good day.', id: 'r', at: '2026-11-02T11:00:00Z' },
            {
              kind: 'pain',
              slotId: 'press',
              exerciseId: 'leg-press',
              where: 'knee',
              grade: 'slight',
              line: 'A twinge.',
              id: 'p',
              at: '2026-11-02T10:00:00Z',
            },
          ],
        },
      ],
      sets: [{ ...first, more: { line: 'Felt light.' } }, ...others],
    },
    checkIns: [checkIn('2026-11-08', { line: 'Slept well.' }), checkIn('2026-11-01')],
    lines: { 1: 'A calm week. ' },
  });
  expect(thread.map(({ date, by, text }) => [date, by, text])).toEqual([
    ['2026-11-08', 'athlete', 'Slept well.'],
    ['2026-11-02', 'athlete', 'Felt light.'],
    ['2026-11-02', 'athlete', 'A twinge.'],
    ['2026-11-02', 'athlete', 'Good day.'],
    ['2026-11-02', 'coach', 'A calm week.'],
  ]);
  expect(thread[1]?.with).toEqual({ kind: 'set', exerciseId: 'leg-press' });
});
