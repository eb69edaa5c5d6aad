import { MUSCLES, type Muscle } from '../anatomy/muscle';
import type { Check, Finding, Severity } from './finding';

/** Growing muscles exposed too seldom or too often a week; muscles alike in this share one finding. */
export const frequency: Check = ({ week, conventions }) => {
  const groups = new Map<number, Muscle[]>();
  for (const muscle of MUSCLES) {
    const { goal, frequency: times, measured: sets } = week.muscles[muscle];
    if (goal === 'hold' || sets === 0) continue;
    if (times >= conventions.growingFrequencyNote && times <= conventions.highFrequencyNote) continue;
    groups.set(times, [...(groups.get(times) ?? []), muscle]);
  }
  return [...groups].map(([times, muscles]): Finding => {
    const high = times > conventions.highFrequencyNote;
    const severity: Severity = !high && times < conventions.growingFrequencyWarn ? 'warn' : 'note';
    return {
      id: `frequency/${times}`,
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
  });
};
