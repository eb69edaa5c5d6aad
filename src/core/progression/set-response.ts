import type { Muscle } from '../anatomy/muscle';
import type { Phase, Style } from '../athlete/athlete';
import type { NearConventions } from '../conventions/own-conventions';
import type { Soreness } from '../log/soreness';
import type { Verdict } from '../recovery/performance';

/** What a muscle showed in one of its sessions. */
export interface Response {
  readonly soreness: Soreness | 'no check-in';
  readonly verdict: Verdict;
  /** Below target in this and in the muscle's previous session. */
  readonly behindTwice: boolean;
  /** In week 1 and late in a cut: sets by which the work seems to be below the athlete's minimum. */
  readonly startShortfall: number;
}

/**
 * Sets wanted for the same session next week, before any cap; or that the muscle must recover. Without a check-in,
 * just in time is assumed.
 */
export function wantedSets(response: Response, style: Style): number | 'recover' {
  if (response.verdict === 'behind') return response.behindTwice ? 'recover' : 0;
  if (response.verdict === 'strained') return 0;
  const ahead = response.verdict === 'ahead';
  let wanted = 0;
  if (response.soreness === 'never sore') wanted = 2;
  else if (response.soreness === 'early') wanted = ahead ? 2 : 1;
  else if (response.soreness !== 'still sore' && ahead && style === 'bold') wanted = 1;
  wanted = Math.max(wanted, response.startShortfall);
  return style === 'cautious' ? Math.min(1, wanted) : wanted;
}

/** What prevented added sets, with the figures of the cap. */
export type Cap =
  | { readonly kind: 'no slot'; readonly most: number }
  | { readonly kind: 'session time'; readonly minutes: number; readonly limit: number }
  | { readonly kind: 'session cap'; readonly sets: number; readonly limit: number }
  | { readonly kind: 'ceiling'; readonly sets: number; readonly limit: number }
  | { readonly kind: 'budget'; readonly sets: number; readonly limit: number }
  | { readonly kind: 'week addition'; readonly sets: number; readonly limit: number }
  | { readonly kind: 'week growth'; readonly sets: number; readonly limit: number };

/** A slot that could get another set for a muscle. */
export interface SlotRoom {
  readonly slotId: string;
  /** Its session: the muscle's own, or another one if that has no room. */
  readonly sessionId: string;
  readonly payoff: number;
  /** Sets that its technique and range can still take. */
  readonly room: number;
  /** Minutes of set and rest, at the long end of its range. */
  readonly minutesPerSet: number;
  readonly credits: Readonly<Partial<Record<Muscle, number>>>;
}

/** A muscle that wants sets in a session. */
export interface Want {
  readonly muscle: Muscle;
  readonly sessionId: string;
  readonly priority: boolean;
  readonly wanted: number;
  readonly slots: readonly SlotRoom[];
}

/** Next week's figures before any set is added. Sets are weekly fractional sets unless stated otherwise. */
export interface Situation {
  readonly phase: Phase;
  readonly minutesLimit: number;
  readonly minutes: ReadonlyMap<string, number>;
  /** Fractional sets by session, then muscle. */
  readonly sessionSets: ReadonlyMap<string, ReadonlyMap<Muscle, number>>;
  readonly weekSets: ReadonlyMap<Muscle, number>;
  readonly ceiling: ReadonlyMap<Muscle, number>;
  /** Weekly sets per set in the cycle: 7 / cycle length. */
  readonly perWeek: number;
  readonly hardSets: number;
  readonly budget: number;
  /** Sets already added to next week by accepted answers. */
  readonly addedTo: ReadonlyMap<Muscle, number>;
  /** Hard sets of the finished week, on which growth is measured. */
  readonly lastHardSets: number;
}

export interface Grant {
  readonly want: Want;
  readonly slotId: string | null;
  readonly add: number;
  readonly capped: Cap | null;
}

/**
 * Distributes added sets one at a time within the caps: session time, per-session cap, maximum, budget, the muscle's
 * weekly addition and the week's growth. Priority muscles first, then those furthest below their maximum; for one
 * muscle the session with fewer sets for it first. A muscle's sets go to its slot with the best payoff.
 */
export function distributeSets(
  wants: readonly Want[],
  situation: Situation,
  near: NearConventions,
): readonly Grant[] {
  const minutes = new Map(situation.minutes);
  const weekSets = new Map(situation.weekSets);
  const sessionSets = new Map([...situation.sessionSets].map(([id, sets]) => [id, new Map(sets)]));
  const addedTo = new Map(situation.addedTo);
  let hardSets = situation.hardSets;
  let grown = [...situation.addedTo.values()].reduce((sum, added) => sum + added, 0);
  const conventions = near.whole;
  const perMuscle = (muscle: Muscle) => {
    const { weekAdditionCutting, weekAddition } = near.ofMuscle(muscle);
    return situation.phase === 'cutting' ? weekAdditionCutting : weekAddition;
  };
  const growth = Math.max(
    conventions.weekGrowthAlways,
    Math.floor((situation.lastHardSets * conventions.weekGrowth) / 100),
  );
  const gapToCeiling = (muscle: Muscle) =>
    (situation.ceiling.get(muscle) ?? 0) - (situation.weekSets.get(muscle) ?? 0);
  const inSession = ({ muscle, sessionId }: Pick<Want, 'muscle' | 'sessionId'>) =>
    sessionSets.get(sessionId)?.get(muscle) ?? 0;

  const order = [...wants].sort(
    (a, b) =>
      Number(b.priority) - Number(a.priority) ||
      gapToCeiling(b.muscle) - gapToCeiling(a.muscle) ||
      inSession(a) - inSession(b),
  );

  const capOn = (want: Want, slot: SlotRoom): Cap | null => {
    const time = (minutes.get(slot.sessionId) ?? 0) + slot.minutesPerSet;
    if (time > situation.minutesLimit)
      return { kind: 'session time', minutes: time, limit: situation.minutesLimit };
    const session = inSession({ ...want, sessionId: slot.sessionId }) + (slot.credits[want.muscle] ?? 0);
    const { sessionCap } = near.ofMuscle(want.muscle);
    if (session > sessionCap) return { kind: 'session cap', sets: session, limit: sessionCap };
    const week = (weekSets.get(want.muscle) ?? 0) + (slot.credits[want.muscle] ?? 0) * situation.perWeek;
    const ceiling = situation.ceiling.get(want.muscle) ?? Number.POSITIVE_INFINITY;
    if (week > ceiling) return { kind: 'ceiling', sets: week, limit: ceiling };
    const body = hardSets + situation.perWeek;
    if (body > situation.budget) return { kind: 'budget', sets: body, limit: situation.budget };
    const muscle = (addedTo.get(want.muscle) ?? 0) + 1;
    const most = perMuscle(want.muscle);
    if (muscle > most) return { kind: 'week addition', sets: muscle, limit: most };
    return grown + 1 > growth ? { kind: 'week growth', sets: grown + 1, limit: growth } : null;
  };

  // A slot may be wanted for several muscles or sessions.
  const given = new Map<string, number>();
  const roomIn = ({ slotId, room }: SlotRoom) => room - (given.get(slotId) ?? 0);
  return order.map((want) => {
    const [slot] = [...want.slots].filter((one) => roomIn(one) > 0).sort((a, b) => b.payoff - a.payoff);
    if (slot === undefined) return { want, slotId: null, add: 0, capped: { kind: 'no slot', most: 0 } };
    let add = 0;
    let capped: Cap | null = null;
    while (add < want.wanted && capped === null) {
      capped = roomIn(slot) <= 0 ? { kind: 'no slot', most: add } : capOn(want, slot);
      if (capped !== null) break;
      add++;
      given.set(slot.slotId, (given.get(slot.slotId) ?? 0) + 1);
      grown++;
      hardSets += situation.perWeek;
      minutes.set(slot.sessionId, (minutes.get(slot.sessionId) ?? 0) + slot.minutesPerSet);
      addedTo.set(want.muscle, (addedTo.get(want.muscle) ?? 0) + 1);
      for (const [muscle, credit] of Object.entries(slot.credits) as [Muscle, number][]) {
        weekSets.set(muscle, (weekSets.get(muscle) ?? 0) + credit * situation.perWeek);
        const session = sessionSets.get(slot.sessionId) ?? new Map<Muscle, number>();
        session.set(muscle, (session.get(muscle) ?? 0) + credit);
        sessionSets.set(slot.sessionId, session);
      }
    }
    return { want, slotId: slot.slotId, add, capped };
  });
}
