import { MUSCLES, type Muscle } from '../anatomy/muscle';
import type { Athlete } from '../athlete/athlete';
import type { Block } from '../block/block';
import type { Conventions } from '../conventions/conventions';
import type { RepMaxCurve } from '../effort/rep-max';
import { contribution, credits, type Exercise, payoff, primeMovers } from '../exercises/exercise';
import { factsHash } from '../hash';
import { valueIn } from '../loading/weight';
import type { Soreness } from '../log/log';
import {
  type Grant,
  grantSets,
  type Situation,
  type SlotRoom,
  type Want,
  wantedSets,
} from '../progression/set-response';
import { type JudgedSet, type Performance, performance } from '../recovery/performance';
import { reachOf, setCount, setLimits } from '../techniques/registry';
import { setCost } from '../timing/set-cost';
import { goalOf } from '../volume/goal';
import { type StartSets, startShortfall } from '../volume/start-enough';
import type { Answer, LadderSession, LadderSlot, LadderWeek, Performed, Proposal } from './ladder';
import { workingSets } from './week-figures';

/** How a muscle did in one finished session. */
export interface Observation {
  readonly muscle: Muscle;
  readonly week: number;
  readonly sessionId: string;
  readonly date: string;
  readonly soreness: Soreness | 'no check-in';
  readonly performance: Performance;
  readonly behindTwice: boolean;
  /** Week 1 only: sets by which the start seems to lie below the athlete's floor. */
  readonly startShortfall: number;
}

/** Sets of last week's same slot, for "fewer reps than last time at equal load". */
export type Before = ReadonlyMap<
  string,
  ReadonlyMap<string, { readonly load: number; readonly reps: number }>
>;

interface Judging {
  readonly facts: (slot: LadderSlot) => { readonly exercise: Exercise };
  readonly before: Before;
  readonly soreness: ReadonlyMap<string, Soreness>;
  readonly curve: RepMaxCurve;
  readonly conventions: Conventions;
}

function judgedSets(slot: LadderSlot, performed: Performed, before: Before): JudgedSet[] {
  const judged: JudgedSet[] = [];
  const earlier = before.get(slot.slotId);
  for (const set of slot.sets) {
    const logged = performed.sets.get(`${slot.slotId}/${set.id}`)?.set;
    if (logged === undefined || logged.exerciseId !== slot.exerciseId) continue;
    const load = slot.carried + valueIn(slot.unit, logged.load);
    judged.push({
      held: slot.measure === 'seconds',
      target: { load: set.load === null ? load : slot.carried + set.load, reps: set.reps, rir: set.rir },
      done: { load, reps: logged.reps, rir: logged.rir },
      before: earlier?.get(set.id) ?? null,
    });
  }
  return judged;
}

/**
 * How each muscle that a finished session's slots train as prime mover did in it.
 * @param lastBehind whether the muscle was behind in its session before this one; brought up to date
 */
export function observe(
  week: number,
  session: LadderSession,
  performed: Performed,
  lastBehind: Map<Muscle, boolean>,
  judging: Judging,
): Observation[] {
  if (!performed.workout.finished) return [];
  const sets = new Map<Muscle, JudgedSet[]>();
  const starts = new Map<Muscle, StartSets[]>();
  for (const slot of session.slots) {
    const judged = judgedSets(slot, performed, judging.before);
    const start = { sets: judged.map(({ done }) => done) };
    for (const muscle of primeMovers(judging.facts(slot).exercise)) {
      const held = sets.get(muscle);
      if (held === undefined) sets.set(muscle, [...judged]);
      else held.push(...judged);
      if (week === 1) starts.set(muscle, [...(starts.get(muscle) ?? []), start]);
    }
  }
  return MUSCLES.flatMap((muscle): Observation[] => {
    const result = performance(sets.get(muscle) ?? [], judging.curve, judging.conventions);
    if (result === undefined) return [];
    const behind = result.verdict === 'behind';
    const behindTwice = behind && lastBehind.get(muscle) === true;
    lastBehind.set(muscle, behind);
    const soreness = judging.soreness.get(`${performed.workout.id}/${muscle}`) ?? 'no check-in';
    return [
      {
        muscle,
        week,
        sessionId: session.sessionId,
        date: performed.workout.date,
        soreness,
        performance: result,
        behindTwice,
        startShortfall: week === 1 ? startShortfall(starts.get(muscle) ?? [], soreness) : 0,
      },
    ];
  });
}

/** What was logged in a performed session, by slot and set, as moved. */
export function doneLoads(session: LadderSession, performed: Performed): Before {
  return new Map(
    session.slots.map((slot) => {
      const sets = new Map<string, { load: number; reps: number }>();
      for (const set of slot.sets) {
        const logged = performed.sets.get(`${slot.slotId}/${set.id}`)?.set;
        if (logged?.exerciseId === slot.exerciseId) {
          sets.set(set.id, { load: slot.carried + valueIn(slot.unit, logged.load), reps: logged.reps });
        }
      }
      return [slot.slotId, sets];
    }),
  );
}

/** Subject of the call on a muscle's sets in a session. */
export function setsSubject(muscle: Muscle, sessionId: string, week: number): string {
  return `sets/${muscle}/${sessionId}/${week}`;
}

export function recoverSubject(muscle: Muscle, week: number): string {
  return `recover/${muscle}/${week}`;
}

/** Identity of the call that an observation leads to. */
export function responseId(subject: string, observation: Observation): string {
  const { soreness, performance: result, behindTwice, startShortfall: short } = observation;
  // Left out where it is 0, so that calls answered before it was known stay answered.
  const facts = [soreness, result.verdict, behindTwice, ...(short > 0 ? [short] : [])];
  return `${subject}/${factsHash(facts)}`;
}

interface NextWeek {
  readonly block: Block;
  readonly athlete: Athlete;
  readonly plan: LadderWeek;
  readonly last: LadderWeek;
  readonly answers: ReadonlyMap<string, Answer>;
  readonly facts: (slot: LadderSlot) => { readonly exercise: Exercise };
  readonly conventions: Conventions;
}

/** The proposals that a week's observations lead to for the next week, those already answered left out. */
export function responseProposals(observations: readonly Observation[], next: NextWeek): Proposal[] {
  const { block, athlete, plan, conventions, answers } = next;
  const open = (subject: string, observation: Observation) =>
    answers.get(subject)?.id !== responseId(subject, observation);
  const recover: Proposal[] = [];
  const wants: { want: Want; observation: Observation }[] = [];
  for (const observation of observations) {
    const { muscle, sessionId } = observation;
    const goal = goalOf(block, athlete, muscle);
    // A fixed dose is not ramped: it only answers when a muscle must recover.
    if (goal === 'hold') continue;
    const wanted = wantedSets({ ...observation, verdict: observation.performance.verdict }, athlete.style);
    if (wanted === 'recover') {
      const subject = recoverSubject(muscle, plan.week);
      if (open(subject, observation) && !recover.some((one) => one.subject === subject)) {
        const why = whyOf(observation, athlete, 0, 0, null);
        recover.push({
          kind: 'recover',
          id: responseId(subject, observation),
          subject,
          week: plan.week,
          muscle,
          why,
        });
      }
      continue;
    }
    if (
      wanted === 0 ||
      block.landmarks === 'fixed dose' ||
      !open(setsSubject(muscle, sessionId, plan.week), observation)
    )
      continue;
    const slots = roomFor(muscle, sessionId, next);
    if (slots.length > 0) {
      wants.push({ want: { muscle, sessionId, priority: goal === 'priority', wanted, slots }, observation });
    }
  }
  const byWant = new Map(wants.map(({ want, observation }) => [want, observation]));
  const grants = grantSets(
    wants.map(({ want }) => want),
    situation(next),
    conventions,
  );
  return [...recover, ...grants.flatMap((grant) => setsProposal(grant, byWant.get(grant.want), next))];
}

function setsProposal(grant: Grant, observation: Observation | undefined, next: NextWeek): Proposal[] {
  const { want, slotId, add, capped } = grant;
  const slot = next.plan.sessions.flatMap((session) => session.slots).find((one) => one.slotId === slotId);
  if (observation === undefined || slot === undefined || add === 0) return [];
  const subject = setsSubject(want.muscle, want.sessionId, next.plan.week);
  return [
    {
      kind: 'sets',
      id: responseId(subject, observation),
      subject,
      week: next.plan.week,
      sessionId: want.sessionId,
      slotId: slot.slotId,
      exerciseId: slot.exerciseId,
      muscle: want.muscle,
      add,
      why: whyOf(observation, next.athlete, want.wanted, add, capped),
    },
  ];
}

function whyOf(
  observation: Observation,
  athlete: Athlete,
  wanted: number,
  add: number,
  capped: Grant['capped'],
): Proposal['why'] {
  const { muscle, soreness, performance: result, behindTwice, startShortfall: short } = observation;
  return {
    code: 'set-response',
    muscle,
    soreness,
    verdict: result.verdict,
    score: result.score,
    behindTwice,
    startShortfall: short,
    style: athlete.style,
    wanted,
    add,
    capped,
  };
}

function roomFor(muscle: Muscle, sessionId: string, next: NextWeek): SlotRoom[] {
  const session = next.plan.sessions.find((one) => one.sessionId === sessionId);
  const written = next.block.sessions.find((one) => one.id === sessionId);
  return (session?.slots ?? []).flatMap((slot): SlotRoom[] => {
    const { exercise } = next.facts(slot);
    const prescription = written?.slots.find((one) => one.id === slot.slotId);
    if (prescription === undefined || prescription.setRule !== 'by response') return [];
    if (contribution(exercise, muscle) !== 1) return [];
    // Past failure more sets are never a response: the gate comes before every other cap.
    const gated = slot.gate !== null || reachOf(slot.technique) === 'past failure';
    const most = gated ? 0 : setLimits(prescription.technique).most;
    return [
      {
        slotId: slot.slotId,
        payoff: payoff(exercise),
        room: Math.max(0, most - Math.max(workingSets(slot), setCount(prescription.technique))),
        minutesPerSet: setCost(prescription, exercise, next.conventions) / 60,
        credits: exercise.contributions,
      },
    ];
  });
}

function situation({ block, athlete, plan, last, answers, facts }: NextWeek): Situation {
  const addedTo = new Map<Muscle, number>();
  for (const { proposal, choice, outcome } of answers.values()) {
    if (proposal.kind !== 'sets' || proposal.week !== plan.week || outcome === 'declined') continue;
    const add = choice !== null && 'add' in choice ? choice.add : proposal.add;
    addedTo.set(proposal.muscle, (addedTo.get(proposal.muscle) ?? 0) + add);
  }
  const sessionSets = new Map(
    plan.sessions.map((session) => {
      const sets = new Map<Muscle, number>();
      for (const slot of session.slots) {
        const hard = slot.sets.reduce((sum, { credit }) => sum + credit, 0);
        for (const [muscle, share] of credits(facts(slot).exercise)) {
          sets.set(muscle, (sets.get(muscle) ?? 0) + hard * share);
        }
      }
      return [session.sessionId, sets] as const;
    }),
  );
  return {
    phase: plan.phase,
    minutesLimit: athlete.minutes,
    minutes: new Map(plan.sessions.map((session) => [session.sessionId, session.seconds.high / 60])),
    sessionSets,
    weekSets: new Map(MUSCLES.map((muscle) => [muscle, plan.muscles[muscle].measured])),
    ceiling: new Map(MUSCLES.map((muscle) => [muscle, plan.muscles[muscle].landmarks.ceiling])),
    perWeek: 7 / block.cycleDays,
    hardSets: plan.hardSets,
    budget: plan.budget,
    addedTo,
    lastHardSets: last.hardSets,
  };
}
