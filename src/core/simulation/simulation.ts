import type { Muscle } from '../anatomy/muscle';
import { conventionsOf } from '../conventions/own-conventions';
import { chosenCurve } from '../effort/curves';
import type { Exercise } from '../exercises/exercise';
import { Memo } from '../memo';
import type { SlotPlan } from '../plan/slot';
import type { UnfoldInput } from '../unfold/input';
import { type PlayedBlock, simulateBlock } from '../unfold/unfold';
import type { AthleteModel } from './model';
import { type Random, randomFrom } from './random';
import { Simulated } from './simulated-athlete';

/** A block to simulate with a model of its athlete. */
export interface SimulationInput extends Pick<UnfoldInput, 'block' | 'athlete' | 'exercises'> {
  readonly model: AthleteModel;
}

/** The result of one simulated run. */
export interface Run {
  /** By week: whether any muscle was below target in a session, and in how many sessions. */
  readonly failed: readonly {
    readonly week: number;
    readonly kind: 'building' | 'deload';
    readonly sessions: number;
    readonly behind: number;
  }[];
  /** The first muscle below target twice in a row, and when; null: none. */
  readonly broke: { readonly muscle: Muscle; readonly week: number } | null;
  /** The week for which an early deload was proposed; null: none. */
  readonly early: number | null;
  /** Loads of first sets in the last building week, by slot. */
  readonly loads: ReadonlyMap<string, number>;
  /** Strength at the end relative to the start, per cent, the median of all slots estimated twice. */
  readonly gain: number;
  /** Seconds of the last building week, at the longer end. */
  readonly seconds: number;
}

/** Many simulated runs of a block. */
export interface Simulation {
  readonly runs: number;
  /** Share of its sessions, over all runs, with a muscle below target, per cent. */
  readonly weeks: readonly {
    readonly week: number;
    readonly kind: 'building' | 'deload';
    readonly sessions: number;
  }[];
  /** Muscles that break down first, most often first; per cent of all runs. */
  readonly breaks: readonly { readonly muscle: Muscle; readonly share: number; readonly week: number }[];
  /** Share of runs without a muscle below target twice in a row, per cent. */
  readonly whole: number;
  /** How often an early deload is proposed, per cent, and the most frequent week. */
  readonly early: { readonly share: number; readonly week: number | null };
  /** First loads of the last building week: the median, and the range of nine runs in ten. */
  readonly loads: readonly {
    readonly slotId: string;
    readonly low: number;
    readonly middle: number;
    readonly high: number;
  }[];
  /** Strength gained, per cent: the median, and the range of nine runs in ten. */
  readonly gain: { readonly low: number; readonly middle: number; readonly high: number };
  /** Seconds of the last building week, at the longer end: the median. */
  readonly seconds: number;
}

/**
 * Runs share what belongs to the block, its weeks or sessions; how a session goes differs each time and is not
 * memoised.
 */
const SHARED_DEPTH = 1;

/** Simulates one block repeatedly. Runs share what does not depend on chance. */
export class BlockSimulation {
  private readonly memo = new Memo(SHARED_DEPTH);
  private readonly exercises = new Map<string, Exercise | undefined>();

  constructor(private readonly input: SimulationInput) {}

  /**
   * Simulates the block this many times.
   * @param seed the same seed gives the same runs anywhere
   */
  run(times: number, seed: number): readonly Run[] {
    const random = randomFrom(seed);
    return Array.from({ length: times }, () => this.once(random));
  }

  private once(random: Random): Run {
    const { block, athlete, exercises, model } = this.input;
    const conventions = conventionsOf({ own: athlete.conventions, block: block.conventions });
    let simulated: Simulated | null = null;
    const played = simulateBlock(
      { block, athlete, exercises },
      this.memo,
      // The coach accepts all proposals except unplanned deloads.
      ({ kind }) => kind !== 'deload',
      (plan) => {
        simulated ??= new Simulated(
          model,
          random,
          chosenCurve(athlete.effort),
          conventions,
          (slot) => this.exerciseOf(slot),
          (muscle) => plan.muscles[muscle].landmarks,
        );
        return simulated.train(plan);
      },
    );
    return simulateRun(played);
  }

  private exerciseOf({ exerciseId, exerciseRevision }: SlotPlan): Exercise | undefined {
    const key = `${exerciseId} ${exerciseRevision}`;
    if (!this.exercises.has(key))
      this.exercises.set(key, this.input.exercises({ id: exerciseId, revision: exerciseRevision }));
    return this.exercises.get(key);
  }
}

function simulateRun({ weeks, observations, calls }: PlayedBlock): Run {
  const firstDeload = weeks.find(({ plan }) => plan.kind === 'deload')?.plan.week ?? Number.POSITIVE_INFINITY;
  const twice = observations.find(({ behindTwice }) => behindTwice);
  const early = calls.find(
    ({ week, proposals }) => week < firstDeload && proposals.some(({ kind }) => kind === 'deload'),
  );
  const building = weeks.filter(({ plan }) => plan.kind === 'building');
  const loads = new Map<string, number>();
  const gains: number[] = [];
  const first = new Map(
    building[0]?.plan.sessions.flatMap(({ slots }) =>
      slots.map((slot) => [slot.slotId, slot.oneRepMax] as const),
    ),
  );
  for (const { slots } of building.at(-1)?.plan.sessions ?? [])
    for (const { slotId, sets, oneRepMax } of slots) {
      const [set] = sets;
      if (set?.load != null) loads.set(slotId, set.load);
      const before = first.get(slotId);
      if (oneRepMax !== null && before != null) gains.push(100 * (oneRepMax / before - 1));
    }
  return {
    failed: weeks.map(({ plan, performed }) => {
      const behind = new Set(
        observations
          .filter(({ week, performance }) => week === plan.week && performance.verdict === 'behind')
          .map(({ sessionId }) => sessionId),
      );
      return { week: plan.week, kind: plan.kind, sessions: performed.size, behind: behind.size };
    }),
    broke: twice === undefined ? null : { muscle: twice.muscle, week: twice.week },
    early: early?.week ?? null,
    loads,
    gain: at(gains, 0.5),
    seconds: (building.at(-1)?.plan.sessions ?? []).reduce((sum, one) => sum + one.seconds.high, 0),
  };
}

/** The value at this fraction of a sorted list; 0 if it is empty. */
function at(values: readonly number[], share: number): number {
  const sorted = [...values].sort((a, b) => a - b);
  return sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))] ?? 0;
}

const medianAndRange = (values: readonly number[]) => ({
  low: at(values, 0.05),
  middle: at(values, 0.5),
  high: at(values, 0.95),
});

/** The combined result of a block's runs. */
export function summariseRuns(runs: readonly Run[]): Simulation {
  const percent = (count: number) => (runs.length === 0 ? 0 : (100 * count) / runs.length);
  const breaks = new Map<Muscle, number[]>();
  for (const { broke } of runs)
    if (broke !== null) breaks.set(broke.muscle, [...(breaks.get(broke.muscle) ?? []), broke.week]);
  const earlies = runs.flatMap(({ early }) => (early === null ? [] : [early]));
  const slots = [...new Set(runs.flatMap(({ loads }) => [...loads.keys()]))];
  return {
    runs: runs.length,
    weeks: (runs[0]?.failed ?? []).map(({ kind }, index) => {
      const of = runs.flatMap(({ failed }) => failed[index] ?? []);
      const trained = of.reduce((sum, { sessions }) => sum + sessions, 0);
      const behind = of.reduce((sum, one) => sum + one.behind, 0);
      return {
        week: index + 1,
        kind,
        sessions: trained === 0 ? 0 : (100 * behind) / trained,
      };
    }),
    breaks: [...breaks]
      .map(([muscle, weeks]) => ({ muscle, share: percent(weeks.length), week: at(weeks, 0.5) }))
      .sort((a, b) => b.share - a.share),
    whole: percent(runs.filter(({ broke }) => broke === null).length),
    early: { share: percent(earlies.length), week: earlies.length === 0 ? null : at(earlies, 0.5) },
    loads: slots.map((slotId) => ({
      slotId,
      ...medianAndRange(runs.flatMap(({ loads }) => loads.get(slotId) ?? [])),
    })),
    gain: medianAndRange(runs.map(({ gain }) => gain)),
    seconds: at(
      runs.map(({ seconds }) => seconds),
      0.5,
    ),
  };
}
