import { type Muscle, type PerMuscle, perMuscle } from '../anatomy/muscle';
import { type Athlete, type Phase, phaseOn } from '../athlete/athlete';
import { placeFor } from '../athlete/place';
import {
  type Block,
  type ExerciseRef,
  type Session,
  type Slot,
  sessionsInOrder,
  type WeekOverride,
  weekStart,
} from '../block/block';
import { newSlot } from '../block/new-slot';
import type { LocalDate } from '../calendar';
import { type Conventions, conventionsWith } from '../conventions/conventions';
import { curveOf } from '../effort/curves';
import type { RepMaxCurve } from '../effort/rep-max';
import type { Exercise } from '../exercises/exercise';
import { primeMovers } from '../exercises/exercise';
import { unknownExercise } from '../exercises/unknown-exercise';
import { inVariant } from '../exercises/variant';
import { currentSets } from '../log/current-sets';
import type { Log, Soreness, Workout } from '../log/log';
import { projectedGain } from '../progression/projected-gain';
import { rampRir } from '../progression/rir-ramp';
import type { Reason } from '../reason';
import { DEFAULT_DELOAD, lighteningOf } from '../recovery/deload/deload';
import { keptDays } from '../recovery/deload/kept-days';
import { keptSlots } from '../recovery/deload/kept-slots';
import type { Lightening } from '../recovery/deload/lightening';
import { behindGate, type Gate, gatesOf, isLowSets, pastFailureLimit } from '../techniques/gates';
import { heldBack, type TechniqueParameters } from '../techniques/registry';
import { restBetween } from '../timing/rest-between';
import { type LandmarkTrace, landmarksFor } from '../volume/landmarks';
import { deloadProposal } from './deload-proposal';
import { type Easing, easeSlot } from './ease-slot';
import type {
  Answer,
  IssuedWeek,
  Ladder,
  LadderSession,
  LadderSlot,
  LadderWeek,
  Performed,
  Proposal,
  Rung,
  WeekStatus,
} from './ladder';
import { lastWeekAgain } from './last-week-again';
import { loadProposal, pinnedLoad } from './load-calls';
import { type SessionMemory, snapshotOf, type UnfoldMemory } from './memory';
import { planBuilding, type SlotTarget } from './plan-slot';
import { doneLoads, type Observation, observe, responseProposals } from './responses';
import { slotRir, slotSets } from './slot-target';
import { StandingAnswers } from './standing-answers';
import { remember, strengthAt, type Track, trackOf } from './track';
import { sessionFigures, weekFigures } from './week-figures';
import { withinMinutes } from './within-minutes';

/** Counts up when the rules compute differently; issued weeks note the one they were made with. */
export const ENGINE_VERSION = 3;

/** Facts of an exercise revision; undefined when it is not known. */
export type ExerciseLookup = (ref: ExerciseRef) => Exercise | undefined;

export interface UnfoldInput {
  readonly block: Block;
  readonly athlete: Athlete;
  readonly exercises: ExerciseLookup;
  readonly issued: readonly IssuedWeek[];
  readonly log: Log;
  readonly answers: readonly Answer[];
}

/**
 * Derives what should happen: every week of the block from the document, the athlete, what was issued and logged, and
 * the coach's answers. Same inputs, same ladder, wherever it runs. Issued weeks are taken as they were handed out; all
 * others are planned, with a reason on every figure.
 * @param memory of the unfolding before, where one block is unfolded again and again while it is edited
 */
export function unfold(input: UnfoldInput, memory?: UnfoldMemory): Ladder {
  return new Climb(input, memory ?? null).run();
}

const byWorkout = (workouts: readonly Workout[]) =>
  new Map(workouts.map((workout) => [`${workout.week}/${workout.sessionId}`, workout]));

/** The week in hand. */
interface At {
  readonly week: number;
  readonly startDate: LocalDate;
  /** Projected gain, per cent a week. */
  readonly gain: number;
  readonly deload: boolean;
}

/** One pass from week 1 to the deload, carrying what each slot knows from week to week. */
class Climb {
  private readonly block: Block;
  private readonly athlete: Athlete;
  readonly conventions: Conventions;
  readonly curve: RepMaxCurve;
  private readonly sessions: readonly Session[];
  private readonly tracks = new Map<string, Track>();
  private readonly issued: ReadonlyMap<number, IssuedWeek>;
  private readonly answers: StandingAnswers;
  private readonly workouts: ReadonlyMap<string, Workout>;
  private readonly logged: ReturnType<typeof currentSets>;
  private readonly soreness: ReadonlyMap<string, Soreness>;
  private readonly observations: Observation[] = [];
  private readonly lastBehind = new Map<Muscle, boolean>();
  private before: ReturnType<typeof doneLoads> = new Map();
  private readonly proposals: Proposal[] = [];
  private readonly strangers = new Map<string, Track>();

  private readonly remembered = new Map<string, SessionMemory>();
  /** Sessions taken over from the unfolding before. */
  private readonly known = new Set<string>();

  constructor(
    private readonly input: UnfoldInput,
    private readonly memory: UnfoldMemory | null,
  ) {
    this.block = input.block;
    this.athlete = input.athlete;
    this.conventions = conventionsWith(input.block.conventions);
    this.curve = curveOf(input.athlete.effort);
    this.sessions = sessionsInOrder(input.block);
    memory?.begin(input, this.conventions);
    for (const session of this.sessions) this.takeUp(session);
    this.issued = new Map(input.issued.map((week) => [week.week, week]));
    this.answers = new StandingAnswers(input.answers, (week) => this.issued.has(week));
    this.workouts = byWorkout(input.log.workouts);
    this.logged = setsOfLog(input.log);
    this.soreness = new Map(
      input.log.soreness.map((report) => [`${report.workoutId}/${report.muscle}`, report.soreness]),
    );
  }

  /** A session as the unfolding before left it, or afresh. */
  private takeUp(session: Session): void {
    const known = this.memory?.find(session);
    if (known !== undefined) this.known.add(session.id);
    const tracks =
      known?.tracks ?? new Map(session.slots.map((slot) => [slot.id, this.track(slot, session)] as const));
    for (const [id, track] of tracks) this.tracks.set(id, track);
    this.remembered.set(session.id, known ?? { session, weeks: new Map(), tracks, open: null });
  }

  /** Before the first week that is still open: what calls compare with. */
  private noteOpen(): void {
    for (const session of this.remembered.values())
      session.open ??= new Map([...session.tracks].map(([id, track]) => [id, snapshotOf(track)]));
  }

  run(): Ladder {
    const rungs: Rung[] = [];
    const total = this.block.weeks + (this.block.deload === null ? 0 : 1);
    for (let week = 1; week <= total; week++) {
      const issued = this.issued.get(week) ?? null;
      if (issued === null) this.noteOpen();
      const plan = issued?.rung ?? this.plan(week);
      const performed = this.performed(plan);
      const previous = rungs.at(-1);
      if (issued === null && previous !== undefined) this.propose(plan, previous);
      this.remember(plan, performed);
      rungs.push({ status: statusOf(plan, issued, performed), plan, issued, performed });
    }
    this.memory?.keep(this.remembered);
    const current = rungs.find((rung) => rung.status !== 'done') ?? rungs.at(-1);
    return { rungs, currentWeek: current?.plan.week ?? 1, proposals: this.proposals };
  }

  private readonly baseOf = (slot: Pick<Slot, 'exercise'>): Exercise =>
    this.input.exercises(slot.exercise) ?? unknownExercise(slot.exercise);

  private readonly exerciseOf = (slot: Slot): Exercise => inVariant(this.baseOf(slot), slot.variant);

  private track(slot: Slot, session: Pick<Session, 'place' | 'slots'>): Track {
    const { loads } = placeFor(this.athlete, session.place);
    return trackOf(slot, this.exerciseOf(slot), this.athlete, loads, this, {
      between: restBetween(slot, session, this.exerciseOf, this.conventions),
      inVariant: (variant) => inVariant(this.baseOf(slot), variant),
    });
  }

  /** Facts for a planned slot, also for one that has left the block since its week was issued. */
  private readonly facts = (planned: LadderSlot): Track => {
    const known = this.tracks.get(planned.slotId);
    if (
      known !== undefined &&
      known.exercise.id === planned.exerciseId &&
      known.exercise.revision === planned.exerciseRevision &&
      known.slot.variant === planned.variant
    )
      return known;
    const ref = { id: planned.exerciseId, revision: planned.exerciseRevision };
    const key = `${ref.id}@${ref.revision}/${planned.variant}`;
    const stranger = this.strangers.get(key);
    if (stranger !== undefined) return stranger;
    const exercise = this.input.exercises(ref) ?? unknownExercise(ref);
    const slot = newSlot(planned.slotId, exercise, planned.variant);
    const made = this.track(slot, { place: null, slots: [slot] });
    this.strangers.set(key, made);
    return made;
  };

  private readonly landmarksIn = new Map<Phase, PerMuscle<LandmarkTrace>>();

  private readonly landmarks = (phase: Phase): PerMuscle<LandmarkTrace> => {
    const known = this.landmarksIn.get(phase);
    if (known !== undefined) return known;
    const made = perMuscle((muscle) =>
      landmarksFor(muscle, this.athlete, phase, this.conventions, this.block.landmarks),
    );
    this.landmarksIn.set(phase, made);
    return made;
  };

  private plan(week: number): LadderWeek {
    const early = this.answers.deloads(week);
    const deload = early || week > this.block.weeks;
    const startDate = weekStart(this.block, week);
    const phase = phaseOn(this.athlete, startDate);
    const gain = projectedGain(this.athlete.level, phase, this.conventions);
    const sessions = this.planSessions({ week, startDate, gain, deload });
    const kind = deload ? 'deload' : 'building';
    const rir = deload ? this.deloadRir() : rampRir(this.block.rir, week, this.block.weeks);
    const whyRir: Reason = deload
      ? { code: 'rir/easy', week: 'deload', value: rir }
      : { code: 'rir/ramp', week, weeks: this.block.weeks, ...this.block.rir, offset: 0, value: rir };
    const { block, athlete, landmarks, conventions } = this;
    const figures = weekFigures(
      sessions,
      this.facts,
      { block, athlete, phase, kind, landmarks },
      conventions,
    );
    return { week, kind, startDate, phase, rir, whyRir, sessions, ...figures };
  }

  /** What the deload of this block lowers; for one that comes early, the usual one where none is planned. */
  private readonly lightening = (): Lightening =>
    lighteningOf(this.block.deload ?? [DEFAULT_DELOAD], this.conventions);

  private deloadRir(): number {
    return Math.max(this.lightening().rir, rampRir(this.block.rir, this.block.weeks, this.block.weeks));
  }

  private planSessions(at: At): readonly LadderSession[] {
    const { block, conventions, facts } = this;
    const made = (session: Session, slots: readonly LadderSlot[]) =>
      sessionFigures(session, slots, facts, block, conventions);
    const lightening = at.deload ? this.lightening() : null;
    const days = lightening?.fewerDays ? keptDays(this.sessions.map(this.trains)) : null;
    const planned = (session: Session): LadderSession => {
      if (lightening === null) return made(session, this.planSession(session, at, null));
      const kept = days?.has(session.id) === false ? 'none' : lightening.kept;
      const slots = this.planSession(session, at, { ...lightening, kept });
      return withinMinutes(slots, lightening.minutes, (some) => made(session, some));
    };
    return this.sessions.map((session) => {
      const weeks = this.remembered.get(session.id)?.weeks;
      const known = weeks?.get(at.week) ?? planned(session);
      weeks?.set(at.week, known);
      return known;
    });
  }

  private readonly trains = (session: Session) => ({
    id: session.id,
    muscles: new Set(session.slots.flatMap((slot) => primeMovers(this.exerciseOf(slot)))),
  });

  private planSession(session: Session, at: At, lightening: Lightening | null): readonly LadderSlot[] {
    const gates = this.gates(session, at);
    const kept =
      lightening === null
        ? null
        : keptSlots(
            session.slots.map((slot) => ({ id: slot.id, exercise: this.exerciseOf(slot) })),
            lightening.kept,
          );
    return session.slots.map((slot) => {
      const track = this.tracks.get(slot.id) as Track;
      const gate = gates.get(slot.id) ?? null;
      if (lightening === null || kept === null) return this.planSlot(track, session, at.week, at.gain, gate);
      return this.deloadSlot(track, at, gate, { ...lightening, week: 'deload', kept: kept.has(slot.id) });
    });
  }

  /** Gates of a session, looked at only where something of it comes near failure. */
  private gates(session: Session, at: At): ReadonlyMap<string, Gate> {
    const { athlete, conventions, block } = this;
    const low = block.lowSets && isLowSets(session, conventions);
    const limit = low ? session.slots.length : pastFailureLimit(athlete, at, conventions);
    return gatesOf(session, this.exerciseOf, limit);
  }

  private targetOf(track: Track, week: number, gain: number, technique: TechniqueParameters): SlotTarget {
    const { rir, whyRir } = slotRir(track.slot, this.block, week);
    const { sets, whySets } = slotSets(track, week, this.answers, (before) => this.weekBefore(before));
    const { curve, conventions } = this;
    return {
      rir,
      weekRir: rampRir(this.block.rir, week, this.block.weeks),
      whyRir,
      sets,
      whySets,
      technique,
      gate: null,
      override: null,
      strength: strengthAt(track, week, gain),
      pinned: null,
      curve,
      conventions,
    };
  }

  private planSlot(
    track: Track,
    session: Session,
    week: number,
    gain: number,
    gate: Gate | null,
  ): LadderSlot {
    const technique = gate === null ? track.technique : behindGate(track.technique, gate);
    const recovers = this.answers.recovers(primeMovers(track.exercise), week);
    const override = overrideOf(track.slot, week);
    const base = this.targetOf(track, week, gain, recovers ? heldBack(technique) : technique);
    const target: SlotTarget = {
      ...base,
      ...(override?.sets == null
        ? {}
        : {
            sets: override.sets,
            whySets: { code: 'sets/override', sets: override.sets, proposed: base.sets },
          }),
      gate,
      override,
      pinned: pinnedLoad(track, this.answers, { sessionId: session.id, week, rir: base.rir }),
    };
    const planned = planBuilding(track, target);
    if (!recovers) return planned;
    const { recoverSets, recoverLoad, easyRir } = this.conventions;
    const lowered = { sets: recoverSets, load: recoverLoad, ofMax: 1, reps: 1, rir: easyRir };
    return easeSlot(track, planned, { ...lowered, week: 'recover', kept: true }, target);
  }

  /** A deload asks what the last building week asked, lightened and held back from failure. */
  private deloadSlot(track: Track, at: At, gate: Gate | null, easing: Easing): LadderSlot {
    const asked = gate === null ? track.technique : behindGate(track.technique, gate);
    const technique = heldBack(asked);
    const target = { ...this.targetOf(track, this.lastBuilding(at.week), at.gain, technique), gate };
    return easeSlot(track, lastWeekAgain(track, planBuilding(track, target)), easing, target);
  }

  /** The last building week before a deload; the deload's own number while there is none. */
  private lastBuilding(week: number): number {
    const last = this.plans.filter(({ kind }) => kind === 'building').at(-1);
    return last?.week ?? Math.min(week, this.block.weeks);
  }

  private readonly plans: LadderWeek[] = [];

  private weekBefore(week: number): LadderWeek | undefined {
    return this.plans.find((plan) => plan.week === week - 1);
  }

  /** Calls for the first week that is not handed out yet, from what was logged in the week before it. */
  private propose(plan: LadderWeek, previous: Rung): void {
    if (plan.kind === 'deload' || previous.performed.size === 0 || previous.issued === null) return;
    const { block, athlete, conventions } = this;
    for (const session of this.sessions) {
      if (previous.performed.get(session.id)?.workout.finished !== true) continue;
      const planned = plan.sessions.find((one) => one.sessionId === session.id);
      for (const slot of planned?.slots ?? []) {
        const track = this.remembered.get(session.id)?.open?.get(slot.slotId);
        if (track === undefined) continue;
        const { rir } = slotRir(track.slot, block, plan.week);
        this.proposals.push(...loadProposal(track, slot, { sessionId: session.id, week: plan.week, rir }));
      }
    }
    const facts = (slot: LadderSlot) => this.facts(slot);
    const answers = this.answers.bySubject;
    const observations = this.observations.filter((observation) => observation.week === previous.plan.week);
    const next = { block, athlete, plan, last: previous.plan, answers, facts, conventions };
    this.proposals.push(...responseProposals(observations, next));
    const whole = deloadProposal(observations, plan, this.plans, this.answers);
    if (whole !== null && answers.get(whole.subject)?.id !== whole.id) this.proposals.push(whole);
  }

  private performed(plan: LadderWeek): ReadonlyMap<string, Performed> {
    const found = new Map<string, Performed>();
    for (const { sessionId } of plan.sessions) {
      const workout = this.workouts.get(`${plan.week}/${sessionId}`);
      if (workout !== undefined)
        found.set(sessionId, { workout, sets: this.logged.get(workout.id) ?? new Map() });
    }
    return found;
  }

  /** Makes a week the new last time of its slots. Deload and recover weeks leave last time alone. */
  private remember(plan: LadderWeek, performed: ReadonlyMap<string, Performed>): void {
    this.plans.push(plan);
    if (plan.kind === 'deload') return;
    const before = new Map(this.before);
    const { curve, conventions, soreness, facts } = this;
    // In the order they were trained, so that two sessions running means what the athlete lived through.
    const sessions = [...plan.sessions].sort((a, b) =>
      dateOf(performed, a.sessionId).localeCompare(dateOf(performed, b.sessionId)),
    );
    for (const session of sessions) {
      const done = performed.get(session.sessionId);
      for (const slot of this.known.has(session.sessionId) ? [] : session.slots) {
        const track = this.tracks.get(slot.slotId);
        if (
          track === undefined ||
          track.exercise.id !== slot.exerciseId ||
          slot.why.sets.code === 'sets/easy'
        )
          continue;
        remember(track, slot, done ?? null, plan.week, this);
      }
      if (done === undefined) continue;
      const judging = { facts, before: this.before, soreness, curve, conventions };
      for (const observation of observe(plan.week, session, done, this.lastBehind, judging)) {
        this.observations.push(observation);
        this.answers.note(observation);
      }
      for (const [slot, sets] of doneLoads(session, done)) before.set(slot, sets);
    }
    this.before = before;
  }
}

/** What a week of a slot keeps of its own. */
function overrideOf({ weeks }: Slot, week: number): WeekOverride | null {
  return weeks.length === 0 ? null : (weeks.find((one) => one.week === week) ?? null);
}

const logs = new WeakMap<Log['sets'], ReturnType<typeof currentSets>>();

/** The sets that count of a log; the same log gives the same ones. */
function setsOfLog({ sets }: Log): ReturnType<typeof currentSets> {
  const known = logs.get(sets) ?? currentSets(sets);
  logs.set(sets, known);
  return known;
}

function dateOf(performed: ReadonlyMap<string, Performed>, sessionId: string): string {
  return performed.get(sessionId)?.workout.date ?? '9999';
}

function statusOf(
  plan: LadderWeek,
  issued: IssuedWeek | null,
  performed: ReadonlyMap<string, Performed>,
): WeekStatus {
  if (issued === null) return 'planned';
  const done =
    plan.sessions.length > 0 &&
    plan.sessions.every((session) => performed.get(session.sessionId)?.workout.finished === true);
  return done ? 'done' : 'issued';
}
