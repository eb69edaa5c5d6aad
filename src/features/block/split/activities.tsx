'use client';

import { Button } from '@mantine/core';
import type { Activity, Block, Edit, Result } from '@/core';
import { Section, SelectField } from '@/ui/form';
import { newId } from '@/ui/new-id';
import { readText } from '@/ui/read';
import { Toggles } from '@/ui/toggles';
import { Typed } from '@/ui/typed';
import { dayName } from '@/ui/words/names';
import * as common from '@/ui/words/screens/common';
import * as screenWords from '@/ui/words/screens/split';
import classes from './frame.module.css';

interface ActivitiesProps {
  readonly block: Block;
  readonly attempt: (edit: Edit) => Result<null>;
}

/** Cardio and other sport on days of the cycle. */
export function Activities({ block, attempt }: ActivitiesProps) {
  const put = (activities: readonly Activity[]) =>
    attempt({ kind: 'block/set', field: 'activities', value: activities });
  const change = (id: string, part: Partial<Activity>) =>
    put(block.activities.map((one) => (one.id === id ? { ...one, ...part } : one)));
  const days = Array.from({ length: block.cycleDays }, (_, day) => String(day));
  const add = () =>
    put([
      ...block.activities,
      { id: newId().slice(0, 12), day: block.cycleDays - 1, name: 'running', hard: false, legs: true },
    ]);
  return (
    <Section
      title={screenWords.cardioAndOtherSport}
      aside={
        <Button variant="link" onClick={add}>
          {common.add}
        </Button>
      }
    >
      {block.activities.map((one) => (
        <div className={classes.line} key={one.id}>
          <SelectField
            label={screenWords.dayOf(one.name)}
            value={String(one.day)}
            options={days}
            names={(day) => dayName(Number(day), block.cycleDays)}
            onValue={(day) => change(one.id, { day: Number(day) })}
          />
          <Typed
            label={screenWords.nameOfTheActivity}
            className={classes.name}
            text={one.name}
            read={readText(80)}
            onValue={(name) => {
              if (name.trim() !== '') change(one.id, { name });
            }}
          />
          <Toggles
            label={screenWords.intensityOf(one.name)}
            value={[...(one.hard ? ['hard'] : []), ...(one.legs ? ['legs'] : [])]}
            options={['hard', 'legs']}
            onValue={(value) =>
              change(one.id, { hard: value.includes('hard'), legs: value.includes('legs') })
            }
          />
          <Button
            variant="link"
            aria-label={screenWords.remove(one.name)}
            onClick={() => put(block.activities.filter(({ id }) => id !== one.id))}
          >
            ×
          </Button>
        </div>
      ))}
    </Section>
  );
}
