import type { Block } from './document';

/** A copy of a block's design from a start date, without what belonged to its own weeks. */
export function copyDesign(from: Block, { name, startDate }: Pick<Block, 'name' | 'startDate'>): Block {
  return {
    ...fullDesign(from),
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

/** The design that a block repeats: without shifts of its loads; of a return block the design it eased into. */
export function fullDesign(block: Block): Block {
  return { ...block, ...block.afterReturn, afterReturn: null, loadShifts: [] };
}
