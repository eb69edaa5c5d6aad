'use client';

import { useMemo, useState } from 'react';
import {
  type Athlete,
  type Block,
  type BlockPlan,
  type Catalogue,
  contribution,
  type Edit,
  inVariant,
  type LocalDate,
  type Muscle,
  type Result,
  sessionsInOrder,
  type Training,
} from '@/core';
import type { BlockActions } from '../contract';
import type { Seen } from '../focus';
import { Compare, type Other } from './compare';
import { Deloads } from './deloads';
import classes from './ladder.module.css';
import { Ladders } from './ladders';
import { Loads } from './loads';
import { Totals } from './totals';

interface LadderFaceProps {
  readonly block: Block;
  readonly athlete: Athlete;
  readonly catalogue: Catalogue;
  readonly training: Training;
  readonly today: LocalDate;
  readonly activeRests: readonly LocalDate[];
  readonly blockPlan: BlockPlan;
  readonly actions: BlockActions;
  readonly attempt: (edit: Edit) => Result<null>;
  readonly lookAt: Seen['lookAt'];
  readonly onFocusMuscle: (muscle: Muscle) => void;
  /** Goes to a cell of the Sheet: a slot's week, or a week's head. */
  readonly onCell: (row: string, week: number) => void;
}

/** The block at a glance: totals per week, every muscle's volume, loads, deloads, and a comparison. */
export default function LadderFace(props: LadderFaceProps) {
  const { block, athlete, catalogue, training, today, blockPlan, actions, attempt, lookAt } = props;
  const { onFocusMuscle, onCell } = props;
  const [other, setOther] = useState<Other | null>(null);
  const now = useMemo(() => ({ ...training, block, athlete }), [training, block, athlete]);
  const openMuscle = (muscle: Muscle, week: number) => {
    const slots = sessionsInOrder(block).flatMap((session) => session.slots);
    const share = (id: string) => {
      const slot = slots.find((one) => one.id === id);
      const exercise = slot === undefined ? undefined : catalogue.find(slot.exercise);
      return slot === undefined || exercise === undefined
        ? 0
        : contribution(inVariant(exercise, slot.variant), muscle);
    };
    const [best] = [...slots].sort((a, b) => share(b.id) - share(a.id));
    onCell(best === undefined || share(best.id) === 0 ? 'weeks' : best.id, week);
  };
  return (
    <div className={classes.face}>
      <Compare
        training={now}
        blockPlan={blockPlan}
        catalogue={catalogue}
        actions={actions}
        other={other}
        onOther={setOther}
      />
      <Ladders
        blockPlan={blockPlan}
        other={other?.blockPlan ?? null}
        onFocusMuscle={onFocusMuscle}
        onOpen={openMuscle}
      />
      <Totals
        athlete={athlete}
        block={block}
        blockPlan={blockPlan}
        other={other?.blockPlan ?? null}
        unit={athlete.unit}
        onWeek={(week) => onCell('weeks', week)}
      />
      <Deloads
        blockId={training.blockId}
        block={block}
        athlete={athlete}
        checkIns={training.checkIns}
        today={today}
        activeRests={props.activeRests}
        blockPlan={blockPlan}
        unit={athlete.unit}
        attempt={attempt}
        lookAt={lookAt}
      />
      <Loads block={block} catalogue={catalogue} blockPlan={blockPlan} onOpen={onCell} />
    </div>
  );
}
