import { Modal, Table } from '@mantine/core';

const KEYS: readonly (readonly [string, string])[] = [
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
  ['?', 'this list'],
];

/** The keys of this screen. */
export function KeysHelp({ open, onClose }: { readonly open: boolean; readonly onClose: () => void }) {
  return (
    <Modal opened={open} onClose={onClose} title="Keys of the Sheet" size="md">
      <Table
        data={{ body: KEYS.map(([key, does]) => [<kbd key={key}>{key}</kbd>, does]) }}
        verticalSpacing={3}
      />
    </Modal>
  );
}
