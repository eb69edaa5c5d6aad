import type { SlotPlan } from '@/core';
import classes from './floor.module.css';
import { loadLabel } from './load-label';
import { MORE_LABELS } from './more-entry';
import { Stepper } from './stepper';
import type { SetEntryUse } from './use-set-entry';

interface SetFiguresProps {
  readonly slot: SlotPlan;
  readonly use: SetEntryUse;
}

/** Load, reps and what was left, by stepper or typed. */
export function SetFigures({ slot, use: { entry, check, put, step } }: SetFiguresProps) {
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
          onStep={(by) => step('load', by)}
        />
      )}
      <Stepper
        label={held ? 'seconds' : 'reps'}
        text={entry.reps}
        decimal={false}
        problem={check.problem?.field === 'reps' ? check.problem.sentence : null}
        onText={(text) => put('reps', text)}
        onStep={(by) => step('reps', by)}
      />
      <Stepper
        label="left"
        text={entry.rir}
        decimal
        problem={check.problem?.field === 'rir' ? check.problem.sentence : null}
        onText={(text) => put('rir', text)}
        onStep={(by) => step('rir', by)}
      />
    </div>
  );
}

/** What else the technique asks to be noted. */
export function SetMore({ use: { fields, more, setMore, noted } }: Pick<SetFiguresProps, 'use'>) {
  if (fields.length === 0) return null;
  return (
    <div className={classes.more}>
      {fields.map((field) => (
        <label key={field} className={classes.moreField}>
          {MORE_LABELS[field]}
          <input
            className={classes.moreInput}
            inputMode="numeric"
            value={more[field] ?? ''}
            placeholder={field === 'left' || field === 'right' ? 'if they differ' : ''}
            aria-invalid={noted.problem === field}
            onFocus={(event) => event.target.select()}
            onChange={(event) => setMore((now) => ({ ...now, [field]: event.target.value }))}
          />
        </label>
      ))}
    </div>
  );
}
