import { addDays } from '../../calendar';
import { callId } from '../../calls/call';
import { JOINTS, type Joint } from '../../exercises/exercise';
import type { CheckInput, Fix } from '../../findings/finding';
import { jointEases, stressing } from '../../findings/irritated-joint';
import type { Placed } from '../../findings/swap-slots';
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
 * Pain in a joint, clear once or slight repeatedly: the ways to ease the lifts that hurt, then lighter sets for
 * everything that loads the joint. Never training through it.
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
      const found = stressing(where, input);
      // Nothing in the plan loads it any more.
      if (found.length === 0) return [];
      const subject = `joint/${where}`;
      return [
        {
          kind: 'joint' as const,
          id: callId(subject, told.workouts),
          subject,
          week: next.plan.week,
          evidence: { kind: 'joint' as const, where, times: told.times, lifts: [...told.lifts] },
          options: [...easesFor(where, told.lifts, found, input), NOTED],
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

/** Eases of the lifts that hurt, or of all if none of those is planned; last, lighter sets for all. */
function easesFor(
  where: Joint,
  lifts: ReadonlySet<string>,
  found: readonly Placed[],
  input: CheckInput,
): readonly WatchOption[] {
  const painful = found.filter(({ slot }) => lifts.has(slot.exercise.id));
  const all = jointEases(where, found, input).flatMap((fix) => optionOf(fix));
  if (painful.length === 0 || painful.length === found.length) return all;
  const [lighter] = all.filter(({ id }) => id === 'longer sets');
  return [
    ...jointEases(where, painful, input).flatMap((fix) => optionOf(fix)),
    ...(lighter === undefined ? [] : [{ ...lighter, id: 'longer sets for all' }]),
  ];
}

function optionOf(fix: Fix): readonly WatchOption[] {
  if (fix.does !== 'ease joint') return [];
  const changes = fix.changes.map(({ edits: _, ...change }) => change);
  return [{ id: fix.how, does: { kind: 'ease joint', how: fix.how, changes }, edit: fix.edit }];
}
