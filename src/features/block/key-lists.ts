import { type Face, keysOn } from '@/client/commands';
import type { KeyList } from '@/ui/key-list';

/** Keys that move about or act on what is in focus; those of commands stand with the commands. */
const MOVES: Readonly<Record<Face, KeyList>> = {
  Frame: [
    ['←, →', 'from session to session'],
    ['Alt ←, Alt →', 'move the session a day'],
    ['Alt Shift ←, Alt Shift →', 'exchange days with the session before or after; or drop it on that card'],
    ['Space, arrows, Space', 'lift, carry and set down the session'],
    ['Enter on a session', 'open it in the Sheet'],
    ['Delete on a session', 'take it out'],
    ['↑, ↓ in the matrix', 'from muscle to muscle'],
  ],
  Sheet: [
    ['arrows, Home, End', 'move in the table; with Shift select'],
    [
      'Enter or F2',
      'edit the cell; on a week with a call: accept it; on a trained session: open it as it was done',
    ],
    ['a letter or digit', 'type over the cell; a week takes 4×8·60@2 for itself alone'],
    ['Enter, Tab', 'commit and go on; with Shift the other way'],
    ['Esc', 'leave the cell as it was; drop the selection'],
    ['Delete', 'take a slot or session out; clear a week of its own; with a call: keep as it was'],
    ['Ctrl C, Ctrl X, Ctrl V', 'copy, cut and paste cells or slots, also with a spreadsheet'],
    ['Ctrl D, Ctrl R', 'fill down, fill across the weeks'],
    ['Alt ↑, Alt ↓', 'move the slot; at its session’s end into the next'],
    ['Alt J', 'do the slot in turn with the one above'],
    ['Tab', 'to the gauges, the calls and the findings'],
  ],
  Ladder: [
    ['Tab', 'from ladder to ladder, then the weeks, the deloads and the loads'],
    ['Enter', 'on a ladder, a week or a slot: open its cell in the Sheet'],
  ],
  Review: [['Tab', 'from lesson to lesson: take it over, or not so']],
};

const RAIL: KeyList = [
  ['G, P, H on a muscle', 'grow, priority, hold'],
  ['A, K on a call', 'accept, keep as it was'],
];

/** All keys of a face, for its list of keys. */
export function keyList(face: Face): KeyList {
  return [...MOVES[face], ...RAIL, ...keysOn(face)];
}
