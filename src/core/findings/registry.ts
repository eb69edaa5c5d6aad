import type { Athlete } from '../athlete/athlete';
import type { Block } from '../block/block';
import { conventionsWith } from '../conventions/conventions';
import { inVariant } from '../exercises/variant';
import type { ExerciseLookup } from '../unfold/unfold';
import { equipmentMissing } from './equipment-missing';
import { exerciseOrder } from './exercise-order';
import { type Check, type CheckInput, type Finding, SEVERITIES } from './finding';
import { frequency } from './frequency';
import { irritatedJoint } from './irritated-joint';
import { recoveryGap } from './recovery-gap';
import { sessionLength } from './session-length';
import { setEfforts } from './set-efforts';
import { staleLoad } from './stale-load';
import { weeklyVolume } from './weekly-volume';

const CHECKS: readonly Check[] = [
  recoveryGap,
  weeklyVolume,
  sessionLength,
  staleLoad,
  setEfforts,
  equipmentMissing,
  irritatedJoint,
  frequency,
  exerciseOrder,
];

/** Runs every check on the first week that can still change; what needs a person first comes first. A block without slots has none. */
export function check(input: {
  readonly block: Block;
  readonly athlete: Athlete;
  readonly ladder: CheckInput['ladder'];
  readonly exercises: ExerciseLookup;
}): readonly Finding[] {
  const { block, athlete, ladder, exercises } = input;
  // Issued weeks can no longer change: what can still be mended is judged.
  const rung =
    ladder.rungs.find(({ issued, plan }) => issued === null && plan.kind === 'building') ??
    ladder.rungs.find(({ plan }) => plan.week === ladder.currentWeek);
  if (rung === undefined || block.sessions.every((session) => session.slots.length === 0)) return [];
  const known = block.sessions
    .flatMap((session) => session.slots)
    .every((slot) => exercises(slot.exercise) !== undefined);
  if (!known) return [];
  const context: CheckInput = {
    block,
    athlete,
    ladder,
    week: rung.plan,
    conventions: conventionsWith(block.conventions),
    exerciseOf: ({ exerciseId, exerciseRevision, variant }) => {
      const exercise = exercises({ id: exerciseId, revision: exerciseRevision });
      if (exercise === undefined) throw new Error(`exercise ${exerciseId} is not known`);
      return inVariant(exercise, variant);
    },
  };
  return CHECKS.flatMap((one) => one(context)).sort(
    (a, b) => SEVERITIES.indexOf(a.severity) - SEVERITIES.indexOf(b.severity),
  );
}
