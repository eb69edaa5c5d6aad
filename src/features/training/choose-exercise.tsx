import { Button } from '@mantine/core';
import {
  type Day,
  type Instead,
  insteadToday,
  isUnfilled,
  type NoteContent,
  type NoteSummary,
  type SlotPlan,
} from '@/core';
import { capital } from '@/ui/words/names';
import * as screenWords from '@/ui/words/screens/training';
import { InsteadList } from './alternatives';
import { toFailureOf } from './change-set';
import classes from './training.module.css';

interface ChooseExerciseProps {
  readonly slot: SlotPlan;
  readonly name: string;
  readonly list: readonly Instead[];
  readonly day: Day;
  readonly told: NoteSummary;
  readonly onTell: (telling: NoteContent) => void;
}

/** A slot that needs an exercise first: it was left open, or the place lacks the planned one's equipment. */
export function ChooseExercise({ slot, name, list, day, told, onTell }: ChooseExerciseProps) {
  const { slotId } = slot;
  const isLeftOpen = isUnfilled({ id: slot.exerciseId });
  return (
    <>
      <p className={classes.slotName}>{capital(name)}</p>
      <p>{isLeftOpen ? screenWords.whatIsFree : screenWords.hasNoEquipmentForIt(capital(day.place.name))}</p>
      <InsteadList
        list={insteadToday(list, told, day)}
        day={day}
        toFailure={toFailureOf(slot)}
        onTake={(exerciseId) =>
          onTell({ kind: 'swap', slotId, exerciseId, why: isLeftOpen ? 'left open' : 'not here' })
        }
      />
      <p>
        <Button variant="link" onClick={() => onTell({ kind: 'skip', slotId, why: 'not here' })}>
          {screenWords.skipIt}
        </Button>
      </p>
    </>
  );
}
