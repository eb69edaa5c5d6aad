'use client';

import dynamic from 'next/dynamic';
import type { Athlete, Block, BlockPlan, Catalogue, Edit, LocalDate, Result, Training } from '@/core';
import { namesOf } from '@/ui/words/names';
import type { BlockActions } from '../contract';
import type { DialogName } from './dialog-names';

const BalanceDialog = dynamic(() => import('./balance-dialog'), { ssr: false });
const ConventionsDialog = dynamic(() => import('./conventions-dialog'), { ssr: false });
const TemplateDialog = dynamic(() => import('./template-dialog'), { ssr: false });
const HistoryDialog = dynamic(() => import('./history-dialog'), { ssr: false });
const SimulationDialog = dynamic(() => import('../simulation/simulation-dialog'), { ssr: false });
const SpreadsheetDialog = dynamic(() => import('../spreadsheet/spreadsheet-dialog'), { ssr: false });
const ReplaceDialog = dynamic(() => import('./replace-dialog'), { ssr: false });

interface DialogsProps {
  readonly open: DialogName | null;
  readonly block: Block;
  readonly athlete: Athlete;
  readonly catalogue: Catalogue;
  readonly blockPlan: BlockPlan;
  readonly ownExercises: Training['ownExercises'];
  readonly today: LocalDate;
  /** The exercise at the cursor. */
  readonly exerciseId: string | undefined;
  /** Resolves when all edits are saved. */
  readonly untilSaved: () => Promise<unknown>;
  readonly actions: BlockActions;
  readonly attempt: (edit: Edit) => Result<null>;
  readonly onReplace: (from: string, to: string) => void;
  /** A template was saved under this name. */
  readonly onTemplate: (name: string) => void;
  readonly onClose: () => void;
}

/** Dialogs over any tab of the block; each loads when first opened. */
export function Dialogs(props: DialogsProps) {
  const {
    open,
    block,
    athlete,
    catalogue,
    exerciseId,
    untilSaved,
    actions,
    attempt,
    onReplace,
    onTemplate,
    onClose,
  } = props;
  const common = { block, attempt, onClose };
  switch (open) {
    case 'history':
      return (
        <HistoryDialog {...common} names={namesOf(catalogue)} untilSaved={untilSaved} actions={actions} />
      );
    case 'balance':
      return (
        <BalanceDialog
          {...common}
          names={namesOf(catalogue)}
          untilSaved={untilSaved}
          propose={actions.proposeBalance}
        />
      );
    case 'conventions':
      return <ConventionsDialog {...common} athlete={athlete} />;
    case 'replace':
      return (
        <ReplaceDialog
          block={block}
          athlete={athlete}
          catalogue={catalogue}
          from={exerciseId}
          onReplace={onReplace}
          onClose={onClose}
        />
      );
    case 'spreadsheet':
      return (
        <SpreadsheetDialog {...common} athlete={athlete} catalogue={catalogue} blockPlan={props.blockPlan} />
      );
    case 'simulation':
      return (
        <SimulationDialog
          {...common}
          athlete={athlete}
          blockPlan={props.blockPlan}
          catalogue={catalogue}
          ownExercises={props.ownExercises}
          today={props.today}
        />
      );
    case 'template':
      return (
        <TemplateDialog
          name={block.name}
          untilSaved={untilSaved}
          save={actions.saveTemplate}
          onKept={onTemplate}
          onClose={onClose}
        />
      );
    case null:
      return null;
  }
}
