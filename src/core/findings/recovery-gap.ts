import type { Muscle } from '../anatomy/muscle';
import { isIn } from '../anatomy/roll-up';
import { credits } from '../exercises/exercise';
import type { LadderSession } from '../unfold/ladder';
import type { Check, CheckInput, Finding, Fix } from './finding';

const HOURS = 24;

function hardCredit(session: LadderSession, input: CheckInput): ReadonlyMap<Muscle, number> {
  const credit = new Map<Muscle, number>();
  for (const slot of session.slots) {
    const sets = slot.sets.filter((set) => set.hard).length;
    for (const [muscle, share] of credits(input.exerciseOf(slot))) {
      credit.set(muscle, (credit.get(muscle) ?? 0) + sets * share);
    }
  }
  return credit;
}

/** Hours a muscle needs after so many sets. */
function gapNeeded(muscle: Muscle, sets: number, { conventions }: CheckInput): number {
  if (sets <= conventions.trainedHardCredit) return conventions.gapHoursLight;
  return isIn('small', muscle) ? conventions.gapHoursSmall : conventions.gapHours;
}

interface Clash {
  readonly first: LadderSession;
  readonly second: LadderSession;
  readonly hours: number;
  readonly needed: number;
  readonly muscles: readonly Muscle[];
}

function clashes(
  sessions: readonly LadderSession[],
  credits: ReadonlyMap<string, ReadonlyMap<Muscle, number>>,
  input: CheckInput,
): Clash[] {
  const hard = input.conventions.trainedHardCredit;
  return sessions.flatMap((first) =>
    sessions.flatMap((second): Clash[] => {
      if (first === second) return [];
      const days = (second.day - first.day + input.block.cycleDays) % input.block.cycleDays;
      if (days === 0 && sessions.indexOf(second) < sessions.indexOf(first)) return [];
      const hours = days * HOURS;
      const before = credits.get(first.sessionId);
      const after = credits.get(second.sessionId);
      let needed = 0;
      const muscles = [...(before ?? [])].flatMap(([muscle, sets]) => {
        const gap = gapNeeded(muscle, sets, input);
        if (sets < hard || (after?.get(muscle) ?? 0) < hard || hours >= gap) return [];
        needed = Math.max(needed, gap);
        return [muscle];
      });
      return muscles.length === 0 ? [] : [{ first, second, hours, needed, muscles }];
    }),
  );
}

/** A muscle trained hard again before its recovery gap; one finding for a pair of sessions, the cycle wrapping round. */
export const recoveryGap: Check = (input) => {
  const { sessions } = input.week;
  const credits = new Map(sessions.map((session) => [session.sessionId, hardCredit(session, input)]));
  const found = clashes(sessions, credits, input);
  const taken = new Set(sessions.map((session) => session.day));
  return found.map((clash): Finding => {
    const fixes: Fix[] = [];
    for (let day = 0; day < input.block.cycleDays && fixes.length === 0; day++) {
      if (taken.has(day)) continue;
      const moved = sessions.map((session) => (session === clash.second ? { ...session, day } : session));
      const left = clashes(moved, credits, input);
      const mended = !left.some(
        (one) =>
          one.first.sessionId === clash.first.sessionId && one.second.sessionId === clash.second.sessionId,
      );
      if (!mended || left.length >= found.length) continue;
      const session = clash.second.sessionId;
      fixes.push({
        does: 'move session',
        session: clash.second.name,
        day,
        edit: { kind: 'session/set', session, field: 'day', value: day },
      });
    }
    return {
      id: `recovery-gap/${clash.first.sessionId}/${clash.second.sessionId}`,
      severity: 'warn',
      place: { sessionId: clash.second.sessionId },
      detail: {
        rule: 'recovery gap',
        first: clash.first.name,
        second: clash.second.name,
        hours: clash.hours,
        needed: clash.needed,
        muscles: clash.muscles,
      },
      fixes,
    };
  });
};
