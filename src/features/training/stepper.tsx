import { UnstyledButton } from '@mantine/core';
import * as words from '@/ui/words/screens/training';
import classes from './training.module.css';

interface StepperProps {
  readonly label: string;
  /** The value shown, which can be typed over. */
  readonly text: string;
  readonly onText: (text: string) => void;
  /** Called when typing is complete: on blur or Enter. */
  readonly onDone: () => void;
  readonly onStep: (by: 1 | -1) => void;
  readonly problem: string | null;
  readonly decimal: boolean;
}

/** A figure between minus and plus, large enough for a thumb; tapping the figure types it. */
export function Stepper({ label, text, onText, onDone, onStep, problem, decimal }: StepperProps) {
  return (
    <div className={classes.stepper} data-problem={problem !== null}>
      <UnstyledButton
        className={classes.stepButton}
        aria-label={words.lessOf(label)}
        onClick={() => onStep(-1)}
      >
        −
      </UnstyledButton>
      <label className={classes.stepValue}>
        <input
          className={classes.stepInput}
          inputMode={decimal ? 'decimal' : 'numeric'}
          value={text}
          aria-invalid={problem !== null}
          onFocus={(event) => event.target.select()}
          onChange={(event) => onText(event.target.value)}
          onBlur={onDone}
          onKeyDown={(event) => {
            if (event.key === 'Enter') onDone();
          }}
        />
        <span className={classes.stepLabel}>{label}</span>
      </label>
      <UnstyledButton
        className={classes.stepButton}
        aria-label={words.moreOf(label)}
        onClick={() => onStep(1)}
      >
        +
      </UnstyledButton>
    </div>
  );
}
