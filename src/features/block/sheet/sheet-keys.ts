import type { KeyList } from '../../../ui/key-list';

const BLOCK_KEYS: KeyList = [
  ['Alt 1, Alt 2, Alt 3', 'Frame, Sheet, Ladder'],
  ['Ctrl Z, Ctrl Y', 'undo, redo; also after a reload'],
  ['G, P, H on a muscle', 'grow, priority, hold'],
  ['A, K on a call', 'accept, keep as it was'],
  ['Alt A', 'accept all calls'],
  ['Alt B', 'fill open slots and rebalance the sets'],
  ['Alt H', 'history: what was changed, and back to any of it'],
  ['Alt C', 'conventions: the numbers behind it, and your own'],
  ['Alt I', 'issue the next week'],
];

export const FRAME_KEYS: KeyList = [
  ['←, →', 'from session to session'],
  ['Alt ←, Alt →', 'move the session a day'],
  ['Space, arrows, Space', 'lift, carry and set down the session'],
  ['Enter on a session', 'open it in the Sheet'],
  ['Delete on a session', 'take it out'],
  ['Alt S', 'add a session'],
  ['↑, ↓ in the matrix', 'from muscle to muscle'],
  ...BLOCK_KEYS,
];

export const SHEET_KEYS: KeyList = [
  ['arrows, Home, End', 'move in the table; with Shift select'],
  ['Enter or F2', 'edit the cell; on a week with a call: accept it'],
  ['a letter or digit', 'type over the cell; a week takes 4×8·60@2 for itself alone'],
  ['Enter, Tab', 'commit and go on; with Shift the other way'],
  ['Esc', 'leave the cell as it was; drop the selection'],
  ['Delete', 'take a slot or session out; clear a week of its own; with a call: keep as it was'],
  ['Ctrl C, Ctrl V', 'copy and paste cells or slots, also with a spreadsheet'],
  ['Ctrl D, Ctrl R', 'fill down, fill across the weeks'],
  ['Alt ↑, Alt ↓', 'move the slot'],
  ['Alt J', 'do the slot in turn with the one above'],
  ['Alt D', 'all of the slot: load rule, range of motion, substitutes, note'],
  ['Alt R', 'replace an exercise everywhere'],
  ['Alt N, Alt S', 'add a slot, add a session'],
  ['Tab', 'to the gauges, the calls and the findings'],
  ...BLOCK_KEYS,
];

export const LADDER_KEYS: KeyList = [
  ['Tab', 'from ladder to ladder, then the weeks, the deloads and the loads'],
  ['Enter', 'on a ladder, a week or a slot: open its cell in the Sheet'],
  ...BLOCK_KEYS,
];
