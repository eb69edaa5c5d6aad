import type { Athlete } from '../athlete/athlete';
import type { Block } from '../block/block';
import { NearConventions } from '../conventions/own-conventions';
import type { ExerciseLookup } from '../exercises/lookup';
import { inVariant } from '../exercises/variant';
import { factsHash } from '../hash';
import { balance } from './balance';
import { belowRange } from './below-range';
import { blockEffort } from './block-effort';
import { buildingWeeks } from './building-weeks';
import { compoundShare } from './compound-share';
import { crossingLift } from './crossing-lift';
import { equipmentEnd } from './equipment-end';
import { equipmentMissing } from './equipment-missing';
import { exerciseOrder } from './exercise-order';
import { fatiguedAssistants } from './fatigued-assistants';
import { type Check, type CheckInput, type Finding, type Fix, type Mends, SEVERITIES } from './finding';
import type { FindingDetail } from './finding-detail';
import { frequency } from './frequency';
import { gate } from './gate';
import { halfRepSlots } from './half-rep-slots';
import { heavyFallsInCut } from './heavy-falls-in-cut';
import { heavyLate } from './heavy-late';
import { irritatedJoint } from './irritated-joint';
import { lateGaining } from './late-gaining';
import { legsBeforeUpper } from './legs-before-upper';
import { longHalf } from './long-half';
import { heldAboveHold } from './maintained-too-much';
import { manyDays } from './many-days';
import { manySets } from './many-sets';
import { middleRange } from './middle-range';
import { isWorse, withCalendarFixes } from './move-session';
import { makesTooInfrequent, withSlotIn } from './move-slot';
import { neverStretched } from './never-stretched';
import { nextVariation } from './next-variation';
import { noviceRest } from './novice-rest';
import { priorityLate } from './priority-late';
import { recoveryGap } from './recovery-gap';
import { restDays } from './rest-days';
import { sessionDose } from './session-dose';
import { sessionLength } from './session-length';
import { setEfforts } from './set-efforts';
import { skillFrequency } from './skill-frequency';
import { smallAfterCompounds } from './small-after-compounds';
import { specialisingInCut } from './specialising-in-cut';
import { spineBackToBack } from './spine-back-to-back';
import { splitFit } from './split-fit';
import { withSlotToo } from './spread-sets';
import { staleLoad } from './stale-load';
import { straightArmRest } from './straight-arm-rest';
import { tooFewSessions } from './too-few-sessions';
import { unavailableDay } from './unavailable-day';
import { unevenDays } from './uneven-days';
import { unfilledSlot } from './unfilled-slot';
import { weeklyVolume } from './weekly-volume';

/** Checks that only look at days: moving a session may fix their findings. */
const CALENDAR: readonly Check[] = [
  recoveryGap,
  spineBackToBack,
  fatiguedAssistants,
  legsBeforeUpper,
  straightArmRest,
  restDays,
  unavailableDay,
];

const OTHERS: readonly Check[] = [
  gate,
  unfilledSlot,
  nextVariation,
  longHalf,
  weeklyVolume,
  sessionLength,
  staleLoad,
  setEfforts,
  belowRange,
  equipmentMissing,
  equipmentEnd,
  irritatedJoint,
  frequency,
  skillFrequency,
  sessionDose,
  balance,
  exerciseOrder,
  smallAfterCompounds,
  priorityLate,
  compoundShare,
  unevenDays,
  tooFewSessions,
  buildingWeeks,
  blockEffort,
  heldAboveHold,
  specialisingInCut,
  halfRepSlots,
  middleRange,
  neverStretched,
  crossingLift,
  heavyLate,
  lateGaining,
  heavyFallsInCut,
  manySets,
  manyDays,
  noviceRest,
  splitFit,
];

export interface CheckedBlock {
  readonly block: Block;
  readonly athlete: Athlete;
  readonly blockPlan: CheckInput['blockPlan'];
  readonly exercises: ExerciseLookup;
}

/** Calendar findings, without fixes. */
export function calendarFindings(input: CheckInput): readonly Finding[] {
  return CALENDAR.flatMap((one) => one(input));
}

/** A hash of a finding's facts: a dismissed finding stays hidden until it changes. */
export function findingFacts({ detail }: Finding): string {
  return factsHash([JSON.stringify(detail)]);
}

/**
 * Runs every check on the first week that can still change; most important first, without dismissed findings.
 */
export function runChecks(input: CheckedBlock, mends: Mends = 'sure'): readonly Finding[] {
  const aside = new Set(input.block.dismissed.map(({ finding, facts }) => `${finding} ${facts}`));
  const all = runAllChecks(input, mends);
  return aside.size === 0
    ? all
    : all.filter((finding) => !aside.has(`${finding.id} ${findingFacts(finding)}`));
}

/** What a block after time off is on purpose: too few sets, too rarely near failure, too light. */
const EASY: ReadonlySet<FindingDetail['rule']> = new Set([
  'below floor',
  'untrained',
  'frequency',
  'too easy to count',
  'stale load',
  'never hard',
]);

function isMeantSo({ detail }: Finding, { afterReturn }: Block): boolean {
  return afterReturn !== null && EASY.has(detail.rule);
}

/** The same including dismissed findings. A block without slots has none. */
export function runAllChecks(input: CheckedBlock, mends: Mends = 'sure'): readonly Finding[] {
  const context = checkInput(input, mends);
  if (context === undefined) return [];
  const days = calendarFindings(context);
  const others = OTHERS.flatMap((one) => one(context)).filter((one) => !isMeantSo(one, input.block));
  const calendar = mends !== 'none' ? withCalendarFixes(days, context, CALENDAR) : days;
  const found =
    mends !== 'none'
      ? [...calendar, ...others.map((one) => withoutWorseCalendar(one, calendar, context))]
      : [...calendar, ...others].map((one) => ({ ...one, fixes: [] }));
  return found.sort((a, b) => SEVERITIES.indexOf(a.severity) - SEVERITIES.indexOf(b.severity));
}

/** A finding with those of its fixes that do not make the calendar worse. */
function withoutWorseCalendar(finding: Finding, calendar: readonly Finding[], context: CheckInput): Finding {
  return { ...finding, fixes: finding.fixes.filter((fix) => keepsCalendar(fix, finding, calendar, context)) };
}

/**
 * Whether moving a slot to another session, or adding it there, raises no calendar finding more severe than the one
 * it fixes; a growing muscle trained too rarely as a result is one.
 */
function keepsCalendar(
  fix: Fix,
  finding: Finding,
  calendar: readonly Finding[],
  context: CheckInput,
): boolean {
  const after =
    fix.edit.kind === 'slot/move'
      ? withSlotIn(context, fix.edit.slot, fix.edit.session)
      : fix.does === 'spread sets'
        ? withSlotToo(context, fix.slot, fix.target, fix.sets)
        : null;
  if (after === null) return true;
  if (fix.edit.kind === 'slot/move' && finding.severity === 'note' && makesTooInfrequent(context, after))
    return false;
  const known = new Set(calendar.map(({ id }) => id));
  // A further day must not cost as much as the missing one.
  const costs = (one: Finding) => isWorse(one, finding) || fix.does === 'spread sets';
  return !calendarFindings(after).some((one) => !known.has(one.id) && costs(one) && one.severity !== 'note');
}

/** The input of checks: the first week that can still change. Undefined if there is nothing to judge yet. */
export function checkInput(
  { block, athlete, blockPlan, exercises }: CheckedBlock,
  mends: Mends = 'sure',
): CheckInput | undefined {
  // Sent weeks can no longer change, so only later ones are judged.
  const weekState =
    blockPlan.weeks.find(({ issued, plan }) => issued === null && plan.kind === 'building') ??
    blockPlan.weeks.find(({ plan }) => plan.week === blockPlan.currentWeek);
  if (weekState === undefined || block.sessions.every((session) => session.slots.length === 0))
    return undefined;
  const isComplete = block.sessions
    .flatMap((session) => session.slots)
    .every((slot) => exercises(slot.exercise) !== undefined);
  if (!isComplete) return undefined;
  const near = new NearConventions(athlete.conventions, block.conventions);
  return {
    block,
    athlete,
    blockPlan,
    week: weekState.plan,
    conventions: near.whole,
    near,
    mends,
    exerciseOf: ({ exerciseId, exerciseRevision, variant }) => {
      const exercise = exercises({ id: exerciseId, revision: exerciseRevision });
      if (exercise === undefined) throw new Error(`exercise ${exerciseId} is not known`);
      return inVariant(exercise, variant);
    },
  };
}
