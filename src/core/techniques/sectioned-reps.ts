import { choice, whole, yes } from '../fields';
import { bySets, type Manner, plainPart, type Section, sectionsCost, type Technique } from './technique';

const ORDERS = ['full, long, short', 'full, short, long', 'long, short, full', 'short, long, full'] as const;

const MANNERS: Readonly<Record<string, Manner>> = { full: 'full', long: 'long half', short: 'short half' };
const mannersOf = (order: (typeof ORDERS)[number]) =>
  order.split(', ').map((name) => MANNERS[name] as Manner);

export interface SectionedReps {
  readonly kind: 'sectioned reps';
  readonly sets: number;
  /** Reps of each section. */
  readonly each: number;
  /** Order of full reps and the two kinds of half reps. */
  readonly order: (typeof ORDERS)[number];
  /** Seconds of a few breaths between sections. */
  readonly breaths: number;
  /** A final section of slow full reps. */
  readonly slow: boolean;
}

/**
 * p full reps, p in one half, p in the other in the written order, optionally p slow ones: one set, without a
 * pause or with a few breaths between.
 */
export const sectionedReps: Technique<SectionedReps> = {
  kind: 'sectioned reps',
  fields: {
    sets: whole(1, 6),
    each: whole(3, 12),
    order: choice(ORDERS, ORDERS[0]),
    breaths: whole(0, 20, 0),
    slow: yes(),
  },
  start: { kind: 'sectioned reps', sets: 2, each: 7, order: ORDERS[0], breaths: 0, slow: false },
  parts: ({ sets, each, order, breaths, slow }) => {
    const [lead = 'full', ...others] = mannersOf(order);
    const sections: readonly Section[] = [
      ...others.map((manner) => ({ manner, reps: each })),
      ...(slow ? [{ manner: 'slow', reps: each } as const] : []),
    ];
    // Half reps at the start of a set cost half of what full reps would.
    const opening = each - sectionsCost([{ manner: lead, reps: each }]);
    return [
      plainPart(sets, {
        range: { low: each, high: each },
        manner: lead,
        // Breaths between sections give some reps back, never more than was done.
        leadRir: (rir, back) =>
          rir + Math.max(0, sectionsCost(sections) - opening - back * breaths * sections.length),
        sections: () => sections,
      }),
    ];
  },
  ...bySets(1, 6),
  reach: () => 'short of failure',
  heldBack: (parameters) => parameters,
  progress: 'load rule',
  loggedAs: 'full and partial reps',
  measures: true,
};
