import { UnstyledButton } from '@mantine/core';
import { type EquipmentSet, loadRecipe, RAMP_VERDICTS, type RampVerdict, type SlotPlan } from '@/core';
import { Recipe } from '@/ui/recipe';
import * as screenWords from '@/ui/words/screens/training';
import { warmUpSets } from '@/ui/words/warm-up';
import classes from './training.module.css';

interface RampWalkProps {
  readonly slot: SlotPlan;
  readonly equipment: EquipmentSet;
  /** The current warm-up set, from 0; their count once all are done. */
  readonly at: number;
  readonly onStep: (at: number) => void;
  /** How the last warm-up set moved, once answered. */
  readonly verdict: RampVerdict | null;
  /** Null if none of the sets shows today's form. */
  readonly onVerdict: ((verdict: RampVerdict) => void) | null;
}

/** The warm-up, one set at a time with how to make its load; the last one shows today's form. */
export function RampWalk({ slot, equipment, at, onStep, verdict, onVerdict }: RampWalkProps) {
  const sets = warmUpSets(slot);
  const now = sets[at];
  const recipe = loadRecipe((slot.warmUp[at]?.load ?? 0) / 100, slot.loading, equipment);
  const isLast = at === sets.length - 1;
  if (now === undefined)
    return (
      <div className={classes.fact}>
        <span className={classes.soft}>
          {screenWords.warmUpDone(verdict === null ? '' : screenWords.warmUpFelt(verdict))}
        </span>
        <UnstyledButton className={classes.textButton} onClick={() => onStep(0)}>
          {screenWords.showAgain}
        </UnstyledButton>
      </div>
    );
  return (
    <fieldset className={classes.ramp}>
      <legend>{screenWords.warmUpOf(at + 1, sets.length)}</legend>
      <div className={classes.rampNow}>
        <span>
          <strong>{now.set}</strong> <span className={classes.soft}>{now.aim}</span>
        </span>
        {isLast && onVerdict !== null ? null : (
          <UnstyledButton className={classes.verdict} onClick={() => onStep(at + 1)}>
            {isLast ? screenWords.done : screenWords.next}
          </UnstyledButton>
        )}
      </div>
      {recipe.kind === 'not makeable' || recipe.kind === 'bodyweight alone' ? null : (
        <Recipe recipe={recipe} />
      )}
      {isLast && onVerdict !== null ? (
        <fieldset className={classes.verdicts}>
          <legend className={classes.soft}>{screenWords.howDidItFeel}</legend>
          {RAMP_VERDICTS.map((one) => (
            <UnstyledButton
              key={one}
              className={classes.verdict}
              aria-pressed={verdict === one}
              onClick={() => {
                onVerdict(one);
                onStep(sets.length);
              }}
            >
              {one}
            </UnstyledButton>
          ))}
        </fieldset>
      ) : null}
    </fieldset>
  );
}
