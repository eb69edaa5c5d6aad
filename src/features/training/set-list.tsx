import { Button, UnstyledButton } from '@mantine/core';
import {
  type Day,
  type LoggedSet,
  type NoteContent,
  type NoteSummary,
  type SlotPlan,
  skipReason,
} from '@/core';
import { plural, reserveText, setText, setWithUnit } from '@/ui/words/figures';
import { capital } from '@/ui/words/names';
import * as common from '@/ui/words/screens/common';
import * as screenWords from '@/ui/words/screens/training';
import { setName } from '@/ui/words/techniques';
import { screenWord } from '@/ui/words/values';
import type { SessionData } from './contract';
import { nameOf } from './issued-name';
import type { AskedSet } from './order';
import classes from './training.module.css';

interface SetListProps {
  readonly data: SessionData;
  readonly sets: readonly AskedSet[];
  readonly done: ReadonlyMap<string, { readonly set: LoggedSet; readonly conflicts: readonly LoggedSet[] }>;
  readonly onOpen: (key: string) => void;
  /** Every logged set, including corrected ones. */
  readonly logged: readonly LoggedSet[];
  /** The session as sent. */
  readonly issued: SessionData;
  readonly told: NoteSummary;
  readonly day: Day;
  readonly onTell: (telling: NoteContent) => void;
  readonly onAdd: () => void;
  /** Goes to the end of the session, whatever is open; null if it is over. */
  readonly onEnd: (() => void) | null;
}

/** Every set of the session; tapping one opens it for logging or correcting. */
export function SetList(props: SetListProps) {
  const { data, sets, done, onOpen, onAdd, onEnd } = props;
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
              const before = props.logged.find(({ id }) => id === shown?.supersedes);
              return (
                <UnstyledButton className={classes.setRow} key={key} onClick={() => onOpen(key)}>
                  <span className={shown === undefined ? classes.soft : ''}>
                    {capital(setName(set, slot.sets))}
                    {logged !== undefined && logged.conflicts.length > 0
                      ? screenWords.loggedTwiceTheLaterOne
                      : ''}
                  </span>
                  {shown === undefined ? (
                    <span className={classes.soft}>
                      {screenWords.askedSet(setText(set.load, set.reps, slot))}
                    </span>
                  ) : (
                    <strong>
                      {doneText(shown, slot)}
                      {before === undefined ? null : (
                        <span className={classes.was}>{screenWords.wasExercise(doneText(before, slot))}</span>
                      )}
                      {shown.more?.line === undefined ? null : (
                        <span className={classes.was}>“{shown.more.line}”</span>
                      )}
                    </strong>
                  )}
                </UnstyledButton>
              );
            })}
        </section>
      ))}
      <SkippedList {...props} />
      <p className={classes.listActions}>
        <Button variant="default" onClick={onAdd}>
          {common.addExercise}
        </Button>
        {onEnd === null ? null : (
          <Button variant="default" onClick={onEnd}>
            {screenWords.endSessionHere}
          </Button>
        )}
      </p>
    </div>
  );
}

const doneText = ({ load, reps, rir }: LoggedSet, slot: SlotPlan) =>
  `${setWithUnit(load.value, reps, slot, load.unit)} @${reserveText(rir)}`;

/** What is not trained today and why, with what was done of it; skipped exercises can be resumed. */
function SkippedList({ issued, told, day, done, onTell }: SetListProps) {
  const out = issued.session.slots.flatMap((slot) => {
    const swap = told.swaps.get(slot.slotId);
    const exerciseId = swap?.exerciseId ?? slot.exerciseId;
    const why = skipReason({ slotId: slot.slotId, exerciseId }, told, day);
    return why === null ? [] : [{ slot: { ...slot, exerciseId, variant: null }, why }];
  });
  if (out.length === 0) return null;
  return (
    <section>
      <h2 className={classes.group}>{screenWords.skippedToday}</h2>
      {out.map(({ slot, why }) => {
        const sets = slot.sets.filter(({ id }) => done.has(`${slot.slotId}/${id}`)).length;
        return (
          <div className={classes.setRow} key={slot.slotId}>
            <span>
              {capital(nameOf(slot, issued))}: {screenWord(why)}
              {sets === 0 ? '' : screenWords.setsDone(plural(sets, 'set'))}
            </span>
            {why === 'loads what hurts' ? null : (
              <Button variant="link" onClick={() => onTell(takenBack(slot, told))}>
                {why === 'pain' ? screenWords.enteredByMistake : screenWords.doItAfterAll}
              </Button>
            )}
          </div>
        );
      })}
    </section>
  );
}

function takenBack({ slotId }: Pick<SlotPlan, 'slotId'>, { pains }: NoteSummary): NoteContent {
  const pain = pains.get(slotId);
  if (pain === undefined) return { kind: 'skip', slotId, why: null };
  const { exerciseId, where, line } = pain;
  return { kind: 'pain', slotId, exerciseId, where, grade: null, line };
}
