import { applyEdit } from '../block/apply-edit';
import type { Block } from '../block/block';
import { LIBRARY } from '../exercises/library';
import { presetPlace } from '../loading/place-presets';
import { athlete, block, HALL_PLACE, lookup, session, slot } from '../testing/fixtures';
import { unfold } from '../unfold/unfold';
import type { MissedOption } from './missed-sessions';
import { applyPermanently, applyToWeek, trainAtPlace, weekEdit } from './week-change';

const BARE = presetPlace('home gym', 'kg', 'away');
const who = athlete({ places: [HALL_PLACE, BARE] });
const THREE = block([
  session('mon', 0, [slot('press', 'leg-press'), slot('dips', 'dip')]),
  session('wed', 2, [slot('bench', 'chest-press-machine')]),
  session('fri', 4, [slot('row', 'seal-row', { substitutes: ['inverted-row'] })]),
]);

const take = (of: Block, edit: Parameters<typeof applyEdit>[1]) => {
  const applied = applyEdit(of, edit);
  if (!applied.ok) throw new Error(JSON.stringify(applied.problems));
  return applied.value.block;
};
const weeksOf = (of: Block) =>
  unfold({
    block: of,
    athlete: who,
    exercises: lookup,
    issued: [],
    log: { workouts: [], sets: [], soreness: [] },
    answers: [],
  }).weeks.map(({ plan }) => plan);
const option = (changes: Partial<MissedOption>): MissedOption => ({
  kind: 'move',
  moves: [],
  left: [],
  into: null,
  cost: new Map(),
  breaks: [],
  ...changes,
});

test('a week at another place replaces exercises without equipment by the slot’s substitute, or the most similar one', () => {
  const { edit, swaps } = trainAtPlace(
    THREE,
    who,
    { week: 2, place: 'away', sessions: ['mon', 'fri'] },
    LIBRARY,
  );
  const away = take(THREE, edit);
  const [first, second, third] = weeksOf(away);
  expect(first?.sessions.map(({ place }) => place)).toEqual([null, null, null]);
  expect(second?.sessions.map(({ place }) => place)).toEqual(['away', null, 'away']);
  expect(third?.sessions[0]?.slots[0]?.exerciseId).toBe('leg-press');
  // A home gym has no machines and no bars for dips.
  expect(swaps.map(({ from }) => from)).toEqual(expect.arrayContaining(['leg-press', 'dip']));
  expect(swaps.find(({ from }) => from === 'leg-press')?.to).not.toBe('leg-press');
  const done = (id: string) =>
    second?.sessions.flatMap(({ slots }) => slots).find(({ slotId }) => slotId === id);
  expect(done('press')?.exerciseId).toBe(swaps.find(({ from }) => from === 'leg-press')?.to ?? 'leg-press');
  const back = trainAtPlace(away, who, { week: 2, place: null, sessions: ['mon', 'fri'] }, LIBRARY);
  expect(take(away, back.edit)).toEqual(THREE);
});

test('a way to continue is applied to one week, or to all', () => {
  const merged = option({
    kind: 'merge',
    moves: [{ sessionId: 'fri', from: 4, to: 5 }],
    left: ['mon'],
    into: { sessionId: 'wed', slotIds: ['press'] },
  });
  const days = (of: Block, week: number) =>
    weeksOf(of)[week - 1]?.sessions.map(({ sessionId, day, slots }) => [
      sessionId,
      day,
      slots.map(({ slotId }) => slotId),
    ]);
  const alone = take(THREE, applyToWeek(THREE, 2, merged));
  const asWritten = [
    ['mon', 0, ['press', 'dips']],
    ['wed', 2, ['bench']],
    ['fri', 4, ['row']],
  ];
  const rearranged = [
    ['wed', 2, ['bench', 'press']],
    ['fri', 5, ['row']],
  ];
  expect([days(alone, 1), days(alone, 2), days(alone, 3)]).toEqual([asWritten, rearranged, asWritten]);
  const lasting = take(THREE, applyPermanently(THREE, merged));
  expect([days(lasting, 1), days(lasting, 3)]).toEqual([rearranged, rearranged]);
});

test('moved back to its own day, a week has no overrides left', () => {
  const moved = take(THREE, weekEdit(THREE, 2, { mon: { day: 1 } }));
  expect(moved.sessions[0]?.weeks).toHaveLength(1);
  expect(take(moved, weekEdit(moved, 2, { mon: { day: 0 } }))).toEqual(THREE);
});
