import { MUSCLES, type Muscle } from '../anatomy/muscle';
import { isAtLeast } from '../rounding';
import type { Check, Finding, Severity } from './finding';
import { slotsFor } from './slot-sets';
import { spreadSets } from './spread-sets';

/**
 * Growing muscles exposed too seldom or too often a week. A muscle with direct work has a finding of its own, with
 * the ways to a further day; the others that are alike in their days share one.
 */
export const frequency: Check = (input) => {
  const { week, conventions } = input;
  const found: Finding[] = [];
  const groups = new Map<number, Muscle[]>();
  const finding = (key: string, muscles: readonly Muscle[], times: number): Finding => {
    const high = times > conventions.highFrequencyNote;
    // In a cut a muscle is kept by being trained often: never below what growing asks.
    const least =
      week.phase === 'cutting' ? conventions.growingFrequencyNote : conventions.growingFrequencyWarn;
    const severity: Severity = !high && !isAtLeast(times, least) ? 'warn' : 'note';
    return {
      id: `frequency/${key}`,
      severity,
      subject: muscles[0] === undefined ? {} : { muscle: muscles[0] },
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
    if (times >= conventions.growingFrequencyNote && times <= conventions.highFrequencyNote) continue;
    const isLow = times < conventions.growingFrequencyNote;
    if (!isLow || slotsFor(muscle, input).length === 0)
      groups.set(times, [...(groups.get(times) ?? []), muscle]);
    else found.push({ ...finding(`${muscle}/${times}`, [muscle], times), fixes: spreadSets(muscle, input) });
  }
  return [...found, ...[...groups].map(([times, muscles]) => finding(`${times}`, muscles, times))];
};
