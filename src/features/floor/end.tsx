import { UnstyledButton } from '@mantine/core';
import type { Reported } from '@/client/floor-session';
import { inVariant, primeMovers } from '@/core';
import type { FloorSession } from './contract';
import classes from './floor.module.css';
import { SorenessForm } from './soreness-form';

interface EndProps {
  readonly data: FloorSession;
  readonly unlogged: number;
  readonly finished: boolean;
  readonly reported: Reported;
  readonly onFinish: () => void;
  readonly onReport: (answers: Reported) => void;
}

/** After the last set: finishing, then soreness. */
export function End({ data, unlogged, finished, reported, onFinish, onReport }: EndProps) {
  const muscles = [
    ...new Set(
      data.session.slots.flatMap((slot) => {
        const exercise = data.exercises[slot.exerciseId];
        return exercise === undefined ? [] : primeMovers(inVariant(exercise, slot.variant));
      }),
    ),
  ];
  if (finished) return <SorenessForm muscles={muscles} reported={reported} onReport={onReport} />;
  return (
    <div>
      <p className={classes.slotName}>
        {unlogged === 0 ? 'All sets are logged.' : `${unlogged} sets are not logged.`}
      </p>
      <p className={classes.soft}>
        Finishing tells your coach that the session is over. Sets can still be corrected.
      </p>
      <UnstyledButton className={classes.go} onClick={onFinish}>
        Finish the session
      </UnstyledButton>
    </div>
  );
}
