import { MUSCLES, type Muscle } from '../anatomy/muscle';
import type { Finding } from '../findings/finding';
import type { BlockPlan } from '../plan/block-plan';
import type { SlotPlan } from '../plan/slot';
import type { WeekPlan } from '../plan/week';
import type { Mark } from '../volume/landmark';

/** A planned first set that has changed. */
export interface LoadChange {
  readonly week: number;
  readonly exerciseId: string;
  readonly from: { readonly load: number | null; readonly reps: number };
  readonly to: { readonly load: number | null; readonly reps: number };
  readonly slot: Pick<SlotPlan, 'loading' | 'measure' | 'unit'>;
}

export interface MarkChange {
  readonly muscle: Muscle;
  readonly mark: Mark;
  readonly from: number;
  readonly to: number;
}

/** Hard sets of a muscle in the first week that can still change. */
export interface VolumeChange {
  readonly muscle: Muscle;
  readonly from: number;
  readonly to: number;
}

/** Seconds of a session in the first week that can still change, at the longer end; 0 if it is not there. */
export interface TimeChange {
  readonly session: string;
  readonly from: number;
  readonly to: number;
}

/** Differences between two plans of a block in weeks that can still change, first change first. */
export interface PlanChanges {
  readonly loads: readonly LoadChange[];
  readonly volume: readonly VolumeChange[];
  readonly times: readonly TimeChange[];
  readonly marks: readonly MarkChange[];
  readonly goals: readonly Muscle[];
  readonly budget: { readonly from: number; readonly to: number } | null;
  readonly appearing: readonly Finding[];
  readonly vanishing: readonly Finding[];
}

const EPSILON = 1e-9;
const differ = (a: number, b: number) => Math.abs(a - b) > EPSILON;

interface Outlook {
  readonly blockPlan: BlockPlan;
  readonly findings: readonly Finding[];
}

function volumeChanges(was: WeekPlan, is: WeekPlan): readonly VolumeChange[] {
  return MUSCLES.flatMap((muscle) => {
    const [from, to] = [was.muscles[muscle].sets, is.muscles[muscle].sets];
    return differ(from, to) ? [{ muscle, from, to }] : [];
  });
}

function timeChanges(was: WeekPlan, is: WeekPlan): readonly TimeChange[] {
  const names = new Map([...was.sessions, ...is.sessions].map(({ sessionId, name }) => [sessionId, name]));
  const seconds = (week: WeekPlan, id: string) =>
    week.sessions.find(({ sessionId }) => sessionId === id)?.seconds.high ?? 0;
  return [...names].flatMap(([id, session]) => {
    const [from, to] = [seconds(was, id), seconds(is, id)];
    return differ(from, to) ? [{ session, from, to }] : [];
  });
}

/** Compares the plans of a block under two versions of its inputs. Sent weeks cannot change and are left out. */
export function comparePlans(before: Outlook, after: Outlook): PlanChanges {
  const loads: LoadChange[] = [];
  const marks: MarkChange[] = [];
  const goals: Muscle[] = [];
  let budget: PlanChanges['budget'] = null;
  for (const [at, weekState] of before.blockPlan.weeks.entries()) {
    const other = after.blockPlan.weeks[at];
    if (other === undefined || weekState.issued !== null) continue;
    const slots = new Map(
      other.plan.sessions.flatMap((session) => session.slots).map((slot) => [slot.slotId, slot]),
    );
    for (const slot of weekState.plan.sessions.flatMap((session) => session.slots)) {
      const now = slots.get(slot.slotId);
      const [was] = slot.sets;
      const [is] = now?.sets ?? [];
      if (now === undefined || was === undefined || is === undefined) continue;
      if (was.load === is.load && was.reps === is.reps && slot.unit === now.unit) continue;
      const { loading, measure, unit } = now;
      loads.push({
        week: weekState.plan.week,
        exerciseId: slot.exerciseId,
        from: { load: was.load, reps: was.reps },
        to: { load: is.load, reps: is.reps },
        slot: { loading, measure, unit },
      });
    }
    if (budget === null && differ(weekState.plan.budget, other.plan.budget))
      budget = { from: weekState.plan.budget, to: other.plan.budget };
    for (const muscle of MUSCLES) {
      const [was, is] = [weekState.plan.muscles[muscle], other.plan.muscles[muscle]];
      if (was.goal !== is.goal && !goals.includes(muscle)) goals.push(muscle);
      for (const mark of ['hold', 'floor', 'ceiling'] as const) {
        const isListed = marks.some((one) => one.muscle === muscle && one.mark === mark);
        if (!isListed && differ(was.landmarks[mark], is.landmarks[mark]))
          marks.push({ muscle, mark, from: was.landmarks[mark], to: is.landmarks[mark] });
      }
    }
  }
  const unissued = before.blockPlan.weeks.findIndex(({ issued }) => issued === null);
  const [was, is] = [before.blockPlan.weeks[unissued]?.plan, after.blockPlan.weeks[unissued]?.plan];
  const both = was !== undefined && is !== undefined;
  const ids = (findings: readonly Finding[]) => new Set(findings.map(({ id }) => id));
  const [had, has] = [ids(before.findings), ids(after.findings)];
  return {
    loads,
    volume: both ? volumeChanges(was, is) : [],
    times: both ? timeChanges(was, is) : [],
    marks,
    goals,
    budget,
    appearing: after.findings.filter(({ id }) => !had.has(id)),
    vanishing: before.findings.filter(({ id }) => !has.has(id)),
  };
}

/** Whether nothing differs. */
export function isUnchanged({ budget, ...lists }: PlanChanges): boolean {
  return Object.values(lists).every((list) => list.length === 0) && budget === null;
}
