import { MUSCLES, type Muscle } from '../anatomy/muscle';
import type { Finding } from '../findings/finding';
import type { Mark } from '../volume/landmarks';
import type { Ladder, LadderSlot } from './ladder';

/** A planned first set that reads otherwise. */
export interface LoadChange {
  readonly week: number;
  readonly exerciseId: string;
  readonly from: { readonly load: number | null; readonly reps: number };
  readonly to: { readonly load: number | null; readonly reps: number };
  readonly slot: Pick<LadderSlot, 'loading' | 'measure' | 'unit'>;
}

export interface MarkChange {
  readonly muscle: Muscle;
  readonly mark: Mark;
  readonly from: number;
  readonly to: number;
}

/** What differs between two ladders of one block: what can still change, first change first. */
export interface LadderChanges {
  readonly loads: readonly LoadChange[];
  readonly marks: readonly MarkChange[];
  readonly goals: readonly Muscle[];
  readonly budget: { readonly from: number; readonly to: number } | null;
  readonly appearing: readonly Finding[];
  readonly vanishing: readonly Finding[];
}

const EPSILON = 1e-9;
const differ = (a: number, b: number) => Math.abs(a - b) > EPSILON;

interface Outlook {
  readonly ladder: Ladder;
  readonly findings: readonly Finding[];
}

/** Compares what two versions of the inputs make of one block. Issued weeks are as they were handed out and stay out. */
export function compareLadders(before: Outlook, after: Outlook): LadderChanges {
  const loads: LoadChange[] = [];
  const marks: MarkChange[] = [];
  const goals: Muscle[] = [];
  let budget: LadderChanges['budget'] = null;
  for (const [at, rung] of before.ladder.rungs.entries()) {
    const other = after.ladder.rungs[at];
    if (other === undefined || rung.issued !== null) continue;
    const slots = new Map(
      other.plan.sessions.flatMap((session) => session.slots).map((slot) => [slot.slotId, slot]),
    );
    for (const slot of rung.plan.sessions.flatMap((session) => session.slots)) {
      const now = slots.get(slot.slotId);
      const [was] = slot.sets;
      const [is] = now?.sets ?? [];
      if (now === undefined || was === undefined || is === undefined) continue;
      if (was.load === is.load && was.reps === is.reps && slot.unit === now.unit) continue;
      const { loading, measure, unit } = now;
      loads.push({
        week: rung.plan.week,
        exerciseId: slot.exerciseId,
        from: { load: was.load, reps: was.reps },
        to: { load: is.load, reps: is.reps },
        slot: { loading, measure, unit },
      });
    }
    if (budget === null && differ(rung.plan.budget, other.plan.budget))
      budget = { from: rung.plan.budget, to: other.plan.budget };
    for (const muscle of MUSCLES) {
      const [was, is] = [rung.plan.muscles[muscle], other.plan.muscles[muscle]];
      if (was.goal !== is.goal && !goals.includes(muscle)) goals.push(muscle);
      for (const mark of ['hold', 'floor', 'ceiling'] as const) {
        const known = marks.some((one) => one.muscle === muscle && one.mark === mark);
        if (!known && differ(was.landmarks[mark], is.landmarks[mark]))
          marks.push({ muscle, mark, from: was.landmarks[mark], to: is.landmarks[mark] });
      }
    }
  }
  const ids = (findings: readonly Finding[]) => new Set(findings.map(({ id }) => id));
  const [had, has] = [ids(before.findings), ids(after.findings)];
  return {
    loads,
    marks,
    goals,
    budget,
    appearing: after.findings.filter(({ id }) => !had.has(id)),
    vanishing: before.findings.filter(({ id }) => !has.has(id)),
  };
}

/** Whether nothing differs. */
export function isUnchanged({ loads, marks, goals, budget, appearing, vanishing }: LadderChanges): boolean {
  return [loads, marks, goals, appearing, vanishing].every((list) => list.length === 0) && budget === null;
}
