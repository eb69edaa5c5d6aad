import { MUSCLES, type Muscle } from '../anatomy/muscle';
import { credits } from '../exercises/exercise';
import { totalCredit } from '../plan/working-sets';
import {
  distributeSets,
  type Grant,
  type Situation,
  type Want,
  wantedSets,
} from '../progression/set-response';
import type { Observation } from '../recovery/observation';
import { muscleGoal } from '../volume/goal';
import type { Call, CallKind } from './call';
import type { Evidence } from './evidence';
import { observationFacts, whyResponse } from './response';
import { slotsForMore } from './slots-with-room';

/** A muscle tolerates more sets in one of its sessions. */
export interface SetsCall extends Call {
  readonly kind: 'sets';
  readonly sessionId: string;
  readonly slotId: string;
  readonly exerciseId: string;
  readonly muscle: Muscle;
  readonly add: number;
}

/** Sets added instead of the proposed number. */
export interface AnsweredSets {
  readonly add: number;
}

/** Most sets a coach may add to a slot at once. */
const MOST_ADDED = 4;

function subjectOf(muscle: Muscle, sessionId: string, week: number): string {
  return `sets/${muscle}/${sessionId}/${week}`;
}

export const setsCall: CallKind<SetsCall, AnsweredSets> = {
  kind: 'sets',
  propose: (evidence) => {
    const { block, next, athlete, near } = evidence;
    // A fixed dose does not rise: its only response is recovery.
    if (block.landmarks === 'fixed dose') return [];
    const wants = new Map<Want, Observation>();
    for (const observation of evidence.observations) {
      const { muscle, sessionId } = observation;
      const goal = muscleGoal(block, athlete, muscle);
      if (goal === 'hold') continue;
      const response = { ...observation, verdict: observation.performance.verdict };
      const wanted = wantedSets(response, athlete.style);
      if (wanted === 'recover' || wanted === 0) continue;
      if (evidence.isAnswered(observationFacts(subjectOf(muscle, sessionId, next.week), observation)))
        continue;
      const slots = slotsForMore(muscle, sessionId, evidence);
      if (slots.length > 0)
        wants.set({ muscle, sessionId, priority: goal === 'priority', wanted, slots }, observation);
    }
    return distributeSets([...wants.keys()], situation(evidence), near).flatMap((grant) =>
      setsCallFor(grant, wants.get(grant.want), evidence),
    );
  },
  orders: ({ outcome, proposal: { slotId, muscle, week, add }, choice }) =>
    outcome === 'declined' ? [] : [{ kind: 'add sets', slotId, muscle, week, add: choice?.add ?? add }],
  identify: (observation) =>
    observationFacts(subjectOf(observation.muscle, observation.sessionId, observation.week + 1), observation),
  choice: (z) => z.strictObject({ add: z.int().min(0).max(MOST_ADDED) }),
};

function setsCallFor(
  grant: Grant,
  observation: Observation | undefined,
  { next, athlete }: Evidence,
): SetsCall[] {
  const { want, slotId, add, capped } = grant;
  const session = next.sessions.find(({ slots }) => slots.some((one) => one.slotId === slotId));
  const slot = session?.slots.find((one) => one.slotId === slotId);
  if (observation === undefined || session === undefined || slot === undefined || add === 0) return [];
  return [
    {
      kind: 'sets',
      ...observationFacts(subjectOf(want.muscle, want.sessionId, next.week), observation),
      week: next.week,
      sessionId: session.sessionId,
      slotId: slot.slotId,
      exerciseId: slot.exerciseId,
      muscle: want.muscle,
      add,
      why: whyResponse(observation, athlete, { wanted: want.wanted, add, capped }),
    },
  ];
}

function situation({ block, athlete, next, last, orders, exerciseOf }: Evidence): Situation {
  const addedTo = new Map<Muscle, number>();
  for (const order of orders) {
    if (order.kind !== 'add sets' || order.week !== next.week) continue;
    addedTo.set(order.muscle, (addedTo.get(order.muscle) ?? 0) + order.add);
  }
  const sessionSets = new Map(
    next.sessions.map((session) => {
      const sets = new Map<Muscle, number>();
      for (const slot of session.slots) {
        const hard = totalCredit(slot.sets);
        for (const [muscle, share] of credits(exerciseOf(slot)))
          sets.set(muscle, (sets.get(muscle) ?? 0) + hard * share);
      }
      return [session.sessionId, sets] as const;
    }),
  );
  return {
    phase: next.phase,
    minutesLimit: athlete.minutes,
    minutes: new Map(next.sessions.map((session) => [session.sessionId, session.seconds.high / 60])),
    sessionSets,
    weekSets: new Map(MUSCLES.map((muscle) => [muscle, next.muscles[muscle].measured])),
    ceiling: new Map(MUSCLES.map((muscle) => [muscle, next.muscles[muscle].landmarks.ceiling])),
    perWeek: 7 / block.cycleDays,
    hardSets: next.hardSets,
    budget: next.budget,
    addedTo,
    lastHardSets: last.hardSets,
  };
}
