import type { KeyList } from '@/ui/keys-help';

export const SHEET_KEYS: KeyList = [
  ['arrows, Home, End', 'move in the table'],
  ['Enter or F2', 'edit the cell; on a week with a call: accept it'],
  ['a letter or digit', 'type over the cell'],
  ['Enter, Tab', 'commit and go on; with Shift the other way'],
  ['Esc', 'leave the cell as it was'],
  ['Delete', 'take a slot or session out; on a week with a call: keep as it was'],
  ['Alt ↑, Alt ↓', 'move the slot'],
  ['Alt N, Alt S', 'add a slot, add a session'],
  ['Ctrl Z, Ctrl Y', 'undo, redo; also after a reload'],
  ['Tab', 'to the gauges, the calls and the findings'],
  ['G, P, H on a gauge', 'grow, priority, hold'],
  ['A, K on a call', 'accept, keep as it was'],
  ['Alt A', 'accept all calls'],
  ['Alt I', 'issue the next week'],
];
