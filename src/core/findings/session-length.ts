import { trimToMinutes } from '../timing/trim-to-minutes';
import type { Check, Finding, Fix } from './finding';

/** Sessions that may last longer than the athlete has, with what to cut. */
export const sessionLength: Check = (input) =>
  input.week.sessions.flatMap((session): Finding[] => {
    const limit = input.athlete.minutes;
    if (session.seconds.high <= limit * 60) return [];
    const written = input.block.sessions.find(({ id }) => id === session.sessionId);
    const fit = written === undefined ? undefined : trimToMinutes(written, limit, input);
    const fixes: readonly Fix[] =
      fit === undefined || !fit.fits || fit.edits.length === 0
        ? []
        : [
            {
              does: 'fit session',
              minutes: limit,
              sets: fit.steps.filter(({ kind }) => kind === 'drop set').length,
              rests: new Set(fit.steps.flatMap((step) => (step.kind === 'shorten rest' ? [step.slotId] : [])))
                .size,
              exerciseIds: [...new Set(fit.steps.map(({ exerciseId }) => exerciseId))],
              edit: { kind: 'batch', edits: fit.edits },
            },
          ];
    return [
      {
        id: `session-length/${session.sessionId}`,
        severity: 'warn',
        subject: { sessionId: session.sessionId, week: input.week.week },
        detail: {
          rule: 'session length',
          session: session.name,
          minutes: session.seconds.high / 60,
          limit,
          week: input.week.week,
        },
        fixes,
      },
    ];
  });
