import { Button, UnstyledButton } from '@mantine/core';
import {
  type Day,
  type Instead,
  insteadToday,
  loadsWhatHurts,
  type SlotPlan,
  type Telling,
  type Told,
} from '@/core';
import { CLINICIAN } from '@/ui/words/cautions';
import { listed } from '@/ui/words/figures';
import { capital } from '@/ui/words/names';
import { MOST_OFFERED, toFailureOf } from './different';
import classes from './floor.module.css';
import { InsteadList } from './instead-list';

interface StoppedProps {
  readonly slot: SlotPlan;
  readonly name: string;
  readonly list: readonly Instead[];
  readonly day: Day;
  readonly told: Told;
  readonly onTake: (exerciseId: string) => void;
  readonly onDone: () => void;
}

/** After a lift was stopped for pain: the caution, and only what leaves the painful joint alone. */
export function Stopped({ slot, name, list, day, told, onTake, onDone }: StoppedProps) {
  const pain = told.pains.get(slot.slotId);
  // What is felt elsewhere than in a joint says nothing of which exercise would spare it.
  const isJoint = pain !== undefined && !['a muscle', 'neck', 'elsewhere'].includes(pain.where);
  const offered = isJoint && pain.grade === 'slight' ? insteadToday(list, told, day, MOST_OFFERED) : [];
  return (
    <>
      <p className={classes.slotName}>{capital(name)} has ended for today.</p>
      <p className={classes.caution}>{CLINICIAN}</p>
      <p>Your coach is told{pain === undefined ? '' : `: ${pain.where}, ${pain.grade}`}.</p>
      {offered.length === 0 ? null : (
        <>
          <h2 className={classes.group}>Without the {pain?.where}, if you want to go on</h2>
          <InsteadList list={offered} day={day} toFailure={toFailureOf(slot)} onTake={onTake} />
        </>
      )}
      <div className={classes.grow} />
      <UnstyledButton className={classes.go} onClick={onDone}>
        Go on with the rest
      </UnstyledButton>
    </>
  );
}

/** Said at an exercise that loads what hurts: it can be left out with a tap. */
export function Loads({
  slot,
  day,
  told,
  onTell,
}: Pick<StoppedProps, 'slot' | 'day' | 'told'> & { readonly onTell: (telling: Telling) => void }) {
  const exercise = day.exercises[slot.exerciseId];
  if (exercise === undefined || told.pains.size === 0 || !loadsWhatHurts(exercise, told, day.exercises))
    return null;
  const where = [...new Set([...told.pains.values()].map((pain) => pain.where))];
  return (
    <div className={classes.caution} role="alert">
      This too loads what hurts ({listed(where)}).{' '}
      <Button variant="link" onClick={() => onTell({ kind: 'skip', slotId: slot.slotId, why: 'hurts' })}>
        Leave it out
      </Button>
    </div>
  );
}
