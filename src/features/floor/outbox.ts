import type { LogOutcome, Outgoing, Unanswered } from '@/core';

/** What waits on this phone to be confirmed, and how that goes. */
export interface Outbox {
  readonly waiting: Outgoing;
  readonly status: 'clear' | 'sending' | 'offline' | 'refused';
  /** Why it was refused, when it was. */
  readonly refusal: (LogOutcome | Unanswered)['status'] | null;
}

export function nothing(localDate: string): Outgoing {
  return { localDate, sets: [], finish: false, soreness: [], ramps: [] };
}

export function isNothing(outgoing: Outgoing): boolean {
  const { sets, finish, soreness, ramps } = outgoing;
  return sets.length === 0 && !finish && soreness.length === 0 && ramps.length === 0;
}

/** What still waits after `sent` was confirmed: anything added meanwhile. */
export function without(waiting: Outgoing, sent: Outgoing): Outgoing {
  const ids = new Set([...sent.sets, ...sent.soreness, ...sent.ramps].map(({ id }) => id));
  return {
    localDate: waiting.localDate,
    sets: waiting.sets.filter(({ id }) => !ids.has(id)),
    soreness: waiting.soreness.filter(({ id }) => !ids.has(id)),
    ramps: waiting.ramps.filter(({ id }) => !ids.has(id)),
    finish: waiting.finish && !sent.finish,
  };
}

/** The outbox after the server answered, or did not (undefined). Nothing leaves it unless it was kept. */
export function afterSend(
  outbox: Outbox,
  sent: Outgoing,
  answer: LogOutcome | Unanswered | undefined,
): Outbox {
  if (answer === undefined || answer.status === 'unavailable')
    return { ...outbox, status: 'offline', refusal: null };
  if (answer.status !== 'kept') return { ...outbox, status: 'refused', refusal: answer.status };
  const waiting = without(outbox.waiting, sent);
  return { waiting, status: isNothing(waiting) ? 'clear' : 'sending', refusal: null };
}

const key = (workoutId: string) => `ladder/floor/${workoutId}`;

export function storeOutgoing(workoutId: string, outgoing: Outgoing): void {
  try {
    if (isNothing(outgoing)) localStorage.removeItem(key(workoutId));
    else localStorage.setItem(key(workoutId), JSON.stringify(outgoing));
  } catch {
    // Storage is full or forbidden: the sets still wait in this page.
  }
}

export function storedOutgoing(workoutId: string): Outgoing | undefined {
  try {
    const text = localStorage.getItem(key(workoutId));
    // What an older version of this page left behind may lack a list.
    return text === null ? undefined : { ...nothing(''), ...(JSON.parse(text) as Outgoing) };
  } catch {
    return undefined;
  }
}
