import { once } from 'es-toolkit';
import { MUSCLES, type Muscle } from '../../anatomy/muscle';
import { isInGroup, ROLL_UPS, type RollUp } from '../../anatomy/roll-up';
import { primeMovers } from '../../exercises/exercise';
import type { Finding, Fix } from '../../findings/finding';
import { runChecks } from '../../findings/registry';
import type { WeekPlan } from '../../plan/week';
import { totalCredit } from '../../plan/working-sets';
import { isAtLeast } from '../../rounding';
import { untrainedPlan } from '../../unfold/untrained';
import { muscleGoal } from '../../volume/goal';
import { LANDMARKS } from '../../volume/landmarks';
import { applyEdit } from '../apply-edit';
import { type Block, findSlot } from '../block';
import type { LayOut } from './from-template';
import { onTheirDays } from './on-their-days';

/** What a new block's fixes work on, most important first. Sets are cut before others are added. */
const MENDED: readonly Finding['detail']['rule'][] = [
  'recovery gap',
  'below range',
  'session length',
  'session dose',
  'above budget',
  'above ceiling',
  'below floor',
  'frequency',
  'balance',
];

/** What gives up sets once a muscle is maintained. */
const TRIMMED: readonly Finding['detail']['rule'][] = ['held above hold'];

/** Notes that are mended where nothing else suffers. */
const POLISHED: readonly Finding['detail']['rule'][] = [
  'held above hold',
  'compound share',
  'small after compounds',
  'order',
  'never stretched',
  'heavy late',
];

/** Most fixes tried: each one removes a finding or is not applied. */
const MOST_STEPS = 60;

/** Order in which muscles get their sets: priorities of the athlete, then large muscles, then the rest. */
function muscleRank({ detail }: Finding, block: Block, { athlete }: LayOut): number {
  if (detail.rule !== 'below floor') return 0;
  if (muscleGoal(block, athlete, detail.muscle) === 'priority') return 0;
  return isInGroup('small', detail.muscle) ? 2 : 1;
}

/**
 * Fits a new block to its athlete: sessions on available days and within the available time, and every growing muscle
 * at its minimum as far as time, budget and maximums allow. Muscles that cannot reach it are set to maintain one by
 * one, those that need least first, unless somebody chose their goal; what a maintained muscle gives up goes to the
 * others.
 */
export function fitAthlete(block: Block, layOut: LayOut): Block {
  const tried = new Set<string>();
  let fitted = mended(bestLayout(block, layOut), MENDED, tried, layOut);
  for (;;) {
    const muscle = nextToMaintain(fitted, layOut);
    if (muscle === undefined) break;
    const goals = { ...fitted.block.goals, [muscle]: 'hold' as const };
    const held = withoutSurplus(fittedOf({ ...fitted.block, goals }, layOut), layOut);
    fitted = mended(mended(held, TRIMMED, new Set(), layOut), MENDED, tried, layOut);
  }
  return mended(fitted, POLISHED, tried, layOut).block;
}

/** Rules about days and their neighbours. */
const CALENDAR: readonly Finding['detail']['rule'][] = [
  'recovery gap',
  'straight-arm rest',
  'spine back to back',
  'tired helpers',
  'tired legs',
  'rest days',
  'unavailable day',
];

/** A warning weighs as much as this many notes. */
const NOTES_TO_A_WARNING = 10;

/**
 * The best spaced arrangement on the athlete's days among those with fewest findings about days. If each of them has a
 * warning, as three full-body days on two pairs of neighbouring days, the template's own days are better, though one of
 * them is not the athlete's.
 */
function bestLayout(block: Block, layOut: LayOut): Fitted {
  const [first, ...others] = onTheirDays(block, layOut.athlete);
  const cost = ({ findings }: Fitted) =>
    findings
      .filter(({ detail }) => CALENDAR.includes(detail.rule))
      .reduce((sum, { severity }) => sum + (severity === 'note' ? 1 : NOTES_TO_A_WARNING), 0);
  let best = fittedOf(first, layOut);
  for (const other of [...others, block]) {
    if (cost(best) === 0) break;
    const one = fittedOf(other, layOut);
    if (cost(one) < cost(best)) best = one;
  }
  return best;
}

/** Applies fixes for these rules, in their order, until none is left that mends its finding and spoils nothing. */
function mended(
  start: Fitted,
  rules: readonly Finding['detail']['rule'][],
  tried: Set<string>,
  layOut: LayOut,
): Fitted {
  let fitted = start;
  for (let step = 0; step < MOST_STEPS; step++) {
    const next = nextFix(fitted, rules, tried, layOut);
    if (next === undefined) break;
    tried.add(next.key);
    const applied = applyEdit(fitted.block, next.fix.edit);
    if (!applied.ok) continue;
    const after = fittedOf(applied.value.block, layOut);
    const isGone = after.findings.every(({ id }) => id !== next.id);
    // A fix that causes another problem is not applied. Exceptions: a muscle below its minimum can still be
    // maintained, and session time comes first. A note is no reason for another.
    const spoilsNothing =
      isPersistent(after.findings).length <= isPersistent(fitted.findings).length &&
      (next.severity !== 'note' || after.findings.length < fitted.findings.length);
    if (isGone && (spoilsNothing || next.rule === 'session length')) fitted = after;
  }
  return fitted;
}

/**
 * Without the exercises that only train muscles which are maintained, and stay maintained without them: the last of
 * each session first, at least one stays.
 */
function withoutSurplus(start: Fitted, layOut: LayOut): Fitted {
  let fitted = start;
  const slots = start.block.sessions.flatMap((session) =>
    [...session.slots].reverse().map((slot) => ({ session: session.id, slot: slot.id })),
  );
  for (const { session, slot } of slots) {
    const { block, week } = fitted;
    const placed = findSlot(block, slot);
    const planned = week?.sessions
      .find(({ sessionId }) => sessionId === session)
      ?.slots.find(({ slotId }) => slotId === slot);
    const exercise = placed && layOut.catalogue.find(placed.slot.exercise);
    if (week === undefined || placed === undefined || planned === undefined || exercise === undefined)
      continue;
    if (placed.session.slots.length < 2) continue;
    const sets = (totalCredit(planned.sets) * 7) / block.cycleDays;
    const isSpare = primeMovers(exercise).every((muscle) => {
      const { goal, measured, landmarks } = week.muscles[muscle];
      return goal === 'hold' && isAtLeast(measured - sets, landmarks.hold);
    });
    if (!isSpare) continue;
    const applied = applyEdit(block, { kind: 'slot/remove', slot });
    if (!applied.ok) continue;
    const after = fittedOf(applied.value.block, layOut);
    if (isReported(after.findings).length <= isReported(fitted.findings).length) fitted = after;
  }
  return fitted;
}

function fittedOf(block: Block, layOut: LayOut): Fitted {
  const { athlete, catalogue } = layOut;
  const blockPlan = untrainedPlan({ block, athlete, exercises: catalogue.find });
  const input = { block, athlete, blockPlan, exercises: catalogue.find };
  return {
    block,
    week: blockPlan.weeks[0]?.plan,
    findings: runChecks(input, 'none'),
    // Most blocks tried are not kept, and fixes take longer to compute than findings.
    fixed: once(() => runChecks(input, 'likely')),
  };
}

/** A block being fitted, with its findings. */
interface Fitted {
  readonly block: Block;
  /** Its first week. */
  readonly week: WeekPlan | undefined;
  /** Without their fixes. */
  readonly findings: readonly Finding[];
  /** With their fixes. */
  readonly fixed: () => readonly Finding[];
}

/** Rules whose findings disappear when the muscle is maintained. */
const ENDS_WHEN_HELD: readonly Finding['detail']['rule'][] = ['below floor', 'untrained', 'frequency'];

const isReported = (findings: readonly Finding[]) => findings.filter(({ severity }) => severity !== 'note');

const isPersistent = (findings: readonly Finding[]) =>
  isReported(findings).filter(({ detail }) => !ENDS_WHEN_HELD.includes(detail.rule));

/** A template's sets stay: a range too narrow for them gets a longer rest or a higher top. */
function isForFitting({ detail }: Finding, does: Fix['does']): boolean {
  return detail.rule !== 'below range' || does === 'lengthen rest' || does === 'widen range';
}

function nextFix(
  { block, findings, fixed }: Fitted,
  rules: readonly Finding['detail']['rule'][],
  tried: ReadonlySet<string>,
  layOut: LayOut,
):
  | (Pick<Finding['detail'], 'rule'> &
      Pick<Finding, 'id' | 'severity'> & { readonly key: string; readonly fix: Fix })
  | undefined {
  if (findings.every(({ detail }) => !rules.includes(detail.rule))) return undefined;
  const open = fixed().flatMap((finding) => {
    const at = rules.indexOf(finding.detail.rule);
    return at < 0
      ? []
      : finding.fixes
          .filter(({ does }) => isForFitting(finding, does))
          .map((fix) => ({
            at,
            id: finding.id,
            rule: finding.detail.rule,
            severity: finding.severity,
            rank: muscleRank(finding, block, layOut),
            key: JSON.stringify([finding.id, fix.edit]),
            fix,
          }));
  });
  return open
    .filter(({ key, fix }) => !tried.has(key) && isOnTheirDays(fix, block, layOut))
    .sort((a, b) => a.at - b.at || a.rank - b.rank)[0];
}

/**
 * Whether a fix keeps a week's sessions on the athlete's days: a recovery day is no use on a day nobody can train.
 */
function isOnTheirDays(fix: Fix, { cycleDays }: Block, { athlete }: LayOut): boolean {
  return fix.does !== 'move session' || cycleDays !== 7 || athlete.days.includes(fix.day);
}

/** Muscles that keep without direct work, then other small ones, then the rest. */
function holdRank(muscle: Muscle): number {
  if (LANDMARKS[muscle].hold === 0) return 0;
  return isInGroup('small', muscle) ? 1 : 2;
}

/**
 * The muscle to maintain next: still below its minimum or frequency, with a goal that nobody chose; of those the one
 * that needs least when maintained, then the one furthest below.
 */
function nextToMaintain({ block, findings }: Fitted, { athlete }: LayOut): Muscle | undefined {
  const short = isReported(findings).flatMap(({ detail }): { muscle: Muscle; share: number }[] => {
    if (detail.rule === 'untrained' || (detail.rule === 'frequency' && !detail.high))
      return detail.muscles.map((muscle) => ({ muscle, share: 0 }));
    return detail.rule === 'below floor'
      ? [{ muscle: detail.muscle, share: detail.sets / detail.floor }]
      : [];
  });
  const isFree = (muscle: Muscle) => block.goals[muscle] === undefined && athlete.goals[muscle] === undefined;
  const [first] = short
    .filter(({ muscle }) => isFree(muscle))
    .sort((a, b) => holdRank(a.muscle) - holdRank(b.muscle) || a.share - b.share);
  if (first !== undefined) return first.muscle;
  // What was maintained may leave the other side too heavy.
  const [heavier] = isReported(findings)
    .flatMap(({ detail }) => (detail.rule === 'balance' ? heavierSide(detail) : []))
    .filter(isFree)
    .sort((a, b) => holdRank(a) - holdRank(b));
  return heavier;
}

function heavierSide({ sides: [one, other], sets, against }: Balance): readonly Muscle[] {
  const side = sets > against ? one : other;
  return MUSCLES.filter(
    (muscle) => muscle === side || (side in ROLL_UPS && isInGroup(side as RollUp, muscle)),
  );
}

type Balance = Extract<Finding['detail'], { readonly rule: 'balance' }>;
