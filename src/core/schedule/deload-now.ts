import type { Block } from '../block/block';
import type { Edit, SingleEdit } from '../block/edits/edit';

/**
 * Makes a week a deload before the planned one: that week and later ones move back by one, with all their overrides.
 */
export function deloadNow(block: Block, week: number): Edit {
  return shiftWeeks(
    block,
    week,
    [...block.earlyDeloads.map((one) => (one >= week ? one + 1 : one)), week],
    1,
  );
}

/** Removes an early deload: later weeks move forward to where they were. */
export function removeEarlyDeload(block: Block, week: number): Edit {
  const others = block.earlyDeloads.filter((one) => one !== week);
  return shiftWeeks(
    block,
    week + 1,
    others.map((one) => (one > week ? one - 1 : one)),
    -1,
  );
}

/** @param from first week that moves */
function shiftWeeks(block: Block, from: number, earlyDeloads: readonly number[], by: number): Edit {
  const move = (week: number) => (week >= from ? week + by : week);
  const moved = <T extends { readonly week: number }>(list: readonly T[]) =>
    list.map((one) => ({ ...one, week: move(one.week) }));
  const edits: SingleEdit[] = [
    { kind: 'block/set', field: 'earlyDeloads', value: [...earlyDeloads].sort((a, b) => a - b) },
  ];
  if (block.loadShifts.some(({ week }) => week >= from))
    edits.push({ kind: 'block/set', field: 'loadShifts', value: moved(block.loadShifts) });
  for (const session of block.sessions) {
    if (session.weeks.some(({ week }) => week >= from))
      edits.push({ kind: 'session/set', session: session.id, field: 'weeks', value: moved(session.weeks) });
    for (const slot of session.slots)
      if (slot.weeks.some(({ week }) => week >= from))
        edits.push({ kind: 'slot/set', slot: slot.id, field: 'weeks', value: moved(slot.weeks) });
  }
  return { kind: 'batch', edits };
}
