'use client';

import { Modal } from '@mantine/core';
import { type Athlete, type Block, CONVENTION_IDS, conventionOrigin, type Edit, type Result } from '@/core';
import { ConventionsTable } from '@/ui/conventions-table';
import { formClasses as form } from '@/ui/form';
import * as words from '@/ui/words/screens/block-dialogs';

interface ConventionsDialogProps {
  readonly block: Block;
  readonly athlete: Athlete;
  readonly attempt: (edit: Edit) => Result<null>;
  readonly onClose: () => void;
}

/** The block's rules, beside those of the athlete and the coach. */
export default function ConventionsDialog({ block, athlete, attempt, onClose }: ConventionsDialogProps) {
  return (
    <Modal opened onClose={onClose} title={words.rulesAndNumbersOfThis} size="xl">
      {/* biome-ignore lint/a11y/noStaticElementInteractions: keys typed here are not meant for the table behind */}
      <div onKeyDown={(event) => event.key !== 'Escape' && event.stopPropagation()}>
        <p className={form.soft}>{words.defaultsEachWithItsReason}</p>
        <ConventionsTable
          ids={CONVENTION_IDS}
          own={block.conventions}
          otherwise={(id) => conventionOrigin(id, { own: athlete.conventions, block: {} })}
          onOwn={(value) => {
            const changed = attempt({ kind: 'block/set', field: 'conventions', value });
            return changed.ok ? [] : changed.problems;
          }}
        />
      </div>
    </Modal>
  );
}
