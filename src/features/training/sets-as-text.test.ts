import type { FloorItem } from '@/client/training-queue';
import { exerciseById, type SessionPlan } from '@/core';
import { athlete, block, lookup, session, slot } from '@/core/testing/fixtures';
import { untrainedPlan } from '@/core/unfold/untrained';
import { setsAsText } from './sets-as-text';

const made = block([session('a', 0, [slot('1', 'leg-press', { technique: { kind: 'straight', sets: 2 } })])]);
const plan = untrainedPlan({ block: made, athlete: athlete(), exercises: lookup }).weeks[0]?.plan.sessions[0];
const press = exerciseById('leg-press');
if (plan === undefined || press === undefined) throw new Error('nothing is planned');
const data = {
  session: plan satisfies SessionPlan,
  exercises: { 'leg-press': press },
  athleteName: 'Someone',
  week: 2,
};

const ref = { issuedWeekId: 'w', sessionId: 'a' };

function item(at: number, reps: number): FloorItem {
  const setId = plan?.slots[0]?.sets[at]?.id ?? '';
  const set = {
    id: `s${at}`,
    slotId: '1',
    setId,
    exerciseId: 'leg-press',
    load: { value: 105, unit: 'kg' as const },
    reps,
    rir: 2,
    at: '2026-11-24T10:00:00Z',
    supersedes: null,
  };
  return { id: set.id, localDate: '2026-11-24', ref, kind: 'set', set };
}

test('refused and waiting sets are lines under their exercise', () => {
  const finish: FloorItem = { id: 'f', localDate: '2026-11-24', ref, kind: 'finish' };
  const queue = {
    waiting: [item(1, 7), finish],
    refused: [{ item: item(0, 8), why: 'malformed' }],
    sending: { status: 'clear' },
    isStored: false,
  } as const;
  expect(setsAsText({ queue }, data)).toBe(
    [
      'Someone, week 2, Session a',
      '2026-11-24 Leg press, set 1 of 2: 105 kg × 8 @2',
      '2026-11-24 Leg press, set 2 of 2: 105 kg × 7 @2',
    ].join('\n'),
  );
  expect(setsAsText({ queue: { ...queue, waiting: [finish], refused: [] } }, data)).toBe('');
});
