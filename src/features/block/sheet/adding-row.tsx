import { placeFor } from '@/core';
import { PickerSoon } from '@/ui/picker-loading';
import { useMakeExercise } from '@/ui/use-make-exercise';
import * as words from '@/ui/words/screens/sheet';
import classes from '../block.module.css';
import { PRESCRIPTION } from './columns/registry';
import type { GridProps } from './grid-props';

/** A row that asks for a new slot's exercise. */
export function AddingRow({ block, athlete, catalogue, blockPlan, adding, onAdd, onClose }: GridProps) {
  const make = useMakeExercise();
  const session = block.sessions.find(({ id }) => id === adding?.session);
  const place = placeFor(athlete, session?.place ?? null);
  return (
    <tr role="row" className={classes.row}>
      <td role="gridcell" tabIndex={-1} className={`${classes.cell} ${classes.sticky}`}>
        <span className={classes.text}>{'\u00a0'}</span>
        <PickerSoon label={words.exerciseToAdd} initial="" onCancel={onClose}>
          {({ Picker, exerciseChoices }, typed) => (
            <Picker
              label={words.exerciseToAdd}
              choices={exerciseChoices(catalogue, { athlete, place }, true)}
              {...typed}
              onMake={make}
              onPick={onAdd}
              onCancel={onClose}
            />
          )}
        </PickerSoon>
      </td>
      <td
        role="gridcell"
        tabIndex={-1}
        style={{ gridColumn: `2 / ${PRESCRIPTION.length + blockPlan.weeks.length + 1}` }}
      />
    </tr>
  );
}
