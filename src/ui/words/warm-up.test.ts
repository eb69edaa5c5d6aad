import { EMPTY_LOG, unfold } from '@/core';
import { athlete, block, lookup, session, slot } from '@/core/testing/fixtures';
import { warmUpText } from './warm-up';

test('the first warm-up is for the rhythm, the second slow, the last shows today’s form', () => {
  const of = block([session('a', 0, [slot('1', 'leg-press'), slot('2', 'hack-squat')])]);
  const input = { athlete: athlete(), exercises: lookup, issued: [], log: EMPTY_LOG, answers: [], block: of };
  const planned = unfold(input).weeks[0]?.plan.sessions[0]?.slots ?? [];
  const [press, squat] = planned;
  if (press === undefined || squat === undefined) throw new Error('no slots');
  const texts = warmUpText(press).split('; ');
  expect(texts).toHaveLength(press.warmUp.length);
  expect(texts[0]).toMatch(/× 12 easy, find the rhythm$/);
  expect(texts[1]).toMatch(/× 10 lower slowly, hold the squeeze$/);
  expect(texts.at(-1)).toMatch(/fast: shows how strong you are today$/);
  // Its muscles are warm by then.
  expect(warmUpText(squat)).toBe('');
});
