import { type Edit, ok, type Result, refused, type Session, WEEKDAYS } from '@/core';
import { readNumber } from './read-number';

/** Reads a session's typed name or day. Days are weekdays or numbers from 1. */
export function sessionEntry(column: 'name' | 'day', text: string, session: Session): Result<Edit> {
  if (column === 'name')
    return ok({ kind: 'session/set', session: session.id, field: 'name', value: text.trim() });
  const path = `session/${session.id}/day`;
  const tidy = text.trim().toLowerCase();
  const named = /^([a-z]{2,})(?:\s+([a-d]))?$/.exec(tidy);
  const weekday = WEEKDAYS.findIndex(
    (name) => named !== null && name.toLowerCase().startsWith((named[1] as string).slice(0, 3)),
  );
  if (weekday >= 0) {
    const week = named?.[2] === undefined ? 0 : named[2].charCodeAt(0) - 'a'.charCodeAt(0);
    return ok({ kind: 'session/set', session: session.id, field: 'day', value: 7 * week + weekday });
  }
  const day = readNumber(tidy.replace(/^day\s*/, ''), path);
  if (!day.ok) return refused({ code: 'not-understood', path, text: text.trim(), example: 'Mon' });
  return ok({ kind: 'session/set', session: session.id, field: 'day', value: day.value - 1 });
}
