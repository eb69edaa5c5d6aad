import { Button, UnstyledButton } from '@mantine/core';
import {
  type Day,
  type Instead,
  insteadToday,
  loadsPainfulPart,
  type NoteContent,
  type NoteSummary,
  type SlotPlan,
} from '@/core';
import { CLINICIAN } from '@/ui/words/cautions';
import { listed } from '@/ui/words/figures';
import { capital } from '@/ui/words/names';
import * as screenWords from '@/ui/words/screens/training';
import { screenWord } from '@/ui/words/values';
import { InsteadList } from './alternatives';
import { MOST_OFFERED, toFailureOf } from './change-set';
import classes from './training.module.css';

interface StoppedProps {
  readonly slot: SlotPlan;
  readonly name: string;
  readonly list: readonly Instead[];
  readonly day: Day;
  readonly told: NoteSummary;
  readonly onTake: (exerciseId: string) => void;
  readonly onDone: () => void;
}

/** After an exercise was stopped for pain: the caution, and only exercises that do not load the painful joint. */
export function PainStop({ slot, name, list, day, told, onTake, onDone }: StoppedProps) {
  const pain = told.pains.get(slot.slotId);
  // For pain outside joints, no exercise is known to avoid it.
  const isJoint = pain !== undefined && !['a muscle', 'neck', 'elsewhere'].includes(pain.where);
  const offered = isJoint && pain.grade === 'slight' ? insteadToday(list, told, day, MOST_OFFERED) : [];
  return (
    <>
      <p className={classes.slotName}>{screenWords.isFinishedForToday(capital(name))}</p>
      <p className={classes.caution}>{CLINICIAN}</p>
      <p>
        {screenWords.yourCoachWillSeeThis(
          pain === undefined ? '' : `: ${screenWord(pain.where)}, ${screenWord(pain.grade ?? '')}`,
        )}
      </p>
      {offered.length === 0 ? null : (
        <>
          <h2 className={classes.group}>
            {screenWords.without} {screenWord(pain?.where ?? '')}
            {screenWords.ifYouWantToContinue}
          </h2>
          <InsteadList list={offered} day={day} toFailure={toFailureOf(slot)} onTake={onTake} />
        </>
      )}
      <div className={classes.grow} />
      <UnstyledButton className={classes.go} onClick={onDone}>
        {screenWords.continueWithTheRest}
      </UnstyledButton>
    </>
  );
}

/** A warning at an exercise that loads the painful part: it can be skipped with a tap. */
export function LoadsPainfulPart({
  slot,
  day,
  told,
  onTell,
}: Pick<StoppedProps, 'slot' | 'day' | 'told'> & { readonly onTell: (telling: NoteContent) => void }) {
  const exercise = day.exercises[slot.exerciseId];
  if (exercise === undefined || told.pains.size === 0 || !loadsPainfulPart(exercise, told, day.exercises))
    return null;
  const where = [...new Set([...told.pains.values()].map((pain) => pain.where))];
  return (
    <div className={classes.caution} role="alert">
      {screenWords.thisAlsoLoads(listed(where.map(screenWord)))}{' '}
      <Button variant="link" onClick={() => onTell({ kind: 'skip', slotId: slot.slotId, why: 'hurts' })}>
        {screenWords.skipIt}
      </Button>
    </div>
  );
}
