import { Button, UnstyledButton } from '@mantine/core';
import type { LoggedSet } from '@/core';
import { figure, setText, setWithUnit } from '@/ui/words/figures';
import { capital } from '@/ui/words/names';
import { setName } from '@/ui/words/techniques';
import type { FloorSession } from './contract';
import classes from './floor.module.css';
import { nameOf } from './issued-name';
import type { AskedSet } from './order';

interface SetListProps {
  readonly data: FloorSession;
  readonly sets: readonly AskedSet[];
  readonly done: ReadonlyMap<string, { readonly set: LoggedSet; readonly conflicts: readonly LoggedSet[] }>;
  readonly onOpen: (key: string) => void;
  /** Goes to the end of the session, whatever is open; null where it is over. */
  readonly onEnd: (() => void) | null;
}

/** Every set of the session; tapping one opens it for logging or correcting. */
export function SetList({ data, sets, done, onOpen, onEnd }: SetListProps) {
  const slots = [...new Set(sets.map(({ slot }) => slot))];
  return (
    <div>
      {slots.map((slot) => (
        <section key={slot.slotId}>
          <h2 className={classes.group}>{capital(nameOf(slot, data))}</h2>
          {sets
            .filter((place) => place.slot === slot)
            .map(({ key, set }) => {
              const logged = done.get(key);
              const shown = logged?.set;
              return (
                <UnstyledButton className={classes.setRow} key={key} onClick={() => onOpen(key)}>
                  <span className={shown === undefined ? classes.soft : ''}>
                    {capital(setName(set, slot.sets))}
                    {logged !== undefined && logged.conflicts.length > 0
                      ? ', logged twice: the later counts'
                      : ''}
                  </span>
                  {shown === undefined ? (
                    <span className={classes.soft}>asked {setText(set.load, set.reps, slot)}</span>
                  ) : (
                    <strong>
                      {setWithUnit(shown.load.value, shown.reps, slot, shown.load.unit)}, {figure(shown.rir)}{' '}
                      left
                    </strong>
                  )}
                </UnstyledButton>
              );
            })}
        </section>
      ))}
      {onEnd === null ? null : (
        <p>
          <Button variant="default" onClick={onEnd}>
            End the session here
          </Button>
        </p>
      )}
    </div>
  );
}
