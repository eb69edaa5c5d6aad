import type { Block } from '../block/block';
import { NearConventions, NO_CONVENTIONS } from '../conventions/own-conventions';
import { exerciseById } from '../exercises/library';
import { EMPTY_LOG } from '../log/log';
import type { Observation } from '../recovery/observation';
import { athlete, block, lookup, session, slot } from '../testing/fixtures';
import { unfold } from '../unfold/unfold';
import type { Evidence } from './evidence';
import { recoverCall } from './recover';
import { setsCall } from './sets';

const sets = (count: number) => ({ technique: { kind: 'straight' as const, sets: count } });
const observation: Observation = {
  muscle: 'quads',
  week: 1,
  sessionId: 'a',
  date: '2026-11-02',
  soreness: 'early',
  performance: { verdict: 'ahead', score: 2 },
  behindTwice: false,
  startShortfall: 0,
};

/** The evidence before week 2 of a block, with these observations of a muscle. */
function evidence(of: Block, seen: Partial<Observation> = {}, changes: Partial<Evidence> = {}): Evidence {
  const { weeks } = unfold({
    block: of,
    athlete: athlete(),
    exercises: lookup,
    issued: [],
    log: EMPTY_LOG,
    answers: [],
  });
  const [last, next] = weeks.map(({ plan }) => plan);
  if (last === undefined || next === undefined) throw new Error('two weeks are needed');
  const near = new NearConventions(NO_CONVENTIONS, of.conventions);
  return {
    block: of,
    athlete: athlete(),
    conventions: near.whole,
    near,
    next,
    last,
    weeks: [last],
    observations: [{ ...observation, ...seen }],
    isFinished: () => true,
    exerciseOf: ({ exerciseId }) => {
      const exercise = exerciseById(exerciseId);
      if (exercise === undefined) throw new Error(`no ${exerciseId}`);
      return exercise;
    },
    slotBefore: () => undefined,
    orders: [],
    recovers: () => false,
    isAnswered: () => false,
    ...changes,
  };
}
const quads = block(
  [session('a', 0, [slot('1', 'leg-extension', sets(2)), slot('2', 'leg-press', sets(2))])],
  { goals: { quads: 'grow' } },
);
const added = (of: Evidence) =>
  setsCall
    .propose(of)
    .map(({ slotId, add, why }) => [
      slotId,
      add,
      (why as { capped: { kind: string } | null }).capped?.kind ?? null,
    ]);

describe('more sets', () => {
  test('above target and recovered early: two more sets, for the slot with the best payoff; the reason says how many were wanted', () => {
    const [call] = setsCall.propose(evidence(quads));
    expect(call).toMatchObject({
      subject: 'sets/quads/a/2',
      week: 2,
      muscle: 'quads',
      slotId: '1',
      add: 2,
      why: { code: 'set-response', wanted: 2, add: 2, capped: null, verdict: 'ahead', soreness: 'early' },
    });
  });

  test('sets that answers have already added to the muscle for that week count against its two; other weeks and kinds do not', () => {
    const order = { kind: 'add sets', slotId: '2', muscle: 'quads', week: 2, add: 1 } as const;
    expect(added(evidence(quads, {}, { orders: [order] }))).toEqual([['1', 1, 'week addition']]);
    expect(added(evidence(quads, {}, { orders: [{ ...order, week: 1 }] }))).toEqual([['1', 2, null]]);
    expect(added(evidence(quads, {}, { orders: [{ kind: 'recover', muscle: 'quads', week: 2 }] }))).toEqual([
      ['1', 2, null],
    ]);
    expect(added(evidence(quads, {}, { orders: [order, { ...order, slotId: '1' }] }))).toEqual([]);
  });

  test('a set counts as a weekly figure: at 17 of 18 one more fits in a week, and one in a ten-day cycle', () => {
    const at = (cycleDays: number, measured: number) => {
      const of = evidence({ ...quads, cycleDays });
      const muscles = { ...of.next.muscles, quads: { ...of.next.muscles.quads, measured } };
      return added({ ...of, next: { ...of.next, muscles } });
    };
    expect(at(7, 17)).toEqual([['1', 1, 'ceiling']]);
    expect(at(7, 17.1)).toEqual([]);
    // 0.7 sets a week each: 17.3 + 0.7 are 18.
    expect(at(10, 17.3)).toEqual([['1', 1, 'ceiling']]);
    expect(at(10, 17.4)).toEqual([]);
  });

  test('maintained muscles, fixed doses, slots with fixed sets and answered calls raise none', () => {
    expect(added(evidence({ ...quads, goals: { quads: 'hold' } }))).toEqual([]);
    expect(added(evidence({ ...quads, landmarks: 'fixed dose' }))).toEqual([]);
    expect(added(evidence(quads, {}, { isAnswered: () => true }))).toEqual([]);
    const fixed = block([session('a', 0, [slot('1', 'leg-extension', { ...sets(2), setRule: 'fixed' })])], {
      goals: { quads: 'grow' },
    });
    expect(added(evidence(fixed))).toEqual([]);
  });

  test('four sets may be chosen instead, not five; declining adds nothing', () => {
    const [proposal] = setsCall.propose(evidence(quads));
    if (proposal === undefined) throw new Error('no call');
    const answer = (outcome: 'accepted' | 'changed' | 'declined', choice: { add: number } | null) => ({
      id: proposal.id,
      subject: proposal.subject,
      outcome,
      proposal,
      choice,
    });
    expect(setsCall.orders(answer('changed', { add: 4 }))).toMatchObject([{ add: 4 }]);
    expect(setsCall.orders(answer('accepted', null))).toMatchObject([{ add: 2, week: 2, slotId: '1' }]);
    expect(setsCall.orders(answer('declined', null))).toEqual([]);
  });
});

describe('recover', () => {
  const behind = { performance: { verdict: 'behind' as const, score: -3 }, behindTwice: true };

  test('below target in two sessions in a row: the muscle recovers in its next week, once, without added sets', () => {
    const of = evidence(quads, behind);
    const calls = recoverCall.propose({ ...of, observations: [...of.observations, ...of.observations] });
    expect(calls).toHaveLength(1);
    expect(calls[0]).toMatchObject({
      subject: 'recover/quads/2',
      week: 2,
      muscle: 'quads',
      why: { code: 'set-response', wanted: 0, add: 0, capped: null, behindTwice: true },
    });
  });

  test('below target once, maintained, or answered: none', () => {
    expect(recoverCall.propose(evidence(quads, { ...behind, behindTwice: false }))).toEqual([]);
    expect(recoverCall.propose(evidence({ ...quads, goals: { quads: 'hold' } }, behind))).toEqual([]);
    expect(recoverCall.propose(evidence(quads, behind, { isAnswered: () => true }))).toEqual([]);
  });
});
