'use client';

import '@mantine/core/styles/Chip.layer.css';
import { Chip, UnstyledButton } from '@mantine/core';
import { useState } from 'react';
import { type Muscle, SORENESS, type Soreness } from '@/core';
import { CLINICIAN } from '@/ui/words/cautions';
import { capital, SORENESS_WORDS } from '@/ui/words/names';
import classes from './floor.module.css';

interface SorenessFormProps {
  readonly muscles: readonly Muscle[];
  readonly reported: Readonly<Partial<Record<Muscle, Soreness>>>;
  readonly onReport: (answers: Readonly<Partial<Record<Muscle, Soreness>>>) => void;
}

/** When soreness from this session had ended, muscle by muscle; what is left open counts as just in time. */
export function SorenessForm({ muscles, reported, onReport }: SorenessFormProps) {
  const [answers, setAnswers] = useState<Readonly<Partial<Record<Muscle, Soreness>>>>(reported);
  const changed = muscles.some((muscle) => answers[muscle] !== reported[muscle]);
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        onReport(answers);
      }}
    >
      <h2 className={classes.group}>When had soreness ended?</h2>
      <p className={classes.soft}>
        Seen from the next session for the muscle. Come back for this when you know it.
      </p>
      {muscles.map((muscle) => (
        <fieldset className={classes.muscle} key={muscle}>
          <legend>{capital(muscle)}</legend>
          <Chip.Group
            value={answers[muscle] ?? null}
            onChange={(soreness) => setAnswers({ ...answers, [muscle]: soreness as Soreness })}
          >
            <div className={classes.choices}>
              {SORENESS.map((soreness) => (
                <Chip
                  key={soreness}
                  value={soreness}
                  classNames={{ label: classes.choice, iconWrapper: classes.noIcon }}
                >
                  {SORENESS_WORDS[soreness].short}
                </Chip>
              ))}
            </div>
          </Chip.Group>
        </fieldset>
      ))}
      <p className={classes.soft}>{CLINICIAN}</p>
      <UnstyledButton type="submit" className={classes.go} disabled={!changed}>
        {changed ? 'Send' : 'Sent'}
      </UnstyledButton>
    </form>
  );
}
