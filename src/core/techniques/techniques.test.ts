import fc from 'fast-check';
import * as z from 'zod';
import { conventionsWith } from '../conventions/conventions';
import { EPLEY } from '../effort/rep-max';
import { anyTechnique } from '../testing/any-technique';
import {
  failureReach,
  fieldsOf,
  holdBack,
  isEarned,
  loggedAs,
  nextParameters,
  setCount,
  setLimits,
  startOf,
  TECHNIQUE_KINDS,
  type TechniqueParameters,
  techniqueParts,
  tempoOf,
  withNewParameters,
  withSetCount,
} from './registry';
import { leadRirOfRises, lighterBy, roundCredits, roundRirs, Stamina } from './stamina';
import { afterReps, type Done, easierHalf, type Lead, type Mini, sectionsCost } from './technique';
import { techniqueSchema } from './technique-schema';

const conventions = conventionsWith();
const BACK = conventions.roundBack;
const lighter = lighterBy(EPLEY);
const slot = { range: { low: 8, high: 12 }, rest: 120 };

function done(changes: Partial<Done> = {}): Done {
  return { first: 10, total: 30, sets: 3, least: 8, met: true, running: 1, ...changes };
}

/** The parts after a round's first set, given a rep capacity. */
function minisOf(
  technique: TechniqueParameters,
  reps: number,
  rir: number,
  reach = reps + rir,
): readonly Mini[] {
  const lead: Lead = { reps, rir, reach, lighter, back: BACK };
  return techniqueParts(technique)[0]?.minis?.(lead) ?? [];
}
const repsOf = (minis: readonly Mini[]) => minis.map(({ reps }) => reps);

describe('inside a round', () => {
  const fours = (count: number): Mini[] =>
    Array.from({ length: count }, () => ({ reps: 4, pause: 25, share: 1 }));

  test('five fours at a 12-rep load with 25 s between end at 8, 7, 6, 5, 4 RIR and count 1', () => {
    const rirs = roundRirs({ reps: 4, reach: 12, lighter, back: BACK }, fours(4));
    expect(rirs).toEqual([8, 7, 6, 5, 4]);
    const pieces = rirs.map((rir) => ({ reps: 4, rir, pause: 25 }));
    expect(roundCredits(pieces, conventions)).toEqual([0, 0, 0, 0, 1]);
  });

  test('ten to failure, then 20 s, four, 20 s, four count 1.5', () => {
    const more = [4, 4].map((reps) => ({ reps, pause: 20, share: 1 }));
    const rirs = roundRirs({ reps: 10, reach: 10, lighter, back: BACK }, more);
    expect(rirs).toEqual([0, 0, 0]);
    const pieces = [10, 4, 4].map((reps) => ({ reps, rir: 0, pause: 20 }));
    expect(roundCredits(pieces, conventions).reduce((sum, credit) => sum + credit, 0)).toBe(1.5);
  });

  test('rest never restores more than the fresh capacity minus one rep per mini-set', () => {
    const stamina = new Stamina(10, lighter, BACK);
    stamina.do(3);
    stamina.rest(600);
    expect(stamina.left()).toBe(9);
    stamina.do(3);
    stamina.rest(600);
    expect(stamina.left()).toBe(8);
  });

  test('after a rest longer than a round’s the next part is a set of its own', () => {
    const pieces = [20, 60, 20].map((pause) => ({ reps: 8, rir: 1, pause }));
    expect(roundCredits(pieces, conventions)).toEqual([1, 1, 0.5]);
  });

  test('credit is never negative and never above the number of parts', () => {
    const piece = fc.record({
      reps: fc.integer({ min: 1, max: 30 }),
      rir: fc.integer({ min: -3, max: 9 }),
      pause: fc.integer({ min: 0, max: 90 }),
    });
    fc.assert(
      fc.property(fc.array(piece, { maxLength: 12 }), (pieces) => {
        const credits = roundCredits(pieces, conventions);
        return credits.length === pieces.length && credits.every((credit) => credit >= 0 && credit <= 1);
      }),
    );
  });
});

describe('each technique by hand', () => {
  test('straight sets are one part at the slot’s own target', () => {
    expect(techniqueParts({ kind: 'straight', sets: 3 })).toEqual([
      { role: 'work', sets: 3, rirOffset: 0, repOffset: 0 },
    ]);
  });

  test('a top set is held back or, by choice, goes to failure; its back-offs depend on it', () => {
    const start = startOf('top + back-offs');
    const [top, backOff] = techniqueParts(start);
    expect(top).toEqual({ role: 'top', sets: 1, rirOffset: 1, repOffset: 0 });
    expect(backOff).toMatchObject({ sets: 2, repOffset: 4, drop: 0.1 });
    const failing = { ...start, topToFailure: true } as TechniqueParameters;
    expect(techniqueParts(failing)[0]).toMatchObject({ rir: 0 });
    expect(failureReach(failing)).toBe('to failure');
    expect(withSetCount(start, 1)).toMatchObject({ backOffs: 1 });
  });

  test('rest-pause: ten to failure, 20 s restore four, twice; at the top of the range the load is earned', () => {
    const start = startOf('rest-pause');
    expect(repsOf(minisOf(start, 10, 0))).toEqual([4, 4]);
    expect(isEarned(start, done({ total: 18 }), slot)).toBe(false);
    expect(isEarned(start, done({ total: 20 }), slot)).toBe(true);
    expect(isEarned({ ...start, sets: 2 } as TechniqueParameters, done({ total: 39 }), slot)).toBe(false);
  });

  test('rest-pause asks no more than the top of its band: 10 and 4 leave one of fifteen, and the last piece gives way', () => {
    const upTo = (high: number) =>
      repsOf(minisOf({ ...startOf('rest-pause'), total: { low: 11, high } } as TechniqueParameters, 10, 0));
    expect(upTo(18)).toEqual([4, 4]);
    expect(upTo(17)).toEqual([4, 3]);
    expect(upTo(15)).toEqual([4, 1]);
    expect(upTo(14)).toEqual([4]);
  });

  test('rest-pause in written parts: 10 and 6 with 20 s between, earned when complete twice in a row', () => {
    const written = { ...startOf('rest-pause'), lengths: [10, 6] } as TechniqueParameters;
    expect(techniqueParts(written)[0]?.range).toEqual({ low: 10, high: 10 });
    expect(repsOf(minisOf(written, 10, 0))).toEqual([6]);
    // 20 s restore four: to end at 0 after the six, two must be left after the ten.
    expect(techniqueParts(written)[0]?.leadRir?.(0, BACK)).toBe(2);
    expect(isEarned(written, done({ running: 1 }), slot)).toBe(false);
    expect(isEarned(written, done({ running: 2 }), slot)).toBe(true);
  });

  test('rest-pause held back at 2: ten, then each part stops with two left', () => {
    const held = { ...startOf('rest-pause'), toFailure: false } as TechniqueParameters;
    // 12 are possible: 10 leave 2, 20 s make 6, 4 leave 2 again.
    expect(repsOf(minisOf(held, 10, 2))).toEqual([4, 4]);
    expect(techniqueParts(held)[0]).toMatchObject({ leastRir: 1 });
    expect(failureReach(held)).toBe('short of failure');
  });

  test('total-rep target: 30 reps at a twelve-rep load to one left are 11, then fours until the total is reached', () => {
    // 12 − 11 = 1 left; 20 s restore 4: 5, of which 4 leave 1; the last part is cut to the total.
    expect(repsOf(minisOf(startOf('total-rep target'), 11, 1))).toEqual([4, 4, 4, 4, 3]);
    expect(isEarned(startOf('total-rep target'), done({ total: 30, sets: 5 }), slot)).toBe(false);
    expect(isEarned(startOf('total-rep target'), done({ total: 30, sets: 4 }), slot)).toBe(true);
  });

  test('cluster: four threes with 20 s need a load good for six to end with two left', () => {
    const start = startOf('cluster');
    expect(repsOf(minisOf(start, 3, 5))).toEqual([3, 3, 3]);
    // Each part costs 3 and 20 s restore 4, never below one for each part done: 3, 1+3, 2+3, 3+3 are used.
    const lead = techniqueParts(start)[0]?.leadRir?.(2, BACK);
    expect(lead).toBe(5);
    const rirs = roundRirs({ reps: 3, reach: 8, lighter, back: BACK }, minisOf(start, 3, 5));
    expect(rirs).toEqual([5, 4, 3, 2]);
  });

  test('ascending mini-sets: 2 to 6; complete in two sessions in a row, the load is earned', () => {
    const start = startOf('ascending mini-sets');
    expect(techniqueParts(start)[0]?.range).toEqual({ low: 2, high: 2 });
    expect(repsOf(minisOf(start, 2, 8))).toEqual([3, 4, 5, 6]);
    expect(isEarned(start, done({ running: 1 }), slot)).toBe(false);
    expect(isEarned(start, done({ running: 2 }), slot)).toBe(true);
  });

  test('rep bank: as many as possible, the sum earns the load', () => {
    const start = startOf('rep bank');
    expect(techniqueParts(start)[0]).toMatchObject({ sets: 4, rir: 0 });
    expect(isEarned(start, done({ total: 39 }), slot)).toBe(false);
    expect(isEarned(start, done({ total: 40 }), slot)).toBe(true);
    expect(loggedAs(start)).toBe('sum of reps');
  });

  test('drop set: ten to failure, then as many as current strength allows with a fifth less, twice', () => {
    const minis = minisOf(startOf('drop set'), 10, 0);
    // None left at the first load, so it is the current max, and 1 / 0.8 of it allows 30 × 0.25 = 7.5 reps.
    expect(minis.map(({ share }) => Number(share.toFixed(2)))).toEqual([0.8, 0.64]);
    expect(repsOf(minis)).toEqual([7, 7]);
    expect(failureReach(startOf('drop set'))).toBe('past failure');
  });

  test('partials after failure: on the last set, or on every set; held back they become straight sets', () => {
    const start = startOf('partials after failure');
    const [part] = techniqueParts(start);
    expect(part?.sections?.(false, 'long half')).toEqual([]);
    expect(part?.sections?.(true, 'long half')).toEqual([{ manner: 'long half', reps: 4, past: true }]);
    expect(part?.sections?.(true, 'short half')).toMatchObject([{ manner: 'short half' }]);
    const turned = { ...start, half: 'long half' } as TechniqueParameters;
    expect(techniqueParts(turned)[0]?.sections?.(true, 'short half')).toMatchObject([
      { manner: 'long half' },
    ]);
    expect(easierHalf({ hardest: 'stretched' })).toBe('short half');
    expect(easierHalf({ hardest: 'shortened' })).toBe('long half');
    expect(part?.lastRir).toBe(0);
    const short = { ...start, toFailure: false } as TechniqueParameters;
    expect(techniqueParts(short)[0]?.lastRir).toBeUndefined();
    expect([failureReach(start), failureReach(short)]).toEqual(['past failure', 'to failure']);
    expect(holdBack(start)).toEqual({ kind: 'straight', sets: 2 });
    expect(techniqueParts({ ...start, on: 'every set' } as TechniqueParameters)[0]).toMatchObject({ rir: 0 });
  });

  test('lengthened partials: only the stretched half', () => {
    expect(techniqueParts(startOf('lengthened partials'))[0]).toMatchObject({ manner: 'long half', sets: 2 });
  });

  test('sectioned reps: 7 full, 7 and 7 halves cost 14 full reps, 21 with 7 slow ones', () => {
    const start = startOf('sectioned reps');
    expect(techniqueParts(start)[0]?.sections?.(false, 'long half')).toHaveLength(2);
    expect(techniqueParts(start)[0]?.leadRir?.(1, BACK)).toBe(8);
    expect(techniqueParts({ ...start, slow: true } as TechniqueParameters)[0]?.leadRir?.(1, BACK)).toBe(15);
    // Starting with a half, its seven cost 3.5, and the seven full ones seven: the same 14 in all.
    const turned = { ...start, order: 'short, long, full' } as TechniqueParameters;
    const [part] = techniqueParts(turned);
    expect(part?.manner).toBe('short half');
    expect(part?.sections?.(false, 'long half').map(({ manner }) => manner)).toEqual(['long half', 'full']);
    expect(part?.leadRir?.(1, BACK)).toBe(8);
  });

  test('strict then loose: strict to failure, then three loose ones at no cost', () => {
    const [part] = techniqueParts(startOf('strict then loose'));
    expect(part).toMatchObject({ rir: 0 });
    expect(part?.sections?.(false, 'long half')).toEqual([{ manner: 'loose', reps: 3, past: true }]);
  });

  test('high-rep finisher: one set in its own range, 17–25 by default, or ten extended to twenty with breaths', () => {
    const start = startOf('high-rep finisher');
    expect(techniqueParts(start)[0]?.range).toEqual({ low: 17, high: 25 });
    const own = { ...start, band: { low: 30, high: 50 }, load: 'half of 1RM' } as TechniqueParameters;
    expect(techniqueParts(own)[0]).toMatchObject({ range: { low: 30, high: 50 }, ofMax: 0.5 });
    expect(techniqueParts(start)[0]?.ofMax).toBeUndefined();
    const ten: TechniqueParameters = {
      kind: 'high-rep finisher',
      shape: 'ten to twenty',
      band: { low: 17, high: 25 },
      load: 'by reps',
      toFailure: true,
    };
    // 15 s restore three each time.
    expect(repsOf(minisOf(ten, 10, 0))).toEqual([3, 3, 3, 1]);
  });

  test('slow lowering writes its seconds into the tempo', () => {
    expect(tempoOf(startOf('slow lowering'), '21X0')).toBe('41X0');
    expect(tempoOf(startOf('slow lowering'), null)).toBe('4010');
    expect(tempoOf(startOf('slow lowering'), '2-1-10-0')).toBe('4-1-10-0');
    expect(tempoOf({ kind: 'straight', sets: 3 }, '21X0')).toBe('21X0');
  });

  test('static hold: sets of seconds', () => {
    expect(loggedAs(startOf('static hold'))).toBe('seconds');
    expect(setCount(startOf('static hold'))).toBe(3);
  });

  test('every-minute sets: reps rise through the range, then minutes', () => {
    const start = startOf('every-minute sets');
    expect(repsOf(minisOf(start, 5, 9))).toEqual([5, 5, 5, 5, 5, 5, 5]);
    const range = { low: 5, high: 6 };
    const six = nextParameters(start, done(), { range, rest: 60 });
    expect(six).toMatchObject({ reps: 6, minutes: 8 });
    expect(nextParameters(six, done(), { range, rest: 60 })).toMatchObject({ reps: 5, minutes: 9 });
    expect(nextParameters(start, done({ met: false }), { range, rest: 60 })).toEqual(start);
  });

  test('rep ladder: up, up and down, or down by steps; the top grows, then the pauses shrink', () => {
    const way = (changes: object) => {
      const made = { ...startOf('rep ladder'), ...changes } as TechniqueParameters;
      const first = techniqueParts(made)[0]?.range?.low ?? 0;
      return [first, ...repsOf(minisOf(made, first, 9))];
    };
    expect(way({ top: 4 })).toEqual([1, 2, 3, 4]);
    expect(way({ top: 3, way: 'up and down' })).toEqual([1, 2, 3, 2, 1]);
    expect(way({ top: 10, step: 3, way: 'down' })).toEqual([10, 7, 4, 1]);
    expect(way({ top: 50, step: 10, way: 'down' })).toEqual([50, 40, 30, 20, 10]);
    expect(way({ top: 3, way: 'k sets of k' })).toEqual([1, 2, 2, 3, 3, 3]);
    // Fifteen, twenty and again: reps that differ from round to round.
    const written = { way: 'as written', list: [15, 20, 15, 20] };
    expect(way(written)).toEqual([15, 20, 15, 20]);
    const again = { ...startOf('rep ladder'), ...written } as TechniqueParameters;
    expect(nextParameters(again, done(), { range: { low: 1, high: 60 }, rest: 90 })).toMatchObject({
      list: [15, 20, 15, 20],
      top: 5,
      pause: 15,
    });
    // With written rests only the load is left: after two sessions running.
    const fixed = { ...again, rests: [60, 90, 60] } as TechniqueParameters;
    const slotOf = { range: { low: 1, high: 60 }, rest: 90 };
    expect(nextParameters(fixed, done(), slotOf)).toEqual(fixed);
    expect(isEarned(fixed, done({ running: 2 }), slotOf)).toBe(true);
    expect(isEarned(fixed, done({ running: 1 }), slotOf)).toBe(false);
    expect(isEarned(again, done({ running: 2 }), slotOf)).toBe(false);
    const range = { low: 1, high: 6 };
    const six = nextParameters(startOf('rep ladder'), done(), { range, rest: 90 });
    expect(six).toMatchObject({ top: 6, pause: 20 });
    expect(nextParameters(six, done(), { range, rest: 90 })).toMatchObject({ top: 6, pause: 15 });
  });

  test('for time: the list as written, hard sets as the coach says', () => {
    const start = startOf('for time');
    expect(techniqueParts(start)[0]).toMatchObject({ range: { low: 20, high: 20 }, stated: 2 });
    expect(repsOf(minisOf(start, 20, 2))).toEqual([15, 10]);
    expect(loggedAs(start)).toBe('time');
  });

  test('restricted blood flow: 30, 15, 15, 15 at a fifth of the max; met twice, the share rises to 30 % at most', () => {
    const start = { ...startOf('restricted blood flow'), screened: true } as TechniqueParameters;
    expect(techniqueParts(start)[0]).toMatchObject({
      ofMax: 0.2,
      asRound: true,
      range: { low: 30, high: 30 },
    });
    expect(repsOf(minisOf(start, 30, 0))).toEqual([15, 15, 15]);
    const two = { ...start, longs: 2, shorts: 2, pause: 0 } as TechniqueParameters;
    expect(repsOf(minisOf(two, 30, 0))).toEqual([30, 15, 15]);
    expect(nextParameters(start, done({ running: 1 }), slot)).toEqual(start);
    expect(nextParameters(start, done({ running: 2 }), slot)).toMatchObject({ share: 0.22 });
    const most = { ...start, share: 0.3 } as TechniqueParameters;
    expect(nextParameters(most, done({ running: 4 }), slot)).toMatchObject({ share: 0.3 });
  });

  test('activation is easy and far from failure', () => {
    expect(techniqueParts(startOf('activation'))[0]).toMatchObject({ role: 'easy', rir: 6, ofMax: 0.4 });
  });

  test('density: 90 s of rest fall by 10 a session to 70, then the load is earned and the rest starts over', () => {
    const written = { range: slot.range, rest: 90 };
    let now: TechniqueParameters = { ...startOf('density'), least: 70 } as TechniqueParameters;
    const rest = () => techniqueParts(now)[0]?.rest?.(90);
    const seen = [rest()];
    for (let session = 0; session < 3; session++) {
      now = nextParameters(now, done(), written);
      seen.push(rest());
    }
    expect(seen).toEqual([90, 80, 70, 90]);
    const least = { ...startOf('density'), least: 70, taken: 20 } as TechniqueParameters;
    expect(isEarned(least, done(), written)).toBe(true);
    expect(isEarned(least, done({ met: false }), written)).toBe(false);
  });
});

describe('every technique', () => {
  test('has default parameters that its own schema accepts', () => {
    for (const kind of TECHNIQUE_KINDS)
      expect(techniqueSchema(z).safeParse(startOf(kind)).success).toBe(true);
    for (const kind of TECHNIQUE_KINDS)
      expect(Object.keys(fieldsOf(kind)).every((name) => name in startOf(kind))).toBe(true);
  });

  test('refuses numbers its shape does not allow', () => {
    const refused: unknown[] = [
      { kind: 'straight', sets: 0 },
      { ...startOf('top + back-offs'), drop: 0.5 },
      { kind: 'wave', sets: 3 },
      { ...startOf('rest-pause'), total: { low: 20, high: 10 } },
      { ...startOf('for time'), list: [] },
      { ...startOf('density'), of: startOf('density') },
      { ...startOf('cluster'), surprise: 1 },
      { ...startOf('strict then loose'), loose: 21 },
      { ...startOf('high-rep finisher'), band: { low: 11, high: 20 } },
      { ...startOf('rep ladder'), top: 51 },
    ];
    for (const one of refused) expect(techniqueSchema(z).safeParse(one).success).toBe(false);
  });

  test('reads documents without a newer parameter as not using it', () => {
    const { topToFailure: _, ...old } = startOf('top + back-offs') as { topToFailure: boolean; kind: string };
    expect(techniqueSchema(z).parse(old)).toEqual(startOf('top + back-offs'));
    const finisher = { kind: 'high-rep finisher', shape: 'long set', toFailure: false };
    expect(techniqueSchema(z).parse(finisher)).toMatchObject({
      band: { low: 17, high: 30 },
      load: 'by reps',
    });
    const pause = { kind: 'rest-pause', sets: 1, pauses: 2, pause: 20, total: { low: 15, high: 20 } };
    expect(techniqueSchema(z).parse({ ...pause, toFailure: true })).toEqual(startOf('rest-pause'));
    // Sent weeks with fewer parameters are read the same way.
    const within = { ...startOf('density'), of: { ...pause, toFailure: true } } as TechniqueParameters;
    expect(withNewParameters(within)).toMatchObject({ of: { lengths: [] } });
  });

  test('reads any parameters, and limits the number of sets', () => {
    fc.assert(
      fc.property(anyTechnique, fc.integer({ min: -3, max: 30 }), (from, wished) => {
        const made = withSetCount(from, wished);
        const { least, most } = setLimits(made);
        const total = techniqueParts(made).reduce((sum, part) => sum + part.sets, 0);
        expect(techniqueSchema(z).safeParse(made).success).toBe(true);
        expect(total).toBe(setCount(made));
        expect(total).toBe(Math.min(most, Math.max(least, wished)));
      }),
    );
  });

  test('held back, never goes past failure, and holding back again changes nothing', () => {
    fc.assert(
      fc.property(anyTechnique, (technique) => {
        const back = holdBack(technique);
        expect(failureReach(back)).toBe('short of failure');
        expect(holdBack(back)).toEqual(back);
        expect(setCount(back)).toBe(setCount(technique));
      }),
    );
  });

  test('has valid parameters next time, after any results', () => {
    fc.assert(
      fc.property(anyTechnique, fc.boolean(), fc.integer({ min: 0, max: 4 }), (technique, met, running) => {
        const next = nextParameters(technique, done({ met, running }), slot);
        expect(next.kind).toBe(technique.kind);
        expect(techniqueSchema(z).safeParse(next).success).toBe(true);
      }),
    );
  });
});

describe('partials after failure, logged as full and partial reps', () => {
  const given = startOf('partials after failure');
  const slot = { technique: given, range: { low: 8, high: 12 }, rest: 90 };
  const asked = (full: number, partials: number, wished = 10, from = given) =>
    nextParameters(from, { ...done(), closing: { full, partials, held: 0, asked: wished } }, slot);
  test('equal full reps plan one partial more than done: after 10 + 2 three, after 10 + 6 seven, at most twelve', () => {
    expect(asked(10, 2)).toMatchObject({ partials: 3 });
    expect(asked(10, 6)).toMatchObject({ partials: 7 });
    expect(asked(10, 0)).toMatchObject({ partials: 1 });
    expect(asked(10, 12)).toMatchObject({ partials: 12 });
  });
  test('more full reps plan the written number again; fewer keep it', () => {
    const seven = asked(10, 6);
    expect(asked(11, 7, 10, seven as typeof given)).toMatchObject({ partials: 4 });
    expect(asked(9, 7, 10, seven as typeof given)).toMatchObject({ partials: 7 });
  });
});

describe('after the last rep: held, then lowered', () => {
  const given = { ...startOf('hold and lower'), seconds: 20 } as TechniqueParameters;
  const slotOf = { technique: given, range: { low: 8, high: 12 }, rest: 90 };
  const asked = (full: number, held: number) =>
    nextParameters(given, { ...done(), closing: { full, partials: 0, held, asked: 10 } }, slotOf);

  test('equal full reps plan a tenth longer than held, at least one second', () => {
    expect(asked(10, 20)).toMatchObject({ seconds: 22 });
    expect(asked(10, 4)).toMatchObject({ seconds: 5 });
    expect(asked(10, 60)).toMatchObject({ seconds: 60 });
  });

  test('more full reps plan the written seconds again, fewer the same', () => {
    expect(asked(11, 30)).toMatchObject({ seconds: 20 });
    expect(asked(9, 30)).toMatchObject({ seconds: 20 });
  });

  test('holding and lowering are past failure and cost the set nothing', () => {
    expect(failureReach(given)).toBe('past failure');
    const sections = techniqueParts(given)[0]?.sections?.(true, 'long half') ?? [];
    expect(sections).toEqual([
      { manner: 'held', reps: 20, past: true },
      { manner: 'lowered', reps: 3, past: true },
    ]);
    expect(sectionsCost(sections)).toBe(0);
    expect(afterReps(sections)).toEqual({ partials: 0, held: 20, lowered: 3 });
    expect(holdBack(given)).toEqual({ kind: 'straight', sets: 1 });
  });
});

describe('a top set with partials', () => {
  const given = { ...startOf('top + back-offs'), topToFailure: true, topPartials: 3 } as TechniqueParameters;

  test('partials after reps left go to failure, after failure past it; held back they are dropped', () => {
    expect(failureReach(given)).toBe('past failure');
    expect(failureReach({ ...given, topToFailure: false } as TechniqueParameters)).toBe('to failure');
    expect(holdBack(given)).toMatchObject({ topToFailure: false, topPartials: 0 });
  });

  test('full and partial reps together are to be beaten', () => {
    const slotOf = { technique: given, range: { low: 8, high: 12 }, rest: 90 };
    const closing = { full: 10, partials: 3, held: 0, asked: 10 };
    expect(nextParameters(given, { ...done(), closing }, slotOf)).toMatchObject({ topPartials: 4 });
    expect(nextParameters(given, { ...done(), closing: { ...closing, full: 11 } }, slotOf)).toMatchObject({
      topPartials: 3,
    });
  });
});

test('the last back-off may end in partials too, in the half that the coach names; it is then the one to beat', () => {
  const given = {
    ...startOf('top + back-offs'),
    topPartials: 3,
    backOffPartials: 4,
    half: 'short half',
  } as TechniqueParameters;
  const [top, backOff] = techniqueParts(given);
  expect(top?.sections?.(false, 'long half')).toEqual([{ manner: 'short half', reps: 3, past: true }]);
  expect(backOff?.sections?.(false, 'long half')).toEqual([]);
  expect(backOff?.sections?.(true, 'long half')).toEqual([{ manner: 'short half', reps: 4, past: true }]);
  const slotOf = { technique: given, range: { low: 8, high: 12 }, rest: 90 };
  const closing = { full: 10, partials: 4, held: 0, asked: 10 };
  expect(nextParameters(given, { ...done(), closing }, slotOf)).toMatchObject({
    topPartials: 3,
    backOffPartials: 5,
  });
  expect(holdBack(given)).toMatchObject({ topPartials: 0, backOffPartials: 0 });
  expect(failureReach(given)).toBe('to failure');
});

test('the first of two rounds, the second ten per cent heavier, leaves what the second needs', () => {
  const leadOf = (heavier: number) => {
    const rises = [1, heavier].map((share) => ({ share, reps: [1], pause: 20 }));
    return leadRirOfRises(rises, lighter, { rir: 2, back: BACK, perSet: 1 });
  };
  // The first ends with more than five left and costs half a rep: one rep, two left and that half are 3.5 at 1.1, so
  // 1.1 x (1 + 3.5/30) = 1.2283, and 6.85 at 1.
  expect(leadOf(1.1)).toBeCloseTo(5.85, 1);
  // At 1.03 it ends with four left and costs a whole one: 4 are 1.03 x (1 + 4/30) = 1.1673, and 5.02 at 1.
  expect(leadOf(1.03)).toBeCloseTo(4.02, 1);
});
