import { MUSCLES, type Muscle } from '../anatomy/muscle';
import { addDays } from '../calendar';
import type { Conventions } from '../conventions/conventions';
import { driftPerSet, smallReps } from '../effort/drift';
import { e1rm, type RepMaxCurve, repsToFailure } from '../effort/rep-max';
import { type Exercise, primeMovers } from '../exercises/exercise';
import { type CurrentSet, setKey } from '../log/current-sets';
import type { Soreness } from '../log/soreness';
import type { SessionPlan } from '../plan/session';
import type { SlotPlan } from '../plan/slot';
import type { WeekPlan } from '../plan/week';
import type { Performed } from '../plan/week-state';
import type { Landmarks } from '../volume/landmark';
import type { AthleteModel } from './model';
import { normal, type Random } from './random';

/** Weekly sets from which a muscle grows, and above which it fatigues. */
export type Rails = Pick<Landmarks, 'floor' | 'ceiling'>;

/** The hidden truth about a simulated athlete. */
interface Truth {
  /** Strength by slot, in its unit, as found in the first week. */
  readonly strength: Map<string, number>;
  readonly landmarks: ReadonlyMap<Muscle, Rails>;
  /** Temporary strength loss by muscle, as a share. */
  readonly worn: Map<Muscle, number>;
  /** Strength gained since the start, as a share. */
  readonly gained: Map<Muscle, number>;
}

/** A week as trained by the simulated athlete. */
export interface PlayedWeek {
  readonly performed: ReadonlyMap<string, Performed>;
  /** By workout and muscle. */
  readonly soreness: ReadonlyMap<string, Soreness>;
}

/** Muscles with a share below this neither grow nor fatigue from an exercise. */
const LEAST_SHARE = 0.25;
/** Sets short of failure fatigue less: half as much at 4 RIR. */
const EASY = 0.125;
/** How steeply fatigue grows with sets: two fifths at four fifths of the maximum, double at a fifth above it. */
const STEEP = 4;
/** Most reps anybody does beyond the target. */
const MOST_OVER = 3;
/** Uncertainty of a first load, which is found on the day. */
const FOUND = { reps: 10, rir: 3 };
const NO_RAILS: Rails = { floor: 0, ceiling: 1 };

/** Share of growth a muscle gets for its sets: none at half its minimum, all of it from the minimum on. */
function growth(sets: number, floor: number): number {
  return floor <= 0 ? 1 : Math.max(0, Math.min(1, (2 * sets) / floor - 1));
}

/** A simulated athlete in one run, week after week. */
export class Simulated {
  private readonly truth: Truth;

  constructor(
    private readonly model: AthleteModel,
    private readonly random: Random,
    private readonly curve: RepMaxCurve,
    private readonly conventions: Conventions,
    private readonly exerciseOf: (slot: SlotPlan) => Exercise | undefined,
    railsOf: (muscle: Muscle) => Rails,
  ) {
    const off = (value: number) => value * Math.exp(model.landmarkSpread * normal(random));
    this.truth = {
      strength: new Map(),
      landmarks: new Map(
        MUSCLES.map((muscle) => {
          const { floor, ceiling } = railsOf(muscle);
          return [muscle, { floor: off(floor), ceiling: Math.max(1, off(ceiling)) }];
        }),
      ),
      worn: new Map(),
      gained: new Map(),
    };
  }

  /** Trains a week: every session that is not missed, and the week's after-effects. */
  train(plan: WeekPlan): PlayedWeek {
    const performed = new Map<string, Performed>();
    const soreness = new Map<string, Soreness>();
    for (const session of plan.sessions) {
      if (session.optional || this.random() < this.model.missed) continue;
      const done = this.session(plan, session);
      performed.set(session.sessionId, done);
      for (const muscle of this.moved(session))
        soreness.set(`${done.workout.id}/${muscle}`, this.soreness(plan, muscle));
    }
    this.after(plan, performed);
    return { performed, soreness };
  }

  private session(plan: WeekPlan, session: SessionPlan): Performed {
    const id = `r${plan.week}.${session.sessionId}`;
    const day = 1 + this.model.daySpread * normal(this.random);
    const sets = new Map<string, CurrentSet>();
    for (const slot of session.slots) {
      let lost = 0;
      const exercise = this.exerciseOf(slot);
      const long = exercise === undefined ? 0 : smallReps(exercise, slot.sets[0]?.reps ?? 0);
      for (const [k, set] of slot.sets.entries()) {
        const able = this.able(slot, set.load, day) - lost + this.model.setSpread * normal(this.random);
        // They perceive RIR the way they report it, and stop by that.
        const felt = able - this.model.bias;
        const reps = Math.max(
          1,
          Math.min(Math.round(felt - set.rir), Math.floor(able), set.reps + MOST_OVER),
        );
        const logged = {
          id: `${id}/${slot.slotId}/${set.id}`,
          workoutId: id,
          slotId: slot.slotId,
          setId: set.id,
          exerciseId: slot.exerciseId,
          load: { value: set.load ?? this.found(slot), unit: slot.unit },
          reps,
          rir: Math.max(0, Math.min(10, Math.round(2 * (felt - reps)) / 2)),
          at: `${plan.startDate}T12:00:0${k % 10}.000Z`,
          supersedes: null,
        };
        sets.set(setKey(logged), { set: logged, conflicts: [] });
        lost += this.model.drift * driftPerSet(set.rest, this.conventions, long);
      }
    }
    const date = addDays(plan.startDate, session.day);
    return {
      workout: { id, week: plan.week, sessionId: session.sessionId, date, finished: true, notes: [] },
      sets,
    };
  }

  /** Fresh reps to failure at a load. */
  private able(slot: SlotPlan, load: number | null, day: number): number {
    const strength = this.strengthOf(slot);
    const moved = Math.max(0.01, (load ?? this.found(slot)) + slot.carried);
    const [muscle] = this.movers(slot);
    const now =
      muscle === undefined
        ? 1
        : (1 + (this.truth.gained.get(muscle) ?? 0)) * (1 - (this.truth.worn.get(muscle) ?? 0));
    return Math.max(1, repsToFailure(strength * now * day, moved, this.curve));
  }

  /** Their true starting strength, close to the known one. */
  private strengthOf(slot: SlotPlan): number {
    const known = this.truth.strength.get(slot.slotId);
    if (known !== undefined) return known;
    const [first] = slot.sets;
    const load = (first?.load ?? 0) + slot.carried;
    const reckoned =
      slot.oneRepMax ??
      (load > 0 ? e1rm(load, (first?.reps ?? FOUND.reps) + (first?.rir ?? FOUND.rir), this.curve) : 100);
    const strength = reckoned * Math.exp(this.model.strengthSpread * normal(this.random));
    this.truth.strength.set(slot.slotId, strength);
    return strength;
  }

  /** The load of a set whose load is to be found: the one that leaves the planned RIR. */
  private found(slot: SlotPlan): number {
    const strength = this.strengthOf(slot);
    const load = strength * this.curve.fraction(FOUND.reps + FOUND.rir) - slot.carried;
    return Math.max(0, Math.round(100 * load) / 100);
  }

  private movers(slot: SlotPlan): readonly Muscle[] {
    const exercise = this.exerciseOf(slot);
    return exercise === undefined ? [] : primeMovers(exercise);
  }

  private moved({ slots }: SessionPlan): ReadonlySet<Muscle> {
    return new Set(slots.flatMap((slot) => this.movers(slot)));
  }

  private soreness({ muscles }: WeekPlan, muscle: Muscle): Soreness {
    const load = muscles[muscle].measured / (this.truth.landmarks.get(muscle)?.ceiling ?? 1);
    const felt = load + 0.15 * normal(this.random);
    if (felt < 0.35) return 'never sore';
    if (felt < 0.7) return 'early';
    return felt < 1.05 ? 'just in time' : 'still sore';
  }

  /** After-effects of a week: some of the earlier fatigue, that of its sets, and what was gained. */
  private after(plan: WeekPlan, performed: ReadonlyMap<string, Performed>): void {
    const doses = new Map<Muscle, { sets: number; hard: number }>();
    for (const session of plan.sessions) {
      if (!performed.has(session.sessionId)) continue;
      for (const slot of session.slots) {
        const exercise = this.exerciseOf(slot);
        for (const [muscle, share] of Object.entries(exercise?.contributions ?? {}) as [Muscle, number][]) {
          if (share < LEAST_SHARE) continue;
          const dose = doses.get(muscle) ?? { sets: 0, hard: 0 };
          for (const { credit, rir } of slot.sets) {
            dose.sets += credit * share;
            dose.hard += credit * share * Math.max(0, 1 - EASY * rir);
          }
          doses.set(muscle, dose);
        }
      }
    }
    const { gain, wear, lasting } = this.model;
    for (const muscle of MUSCLES) {
      const dose = doses.get(muscle) ?? { sets: 0, hard: 0 };
      const { floor, ceiling } = this.truth.landmarks.get(muscle) ?? NO_RAILS;
      const before = this.truth.worn.get(muscle) ?? 0;
      const rests = plan.kind === 'deload' ? lasting / 2 : lasting;
      this.truth.worn.set(muscle, before * rests + (wear / 100) * (dose.hard / (0.75 * ceiling)) ** STEEP);
      const share = growth(dose.sets, floor) * (1 - Math.exp((-2.5 * dose.sets) / ceiling));
      this.truth.gained.set(muscle, (this.truth.gained.get(muscle) ?? 0) + (gain / 100) * share);
    }
  }
}
