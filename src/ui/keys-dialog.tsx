'use client';

import { Modal, Table } from '@mantine/core';
import * as words from '@/ui/words/screens/parts';
import type { KeyList } from './key-list';
import classes from './table.module.css';

interface KeysDialogProps {
  readonly open: boolean;
  readonly of: string;
  readonly keys: KeyList;
  readonly onClose: () => void;
}

/** The list itself, loaded when first opened. */
export default function KeysDialog({ open, of, keys, onClose }: KeysDialogProps) {
  return (
    <Modal opened={open} onClose={onClose} title={words.shortcuts(of)} size="md">
      <Table className={classes.table}>
        <Table.Tbody>
          {keys.map(([key, does]) => (
            <Table.Tr key={key}>
              <Table.Th scope="row">
                <kbd className={classes.keys}>{key}</kbd>
              </Table.Th>
              <Table.Td>{does}</Table.Td>
            </Table.Tr>
          ))}
        </Table.Tbody>
      </Table>
    </Modal>
  );
}
