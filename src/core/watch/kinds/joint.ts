import { addDays } from '../../calendar';
import { callId } from '../../calls/call';
import { JOINTS, type Joint } from '../../exercises/exercise';
import type { Fix } from '../../findings/finding';
import { irritatedJoint } from '../../findings/irritated-joint';
import { summariseNotes } from '../../on-the-day/session-note';
import { checkInputForWeek, nextBuilding, type Watch, type WatchKind } from '../alert-kind';
import { NOTED, type WatchOption } from '../watch-call';

/** Slight pain reports in a joint that make an alert; one clear report is enough. */
const SLIGHT_TIMES = 2;

interface PainReport {
  readonly times: number;
  readonly clear: boolean;
  readonly lifts: ReadonlySet<string>;
  readonly workouts: readonly string[];
}

/**
 * Pain in a joint, clear once or slight repeatedly: first longer and lighter sets, then a restricted range, then
 * another exercise. Never training through it.
 */
export const joint: WatchKind = {
  kind: 'joint',
  propose: (watch) => {
    const next = nextBuilding(watch);
    const input = next === undefined ? undefined : checkInputForWeek(watch, next.plan);
    if (next === undefined || input === undefined) return [];
    return JOINTS.flatMap((where) => {
      const told = painReports(where, watch);
      if (!told.clear && told.times < SLIGHT_TIMES) return [];
      const since = addDays(watch.today, -watch.conventions.painWindow);
      const [found] = irritatedJoint({
        ...input,
        athlete: { ...watch.athlete, joints: [{ joint: where, since, note: '' }] },
      });
      // Nothing in the plan loads it any more.
      if (found === undefined) return [];
      const subject = `joint/${where}`;
      return [
        {
          kind: 'joint' as const,
          id: callId(subject, told.workouts),
          subject,
          week: next.plan.week,
          evidence: { kind: 'joint' as const, where, times: told.times, lifts: [...told.lifts] },
          options: [...found.fixes.flatMap(optionOf), NOTED],
        },
      ];
    });
  },
};

function painReports(where: Joint, { log, today, conventions }: Watch): PainReport {
  const from = addDays(today, -conventions.painWindow);
  const lifts = new Set<string>();
  const workouts: string[] = [];
  let clear = false;
  for (const { id, date, notes } of log.workouts) {
    if (date < from) continue;
    const pains = [...summariseNotes(notes).pains.values()].filter((pain) => pain.where === where);
    if (pains.length === 0) continue;
    workouts.push(id);
    for (const { exerciseId, grade } of pains) {
      lifts.add(exerciseId);
      if (grade !== 'slight') clear = true;
    }
  }
  return { times: workouts.length, clear, lifts, workouts };
}

function optionOf(fix: Fix): readonly WatchOption[] {
  if (fix.does === 'ease joint')
    return [{ id: fix.how, does: { kind: 'ease joint', how: fix.how, to: [] }, edit: fix.edit }];
  if (fix.does !== 'swap') return [];
  const to = fix.swaps.map((swap) => swap.to);
  return [
    { id: `swap ${to.join(' ')}`, does: { kind: 'ease joint', how: 'another exercise', to }, edit: fix.edit },
  ];
}
