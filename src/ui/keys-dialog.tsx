'use client';

import { Modal, Table } from '@mantine/core';
import type { KeyList } from './keys-help';

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
      <Table
        data={{ body: keys.map(([key, does]) => [<kbd key={key}>{key}</kbd>, does]) }}
        verticalSpacing={3}
      />
    </Modal>
  );
}
