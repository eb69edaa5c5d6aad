import { MUSCLES, type Muscle } from '../anatomy/muscle';
import { isAtLeast, isAtMost } from '../rounding';
import { fatiguingSets, sessionsOf } from './cycle';
import type { Check, CheckInput, Finding, Severity } from './finding';
import { slotsFor } from './slot-sets';
import { spreadSets } from './spread-sets';

/** Whether a muscle never gets more than a small dose per session. */
function isSmallDoses(muscle: Muscle, input: CheckInput): boolean {
  const most = input.near.ofMuscle(muscle).trainedHardCredit;
  return sessionsOf(input).every(({ credit }) => isAtMost(credit.get(muscle) ?? 0, most));
}

/** Whether a muscle is trained that often only by technical skills. */
function isSkillPractice(muscle: Muscle, input: CheckInput): boolean {
  const sessions = sessionsOf(input).filter((one) => (fatiguingSets(one).get(muscle) ?? 0) > 0).length;
  return isAtMost((sessions * 7) / input.block.cycleDays, input.near.ofMuscle(muscle).highFrequencyNote);
}

/** Muscles with the same low frequency from which a rotation is the cause, and named once. */
const CYCLE_IS_CAUSE = 2;

/**
 * Weekly sessions below which a growing muscle warns: cutting needs frequent training, but never less than growing
 * does.
 */
export function leastFrequency(muscle: Muscle, { week, near }: CheckInput): number {
  const { growingFrequencyNote, growingFrequencyWarn } = near.ofMuscle(muscle);
  return week.phase === 'cutting' ? growingFrequencyNote : growingFrequencyWarn;
}

/**
 * Growing muscles trained too rarely or too often per week. A muscle with direct work has its own finding with ways
 * to add a day; if a rotation trains several equally rarely, it is named once. Others with the same days share one.
 */
export const frequency: Check = (input) => {
  const { week, near } = input;
  const found: Finding[] = [];
  const groups = new Map<string, [Muscle, ...Muscle[]]>();
  const rare = new Map<number, readonly Muscle[]>();
  const isRotation = input.block.cycleDays % 7 !== 0;
  const finding = (key: string, muscles: readonly [Muscle, ...Muscle[]], times: number): Finding => {
    const conventions = near.ofMuscle(muscles[0]);
    const high = times > conventions.highFrequencyNote;
    const severity: Severity =
      !high && !isAtLeast(times, leastFrequency(muscles[0], input)) ? 'warn' : 'note';
    return {
      id: `frequency/${key}`,
      severity,
      subject: { muscle: muscles[0] },
      detail: {
        rule: 'frequency',
        muscles,
        times,
        wanted: high ? conventions.highFrequencyNote : conventions.growingFrequencyNote,
        high,
      },
      fixes: [],
    };
  };
  for (const muscle of MUSCLES) {
    const { goal, frequency: times, measured: sets } = week.muscles[muscle];
    if (goal === 'hold' || sets === 0) continue;
    const { growingFrequencyNote, growingFrequencyWarn, highFrequencyNote } = near.ofMuscle(muscle);
    if (times >= growingFrequencyNote && times <= highFrequencyNote) continue;
    // Doses of one or two sets and technical skills may come on most days.
    if (times > highFrequencyNote && (isSmallDoses(muscle, input) || isSkillPractice(muscle, input)))
      continue;
    const isLow = times < growingFrequencyNote;
    if (!isLow || (!isRotation && slotsFor(muscle, input).length === 0)) {
      // Muscles with the same days and the same requirement share a finding.
      const key = `${times}/${growingFrequencyNote}/${growingFrequencyWarn}/${highFrequencyNote}`;
      const alike = groups.get(key);
      if (alike === undefined) groups.set(key, [muscle]);
      else alike.push(muscle);
    } else rare.set(times, [...(rare.get(times) ?? []), muscle]);
  }
  for (const [times, muscles] of rare) {
    const [first, ...others] = muscles;
    if (first !== undefined && isRotation && muscles.length >= CYCLE_IS_CAUSE)
      found.push(finding(`cycle/${times}`, [first, ...others], times));
    else
      for (const muscle of muscles)
        found.push({ ...finding(`${muscle}/${times}`, [muscle], times), fixes: spreadSets(muscle, input) });
  }
  const shared = [...groups.values()].map((muscles) => {
    const times = week.muscles[muscles[0]].frequency;
    return finding(near.isWhole(muscles[0]) ? `${times}` : `${muscles[0]}/${times}`, muscles, times);
  });
  return [...found, ...shared];
};
