import dynamic from 'next/dynamic';
import { placeFor, schemeFigures } from '@/core';
import type { Choice } from '@/ui/picker';
import { PickerSoon } from '@/ui/picker-loading';
import { useMakeExercise } from '@/ui/use-make-exercise';
import { setsAlike } from '@/ui/words/figures';
import { capital, dayName } from '@/ui/words/names';
import * as common from '@/ui/words/screens/common';
import * as screenWords from '@/ui/words/screens/sheet';
import { placeChoices } from './choices';
import { cellText, prescriptionColumn } from './columns/registry';
import { TextEditor } from './editor';
import type { Editing, GridProps } from './grid-props';
import { type Row, weekOf } from './layout';
import { loadTechniques } from './load-techniques';
import { plannedSlots } from './row-view';
import { overrideText } from './week-entry';

const TechniquePicker = dynamic(loadTechniques, { ssr: false });

type CellEditorProps = GridProps & { readonly row: Row; readonly editing: Editing };

/** The editor of a cell: a list, the technique picker, or plain text. */
export function CellEditor(props: CellEditorProps) {
  const { row } = props;
  switch (row.kind) {
    case 'weeks':
      return null;
    case 'session':
      return <SessionEditor {...props} row={row} />;
    case 'slot':
      return <SlotEditor {...props} row={row} />;
  }
}

function Typing({ editing, onCommit, onClose, label, initial }: Said & { readonly initial: string }) {
  const { cell, text } = editing;
  return (
    <TextEditor
      label={label}
      initial={text ?? initial}
      typed={text !== null}
      onCommit={(typed, leave) => onCommit(cell, typed, leave)}
      onCancel={onClose}
    />
  );
}

type Said = CellEditorProps & { readonly label: string };

type PickerParts = typeof import('@/ui/picker-parts');

interface PickingProps {
  readonly choices: (parts: PickerParts) => readonly Choice[];
  readonly onMake?: (name: string) => void;
}

function Picking({ editing, onPick, onClose, label, choices, onMake }: Said & PickingProps) {
  const { cell, text } = editing;
  return (
    <PickerSoon label={label} initial={text ?? ''} onCancel={onClose}>
      {(parts, typed) => (
        <parts.Picker
          label={label}
          choices={choices(parts)}
          {...typed}
          onPick={(value) => onPick(cell, value)}
          onCancel={onClose}
          {...(onMake === undefined ? {} : { onMake })}
        />
      )}
    </PickerSoon>
  );
}

function SessionEditor(props: CellEditorProps & { readonly row: Extract<Row, { kind: 'session' }> }) {
  const { editing, athlete, block } = props;
  const { session } = props.row;
  const { column } = editing.cell;
  if (column === 'slot')
    return <Typing {...props} label={screenWords.nameOfTheSession} initial={session.name} />;
  if (column === 'technique')
    return (
      <Picking {...props} label={common.placeOfTheSession} choices={() => placeChoices(athlete.places)} />
    );
  return (
    <Typing {...props} label={screenWords.dayOfTheSession} initial={dayName(session.day, block.cycleDays)} />
  );
}

function SlotEditor(props: CellEditorProps & { readonly row: Extract<Row, { kind: 'slot' }> }) {
  const { row, editing, block, athlete, catalogue, onTechnique, onClose } = props;
  const { slot, session } = row;
  const make = useMakeExercise();
  const place = placeFor(athlete, session.place);
  const exercise = catalogue.find(slot.exercise);
  const name = capital(exercise?.name ?? '');
  const week = weekOf(editing.cell.column);
  if (week !== null)
    return (
      <Typing {...props} label={screenWords.weekOnly(name, week)} initial={weekText(props, slot.id, week)} />
    );
  const column = prescriptionColumn(editing.cell.column);
  switch (column?.editor) {
    case 'exercises':
      return (
        <Picking
          {...props}
          label={screenWords.exercise(row.at)}
          onMake={make}
          choices={({ exerciseChoices }) => exerciseChoices(catalogue, { athlete, place })}
        />
      );
    case 'techniques':
      return exercise === undefined ? null : (
        <TechniquePicker
          label={screenWords.techniqueOfExercise(row.at)}
          slot={slot}
          exercise={exercise}
          schemeOf={(of) => schemeFigures({ block, athlete, exercises: catalogue.find }, of)}
          search={editing.text ?? ''}
          onTake={(technique, drift, safety) => onTechnique(slot.id, technique, drift, safety)}
          onClose={onClose}
        />
      );
    case 'text': {
      const { typed } = cellText(column.id, slot, { athlete, catalogue, place });
      return <Typing {...props} label={`${name}, ${column.label ?? column.id}`} initial={typed} />;
    }
    case undefined:
      return null;
  }
}

/** A week's override, or its planned figures, as typed. */
function weekText({ row, blockPlan }: CellEditorProps, slotId: string, week: number): string {
  const own = row.kind === 'slot' ? row.slot.weeks.find((one) => one.week === week) : undefined;
  if (own !== undefined) return overrideText(own);
  const asked = plannedSlots(blockPlan).get(`${week}/${slotId}`);
  const [first] = asked?.sets ?? [];
  if (asked === undefined || first === undefined) return '';
  const sets = asked.sets.filter(({ piece, optional }) => piece === 1 && !optional).length;
  return setsAlike(sets, first.reps, first.load, asked);
}
