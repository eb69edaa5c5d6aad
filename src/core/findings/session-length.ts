import type { Session } from '../block/block';
import { type FitInput, type TrimmedSession, trimToMinutes } from '../timing/trim-to-minutes';
import { type Check, type Finding, type Fix, lazyFixes } from './finding';

/** Sessions that may exceed the athlete's time, with what to cut, permanently or only in this week. */
export const sessionLength: Check = (input) =>
  input.week.sessions.flatMap((session): Finding[] => {
    const limit = input.athlete.minutes;
    if (session.seconds.high <= limit * 60) return [];
    const written = input.block.sessions.find(({ id }) => id === session.sessionId);
    const id = `session-length/${session.sessionId}`;
    // How far it can be cut is one of the finding's facts, so a dismissal depends on it.
    const isAsked = input.mends !== 'none' || input.block.dismissed.some(({ finding }) => finding === id);
    const fit = isAsked && written ? trimToMinutes(written, limit, input, 'floors kept') : undefined;
    return [
      {
        id,
        severity: 'warn',
        subject: { sessionId: session.sessionId, week: input.week.week },
        detail: {
          rule: 'session length',
          session: session.name,
          minutes: session.seconds.high / 60,
          limit,
          week: input.week.week,
          shortest: fit === undefined || fit.fits ? null : fit.after / 60,
        },
        fixes:
          written === undefined || fit === undefined
            ? []
            : lazyFixes(input, () => fixesOf(written, limit, fit, input)),
      },
    ];
  });

function fixesOf(session: Session, minutes: number, fit: TrimmedSession, input: FitInput): readonly Fix[] {
  const whole = fit.fits ? fit : trimToMinutes(session, minutes, input);
  if (!whole.fits || whole.edits.length === 0) return [];
  const forGood: Fix = {
    does: 'fit session',
    minutes,
    changes: whole.changes,
    belowFloor: whole.belowFloor,
    week: null,
    edit: { kind: 'batch', edits: whole.edits },
  };
  const sets = trimToMinutes(session, minutes, input, 'sets alone, floors kept');
  if (!sets.fits || sets.weekEdits === null) return [forGood];
  const once: Fix = {
    does: 'fit session',
    minutes,
    changes: sets.changes,
    belowFloor: [],
    week: input.week.week,
    edit: { kind: 'batch', edits: sets.weekEdits },
  };
  return [forGood, once];
}
