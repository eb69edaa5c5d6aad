'use client';

import { Modal } from '@mantine/core';
import type { KeyList } from './key-list';
import classes from './table.module.css';

interface KeysDialogProps {
  readonly open: boolean;
  readonly of: string;
  readonly keys: KeyList;
  readonly onClose: () => void;
}

/** The list itself, fetched when it is first asked for. */
export default function KeysDialog({ open, of, keys, onClose }: KeysDialogProps) {
  return (
    <Modal opened={open} onClose={onClose} title={`Keys of ${of}`} size="md">
      <table className={classes.table}>
        <tbody>
          {keys.map(([key, does]) => (
            <tr key={key}>
              <th scope="row">
                <kbd className={classes.keys}>{key}</kbd>
              </th>
              <td>{does}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </Modal>
  );
}
