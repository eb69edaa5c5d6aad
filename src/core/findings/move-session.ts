import type { SessionPlan } from '../plan/session';
import { type Check, type CheckInput, type Finding, type Fix, SEVERITIES } from './finding';

/** A week with sessions on other days. Nothing else is replanned. */
function withDays(input: CheckInput, days: ReadonlyMap<string, number>): CheckInput {
  // Two sessions on one day are trained in written order.
  const written = input.block.sessions.map(({ id }) => id);
  const sessions = input.week.sessions
    .map((session) => ({ ...session, day: days.get(session.sessionId) ?? session.day }))
    .sort((a, b) => a.day - b.day || written.indexOf(a.sessionId) - written.indexOf(b.sessionId));
  return { ...input, week: { ...input.week, sessions } };
}

const WEIGHTS = { block: 9, warn: 3, note: 1 } as const;
const weight = (findings: readonly Finding[]) =>
  findings.reduce((sum, { severity }) => sum + WEIGHTS[severity], 0);

/** Whether one finding is more severe than another. */
export const isWorse = (one: Finding, other: Finding) =>
  SEVERITIES.indexOf(one.severity) < SEVERITIES.indexOf(other.severity);

/**
 * Calendar findings, each with the edit that fixes it by moving its session to a free day or swapping it with
 * another: the best option that removes the finding, adds none more severe and improves the calendar as a whole.
 * @param calendar the checks that only look at days
 */
export function withCalendarFixes(
  findings: readonly Finding[],
  input: CheckInput,
  calendar: readonly Check[],
): readonly Finding[] {
  const before = weight(findings);
  const earlier = new Set(findings.map(({ id }) => id));
  // Findings of one session try the same days, so each arrangement is judged once.
  const judged = new Map<string, readonly Finding[]>();
  const after = (days: ReadonlyMap<string, number>) => {
    const key = [...days].sort().join();
    const cached = judged.get(key) ?? calendar.flatMap((check) => check(withDays(input, days)));
    judged.set(key, cached);
    return cached;
  };
  return findings.map((finding): Finding => {
    const moving = input.week.sessions.find(({ sessionId }) => sessionId === finding.subject.sessionId);
    if (moving === undefined) return finding;
    let best: { readonly weight: number; readonly fix: Fix } | undefined;
    for (const { days, fix } of placements(moving, input)) {
      const left = after(days);
      const weighs = weight(left);
      if (weighs >= (best?.weight ?? before) || left.some(({ id }) => id === finding.id)) continue;
      if (left.some((one) => !earlier.has(one.id) && isWorse(one, finding))) continue;
      best = { weight: weighs, fix };
    }
    return { ...finding, fixes: best === undefined ? [] : [best.fix] };
  });
}

interface Placement {
  readonly days: ReadonlyMap<string, number>;
  readonly fix: Fix;
}

/** Other days for a session: a free day, or a swap with the only session of another day. */
function placements(moving: SessionPlan, { block, week }: CheckInput): readonly Placement[] {
  const set = (session: string, value: number) =>
    ({ kind: 'session/set', session, field: 'day', value }) as const;
  return Array.from({ length: block.cycleDays }, (_, day) => day).flatMap((day): Placement[] => {
    const there = week.sessions.filter((session) => session.day === day);
    if (day === moving.day || there.length > 1) return [];
    const [other] = there;
    const move = set(moving.sessionId, day);
    if (other === undefined)
      return [
        {
          days: new Map([[moving.sessionId, day]]),
          fix: {
            does: 'move session',
            session: moving.name,
            day,
            cycleDays: block.cycleDays,
            edit: move,
          },
        },
      ];
    return [
      {
        days: new Map([
          [moving.sessionId, day],
          [other.sessionId, moving.day],
        ]),
        fix: {
          does: 'swap sessions',
          session: moving.name,
          other: other.name,
          edit: { kind: 'batch', edits: [move, set(other.sessionId, moving.day)] },
        },
      },
    ];
  });
}
