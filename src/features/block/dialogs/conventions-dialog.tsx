'use client';

import { Modal } from '@mantine/core';
import { type Athlete, type Block, CONVENTION_IDS, type Edit, originOf, type Result } from '@/core';
import { ConventionsTable } from '@/ui/conventions-table';
import { formClasses as form } from '@/ui/form';

interface ConventionsDialogProps {
  readonly block: Block;
  readonly athlete: Athlete;
  readonly attempt: (edit: Edit) => Result<null>;
  readonly onClose: () => void;
}

/** The figures of this block, beside those of the athlete and the coach. */
export default function ConventionsDialog({ block, athlete, attempt, onClose }: ConventionsDialogProps) {
  return (
    <Modal opened onClose={onClose} title="Conventions of this block" size="xl">
      {/* biome-ignore lint/a11y/noStaticElementInteractions: keys typed here are not meant for the table behind */}
      <div onKeyDown={(event) => event.key !== 'Escape' && event.stopPropagation()}>
        <p className={form.soft}>
          Starting points, not laws: each with its reason. A figure of your own holds for this block and stays
          with it when it is copied. Figures of an athlete, a muscle or an exercise stand with the athlete,
          those for all athletes with your account; the nearest wins, the block before all.
        </p>
        <ConventionsTable
          ids={CONVENTION_IDS}
          own={block.conventions}
          otherwise={(id) => originOf(id, { own: athlete.conventions, block: {} })}
          onOwn={(value) => {
            const changed = attempt({ kind: 'block/set', field: 'conventions', value });
            return changed.ok ? [] : changed.problems;
          }}
        />
      </div>
    </Modal>
  );
}
