import type { Check, CheckInput, Finding, Fix } from './finding';

/** A week in which sessions stand on other days. Nothing else of it is planned anew. */
function withDays(input: CheckInput, days: ReadonlyMap<string, number>): CheckInput {
  const sessions = input.week.sessions
    .map((session) => ({ ...session, day: days.get(session.sessionId) ?? session.day }))
    .sort((a, b) => a.day - b.day);
  return { ...input, week: { ...input.week, sessions } };
}

const WEIGHTS = { block: 9, warn: 3, note: 1 } as const;
const weight = (findings: readonly Finding[]) =>
  findings.reduce((sum, { severity }) => sum + WEIGHTS[severity], 0);

/**
 * Edits that mend a finding of the calendar by moving its session to a free day or exchanging it with another: only
 * those after which the finding is gone and the calendar as a whole is better than before.
 * @param calendar the checks that look at days alone
 */
export function calendarFixes(
  finding: Finding,
  sessionId: string,
  input: CheckInput,
  calendar: readonly Check[],
): readonly Fix[] {
  const { sessions } = input.week;
  const moving = sessions.find((session) => session.sessionId === sessionId);
  if (moving === undefined) return [];
  const before = weight(calendar.flatMap((check) => check(input)));
  const better = (days: ReadonlyMap<string, number>) => {
    const after = calendar.flatMap((check) => check(withDays(input, days)));
    return !after.some(({ id }) => id === finding.id) && weight(after) < before ? weight(after) : null;
  };
  const found: { readonly weight: number; readonly fix: Fix }[] = [];
  for (let day = 0; day < input.block.cycleDays; day++) {
    const there = sessions.filter((session) => session.day === day);
    if (day === moving.day || there.length > 1) continue;
    const [other] = there;
    const days = new Map([
      [sessionId, day],
      ...(other === undefined ? [] : [[other.sessionId, moving.day] as const]),
    ]);
    const mended = better(days);
    if (mended === null) continue;
    const set = (session: string, value: number) =>
      ({ kind: 'session/set', session, field: 'day', value }) as const;
    found.push({
      weight: mended,
      fix:
        other === undefined
          ? { does: 'move session', session: moving.name, day, edit: set(sessionId, day) }
          : {
              does: 'swap sessions',
              session: moving.name,
              other: other.name,
              edit: { kind: 'batch', edits: [set(sessionId, day), set(other.sessionId, moving.day)] },
            },
    });
  }
  return found
    .sort((a, b) => a.weight - b.weight)
    .slice(0, 1)
    .map(({ fix }) => fix);
}
