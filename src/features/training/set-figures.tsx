import { Button } from '@mantine/core';
import { LONGEST_SET_LINE, type SlotPlan } from '@/core';
import * as common from '@/ui/words/screens/common';
import * as words from '@/ui/words/screens/training';
import { loadLabel } from './load-label';
import { MORE_LABELS } from './more-entry';
import { Stepper } from './stepper';
import classes from './training.module.css';
import type { SetEntryUse } from './use-set-entry';

interface SetFiguresProps {
  readonly slot: SlotPlan;
  readonly use: SetEntryUse;
}

/** Load, reps and reps left, by stepper or typed. */
export function SetFigures({ slot, use: { entry, check, put, settle, step } }: SetFiguresProps) {
  const held = slot.measure === 'seconds';
  const loadless = slot.loading === 'none';
  return (
    <div className={classes.steppers}>
      {loadless ? null : (
        <Stepper
          label={loadLabel(slot.loading, slot.unit)}
          text={entry.load}
          decimal
          problem={check.problem?.field === 'load' ? check.problem.sentence : null}
          onText={(text) => put('load', text)}
          onDone={() => settle('load')}
          onStep={(by) => step('load', by)}
        />
      )}
      <Stepper
        label={held ? common.seconds : common.reps}
        text={entry.reps}
        decimal={false}
        problem={check.problem?.field === 'reps' ? check.problem.sentence : null}
        onText={(text) => put('reps', text)}
        onDone={() => settle('reps')}
        onStep={(by) => step('reps', by)}
      />
      <Stepper
        label={words.repsLeft}
        text={entry.rir}
        decimal
        problem={check.problem?.field === 'rir' ? check.problem.sentence : null}
        onText={(text) => put('rir', text)}
        onDone={() => settle('rir')}
        onStep={(by) => step('rir', by)}
      />
    </div>
  );
}

/** Further notes: what the technique asks for, and everything else with a tap. */
export function SetMore({ use }: Pick<SetFiguresProps, 'use'>) {
  const { fields, all, setAll, more, setMore, unclean, setUnclean, line, setLine, noted } = use;
  return (
    <div className={classes.more}>
      {fields.map((field) => (
        <label key={field} className={classes.moreField}>
          {MORE_LABELS[field]}
          <input
            className={classes.moreInput}
            inputMode="numeric"
            value={more[field] ?? ''}
            placeholder={field === 'left' || field === 'right' ? words.ifDifferent : ''}
            aria-invalid={noted.problem === field}
            onFocus={(event) => event.target.select()}
            onChange={(event) => setMore((now) => ({ ...now, [field]: event.target.value }))}
          />
        </label>
      ))}
      {all ? (
        <>
          <label className={classes.moreField}>
            {words.formWasNotClean}
            <input
              type="checkbox"
              className={classes.moreCheck}
              checked={unclean}
              onChange={(event) => setUnclean(event.target.checked)}
            />
          </label>
          <label className={classes.moreLine}>
            {words.noteOnThisSet}
            <input
              className={classes.moreInput}
              value={line}
              maxLength={LONGEST_SET_LINE}
              onChange={(event) => setLine(event.target.value)}
            />
          </label>
        </>
      ) : (
        <Button variant="link" onClick={() => setAll(true)}>
          {words.addDetails}
        </Button>
      )}
    </div>
  );
}
