import { isInGroup } from '../../anatomy/roll-up';
import type { Finding, Fix } from '../../findings/finding';
import { runChecks } from '../../findings/registry';
import { untrainedPlan } from '../../unfold/untrained';
import { muscleGoal } from '../../volume/goal';
import { applyEdit } from '../apply-edit';
import type { Block } from '../block';
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
 * at its minimum as far as time, budget and maximums allow. Muscles that cannot reach it are set to maintain and
 * reported, unless somebody chose their goal.
 */
export function fitAthlete(block: Block, layOut: LayOut): Block {
  const laid = onTheirDays(block, layOut.athlete);
  let fitted = { block: laid, findings: findingsOf(laid, layOut) };
  const tried = new Set<string>();
  for (let step = 0; step < MOST_STEPS; step++) {
    const next = nextFix(fitted, tried, layOut);
    if (next === undefined) break;
    tried.add(next.key);
    const applied = applyEdit(fitted.block, next.fix.edit);
    if (!applied.ok) continue;
    const after = { block: applied.value.block, findings: findingsOf(applied.value.block, layOut) };
    const isGone = after.findings.every(({ id }) => id !== next.id);
    // A fix that causes another problem is not applied. Exceptions: a muscle below its minimum can still be
    // maintained, and session time comes first.
    const spoilsNothing = isPersistent(after.findings).length <= isPersistent(fitted.findings).length;
    if (isGone && (spoilsNothing || next.rule === 'session length')) fitted = after;
  }
  return maintainWhereShort(fitted, layOut);
}

/** A block being fitted, with its findings. */
interface Fitted {
  readonly block: Block;
  readonly findings: readonly Finding[];
}

/** Rules whose findings disappear when the muscle is maintained. */
const ENDS_WHEN_HELD: readonly Finding['detail']['rule'][] = ['below floor', 'untrained', 'frequency'];

const isReported = (findings: readonly Finding[]) => findings.filter(({ severity }) => severity !== 'note');

const isPersistent = (findings: readonly Finding[]) =>
  isReported(findings).filter(({ detail }) => !ENDS_WHEN_HELD.includes(detail.rule));

function findingsOf(block: Block, { athlete, catalogue }: LayOut): readonly Finding[] {
  const blockPlan = untrainedPlan({ block, athlete, exercises: catalogue.find });
  return runChecks({ block, athlete, blockPlan, exercises: catalogue.find });
}

/** A template's sets stay: a range too narrow for them gets a longer rest or a higher top. */
function isForFitting({ detail }: Finding, does: Fix['does']): boolean {
  return detail.rule !== 'below range' || does === 'lengthen rest' || does === 'widen range';
}

function nextFix(
  { block, findings }: Fitted,
  tried: ReadonlySet<string>,
  layOut: LayOut,
):
  | (Pick<Finding['detail'], 'rule'> & { readonly id: string; readonly key: string; readonly fix: Fix })
  | undefined {
  const open = isReported(findings).flatMap((finding) => {
    const at = MENDED.indexOf(finding.detail.rule);
    return at < 0
      ? []
      : finding.fixes
          .filter(({ does }) => isForFitting(finding, does))
          .map((fix) => ({
            at,
            id: finding.id,
            rule: finding.detail.rule,
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

/**
 * Sets muscles that are still below their minimum or frequency to maintain, unless somebody chose their goal: a split
 * that cannot grow them says so.
 */
function maintainWhereShort({ block, findings }: Fitted, { athlete }: LayOut): Block {
  const short = isReported(findings).flatMap(({ detail }) =>
    detail.rule === 'untrained' || (detail.rule === 'frequency' && !detail.high)
      ? detail.muscles
      : detail.rule === 'below floor'
        ? [detail.muscle]
        : [],
  );
  const free = short.filter(
    (muscle) => block.goals[muscle] === undefined && athlete.goals[muscle] === undefined,
  );
  return {
    ...block,
    goals: { ...block.goals, ...Object.fromEntries(free.map((muscle) => [muscle, 'hold'])) },
  };
}
