import type { Proposal } from '../calls/registry';
import type { Finding } from '../findings/finding';
import type { BlockPlan } from '../plan/block-plan';
import type { Reason } from '../plan/reason';
import type { SessionPlan } from '../plan/session';
import type { SetPlan } from '../plan/set';
import type { SlotPlan } from '../plan/slot';
import type { WeekPlan } from '../plan/week';

/** Figures with just enough digits to tell two of them apart. */
function short(_: string, value: unknown): unknown {
  return typeof value === 'number' ? Math.round(value * 1000) / 1000 : value;
}

const facts = (value: unknown) => JSON.stringify(value, short).replaceAll('"', '');

const why = ({ code, ...rest }: Reason) =>
  `${code}${Object.keys(rest).length === 0 ? '' : ` ${facts(rest)}`}`;

function setText(set: SetPlan): string {
  const marks = [
    set.hard ? 'h' : '',
    set.credit === 1 ? '' : `c${facts(set.credit)}`,
    set.optional ? 'opt' : '',
    set.role === 'work' ? '' : set.role,
    set.round === 1 ? '' : `#${set.round}.${set.piece}`,
    set.manner === 'full' ? '' : set.manner,
    set.sections.length === 0 ? '' : facts(set.sections),
  ].filter((mark) => mark !== '');
  const left = set.predictedRir === null ? '' : `(${facts(set.predictedRir)})`;
  return `${set.load ?? '?'}x${set.reps}@${set.rir}${left} r${set.rest} ${marks.join(' ')}`.trim();
}

function slotLines(slot: SlotPlan, withReasons: boolean): readonly string[] {
  const head = `    ${slot.joined ? '+ ' : ''}${slot.exerciseId} ${slot.technique.kind}${slot.gate === null ? '' : ` gate ${slot.gate}`}: `;
  const warmUp = slot.warmUp.length === 0 ? '' : ` | warm-up ${facts(slot.warmUp)}`;
  const lines = [`${head}${slot.sets.map(setText).join(', ')}${warmUp}`];
  if (withReasons)
    lines.push(
      `      1RM ${facts(slot.oneRepMax)}; ${[slot.why.load, slot.why.sets, slot.why.reps, slot.why.rir].map(why).join('; ')}`,
    );
  return lines;
}

function sessionLines(session: SessionPlan, withReasons: boolean): readonly string[] {
  return [
    `  ${session.name}, day ${session.day}, ${session.sets} sets, ${session.seconds.low}-${session.seconds.high} s`,
    ...session.slots.flatMap((slot) => slotLines(slot, withReasons)),
  ];
}

function weekLines(week: WeekPlan, withReasons: boolean): readonly string[] {
  return [
    `week ${week.week} ${week.kind} from ${week.startDate}, ${week.phase}, RIR ${week.rir} (${why(week.whyRir)}), hard ${facts(week.hardSets)} of ${facts(week.budget)}`,
    ...week.sessions.flatMap((session) => sessionLines(session, withReasons)),
    ...Object.values(week.muscles)
      .filter(({ sets, measured }) => sets > 0 || measured > 0)
      .map(
        ({ muscle, goal, sets, measured, frequency, directFrequency, landmarks }) =>
          `  ${muscle} ${goal} ${facts(sets)}/${facts(measured)} of ${facts(Object.values(landmarks))}, ${facts(frequency)} (${facts(directFrequency)}) x`,
      ),
  ];
}

/**
 * A whole block as plain text: every set of every week, the findings with their fixes, and the calls. Every changed
 * figure changes a line.
 * @param reasoned weeks whose reasons are included
 */
export function writtenOut(
  blockPlan: BlockPlan,
  findings: readonly Finding[],
  reasoned: readonly number[],
): string {
  return [
    ...blockPlan.weeks.flatMap(({ plan }) => weekLines(plan, reasoned.includes(plan.week))),
    'findings',
    ...findings.map(
      ({ id, severity, detail, fixes }) => `  ${severity} ${id} ${facts(detail)} -> ${facts(fixes)}`,
    ),
    'calls',
    ...blockPlan.proposals.map((call: Proposal) => `  ${facts(call)}`),
  ].join('\n');
}
