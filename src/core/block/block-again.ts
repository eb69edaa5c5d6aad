import type { Block } from './document';

/** A copy of a block's design from a start date, without the overrides of single weeks. */
export function copyDesign(from: Block, { name, startDate }: Pick<Block, 'name' | 'startDate'>): Block {
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
