import { MUSCLES } from '../../anatomy/muscle';
import { addDays, daysBetween, weekdayOf } from '../../calendar';
import { callId } from '../../calls/call';
import { sessionsOf } from '../../findings/cycle';
import type { CheckInput } from '../../findings/finding';
import type { WeekState } from '../../plan/week-state';
import { type MissedOption, missedSessionOptions } from '../../schedule/missed-sessions';
import { applyToWeek } from '../../schedule/week-change';
import { checkInputForWeek, dueDay, lastDay, runningWeek, type Watch, type WatchKind } from '../alert-kind';
import type { Cost, WatchOption } from '../watch-call';

/**
 * Sessions of the running week whose day has passed without training: the week rearranged on the remaining days, or
 * closed if there are none. Finished sessions stay.
 */
export const daysLost: WatchKind = {
  kind: 'days lost',
  propose: (watch) => {
    const running = runningWeek(watch);
    if (running === undefined) return [];
    const { plan, performed } = running;
    const missed = plan.sessions.filter(
      ({ sessionId, optional, day }) =>
        !optional && !performed.has(sessionId) && dueDay(plan, day) < watch.today,
    );
    if (missed.length === 0) return [];
    const input = checkInputForWeek(watch, plan);
    if (input === undefined) return [];
    const end = lastDay(plan, watch.block.cycleDays);
    const daysLeft = Math.max(0, daysBetween(watch.today, end) + 1);
    const ids = missed.map(({ sessionId }) => sessionId).sort();
    const subject = `days lost/${plan.week}`;
    return [
      {
        kind: 'days lost',
        id: callId(subject, [...ids, daysLeft > 0]),
        subject,
        week: plan.week,
        evidence: { kind: 'days lost', sessions: missed.map(({ name }) => name), daysLeft },
        options:
          daysLeft === 0
            ? [closing(watch, running, input)]
            : [...arranged(watch, running, input), closing(watch, running, input)],
      },
    ];
  },
};

/** Ways to continue the week. */
function arranged(watch: Watch, running: WeekState, input: CheckInput): readonly WatchOption[] {
  const { plan } = running;
  const options = missedSessionOptions(input, weekSituation(watch, running));
  return options.map((option) => ({
    id: option.kind,
    does: arrangeAction(option, watch, false),
    edit: applyToWeek(watch.block, plan.week, option),
  }));
}

/** The running week's state: finished sessions, past and free days. */
export function weekSituation(
  watch: Pick<Watch, 'block' | 'athlete' | 'today'>,
  { plan, performed }: Pick<WeekState, 'plan' | 'performed'>,
) {
  const { cycleDays } = watch.block;
  const gone = new Set<number>();
  for (const { workout } of performed.values()) gone.add(daysBetween(plan.startDate, workout.date));
  const { days } = watch.athlete;
  for (let day = 0; day < cycleDays; day++) {
    if (cycleDays % 7 === 0 && days.length > 0 && !days.includes(weekdayOf(addDays(plan.startDate, day))))
      gone.add(day);
  }
  return {
    done: new Set(performed.keys()),
    today: daysBetween(plan.startDate, watch.today),
    gone,
  };
}

export function arrangeAction(
  { kind: how, moves, left, into, cost, breaks }: MissedOption,
  { block }: Pick<Watch, 'block'>,
  lasting: boolean,
): WatchOption['does'] {
  const name = (id: string) => block.sessions.find((one) => one.id === id)?.name ?? id;
  return {
    kind: 'arrange',
    how,
    lasting,
    moves: moves.map(({ sessionId, to }) => ({ session: name(sessionId), to })),
    left: left.map(name),
    into: into === null ? null : name(into.sessionId),
    cost: MUSCLES.flatMap((muscle) => {
      const sets = cost.get(muscle) ?? 0;
      return sets === 0 ? [] : [{ muscle, sets }];
    }),
    breaks: breaks.length,
  };
}

/** The week as it is: what is not done by now stays undone. */
function closing(watch: Watch, { plan, performed }: WeekState, input: CheckInput): WatchOption {
  const cost = new Map<string, number>();
  for (const { session, credit } of sessionsOf(input))
    if (!performed.has(session.sessionId))
      for (const [muscle, sets] of credit) cost.set(muscle, (cost.get(muscle) ?? 0) + sets);
  const lost: Cost = MUSCLES.flatMap((muscle) => {
    const sets = cost.get(muscle) ?? 0;
    return sets === 0 ? [] : [{ muscle, sets: (sets * 7) / watch.block.cycleDays }];
  });
  return { id: 'close', does: { kind: 'close week', week: plan.week, cost: lost }, edit: null };
}
