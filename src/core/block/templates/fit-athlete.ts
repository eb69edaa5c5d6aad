import { isIn } from '../../anatomy/roll-up';
import type { Finding, Fix } from '../../findings/finding';
import { check } from '../../findings/registry';
import { untrained } from '../../unfold/untrained';
import { goalOf } from '../../volume/goal';
import { applyEdit } from '../apply-edit';
import type { Block } from '../block';
import type { LayOut } from './from-template';
import { onTheirDays } from './on-their-days';

/** What is mended of a block as it is laid out, first what stands first. Sets are cut before others are added in the room. */
const MENDED: readonly Finding['detail']['rule'][] = [
  'recovery gap',
  'session length',
  'session dose',
  'above budget',
  'above ceiling',
  'below floor',
  'frequency',
  'balance',
];

/** Most steps of a fit: every one takes one finding away or is not taken. */
const MOST_STEPS = 60;

/** How early a muscle gets its sets: those that come first for this athlete, then large ones, then the rest. */
function rank({ detail }: Finding, block: Block, { athlete }: LayOut): number {
  if (detail.rule !== 'below floor') return 0;
  if (goalOf(block, athlete, detail.muscle) === 'priority') return 0;
  return isIn('small', detail.muscle) ? 2 : 1;
}

/**
 * A block as laid out, made to fit its athlete: sessions on days they have and no longer than they have time for, and
 * every growing muscle at its floor as far as time, budget and ceilings go. Muscles that it cannot bring there are held,
 * and so said, unless somebody chose a goal for them.
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
    // What mends one thing and spoils another is no mend; a muscle short of its floor can still be held,
    // and the clock does not wait.
    const spoilsNothing = lasting(after.findings).length <= lasting(fitted.findings).length;
    if (isGone && (spoilsNothing || next.rule === 'session length')) fitted = after;
  }
  return heldWhereShort(fitted, layOut);
}

/** A block on its way, with what is found in it. */
interface Fitted {
  readonly block: Block;
  readonly findings: readonly Finding[];
}

/** Rules whose findings end when the muscle is held. */
const ENDS_WHEN_HELD: readonly Finding['detail']['rule'][] = ['below floor', 'untrained', 'frequency'];

const loud = (findings: readonly Finding[]) => findings.filter(({ severity }) => severity !== 'note');

const lasting = (findings: readonly Finding[]) =>
  loud(findings).filter(({ detail }) => !ENDS_WHEN_HELD.includes(detail.rule));

function findingsOf(block: Block, { athlete, catalogue }: LayOut): readonly Finding[] {
  const blockPlan = untrained({ block, athlete, exercises: catalogue.find });
  return check({ block, athlete, blockPlan, exercises: catalogue.find });
}

function nextFix(
  { block, findings }: Fitted,
  tried: ReadonlySet<string>,
  layOut: LayOut,
):
  | (Pick<Finding['detail'], 'rule'> & { readonly id: string; readonly key: string; readonly fix: Fix })
  | undefined {
  const open = loud(findings).flatMap((finding) => {
    const at = MENDED.indexOf(finding.detail.rule);
    return at < 0
      ? []
      : finding.fixes.map((fix) => ({
          at,
          id: finding.id,
          rule: finding.detail.rule,
          rank: rank(finding, block, layOut),
          key: JSON.stringify([finding.id, fix.edit]),
          fix,
        }));
  });
  return open
    .filter(({ key, fix }) => !tried.has(key) && isOnTheirDays(fix, block, layOut))
    .sort((a, b) => a.at - b.at || a.rank - b.rank)[0];
}

/** Whether a fix leaves a week's sessions on days the athlete has: what gains a day of rest there is trained by nobody. */
function isOnTheirDays(fix: Fix, { cycleDays }: Block, { athlete }: LayOut): boolean {
  return fix.does !== 'move session' || cycleDays !== 7 || athlete.days.includes(fix.day);
}

/** Muscles still short of their floor or of days, held where nobody chose otherwise: a split that cannot grow them says so. */
function heldWhereShort({ block, findings }: Fitted, { athlete }: LayOut): Block {
  const short = loud(findings).flatMap(({ detail }) =>
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
