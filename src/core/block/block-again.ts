import type { Block } from './document';

/** A block's design once more, from a day on: what single weeks had of their own stays behind. */
export function blockAgain(from: Block, { name, startDate }: Pick<Block, 'name' | 'startDate'>): Block {
  return {
    ...from,
    name,
    startDate,
    earlyDeloads: [],
    pauses: [],
    sessions: from.sessions.map((session) => ({
      ...session,
      weeks: [],
      slots: session.slots.map((slot) => ({ ...slot, weeks: [] })),
    })),
  };
}
