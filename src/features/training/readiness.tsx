'use client';

import { UnstyledButton } from '@mantine/core';
import { useState } from 'react';
import {
  FELT,
  type Felt,
  type LocalDate,
  type Muscle,
  type NoteContent,
  RESCUES,
  type Rescue,
  type SorenessAsked,
  type SorenessEnd,
} from '@/core';
import * as common from '@/ui/words/screens/common';
import * as screenWords from '@/ui/words/screens/training';
import { Choices } from './choices';
import type { SessionData } from './contract';
import { SorenessQuestions } from './soreness-asked';
import classes from './training.module.css';

export const RESCUE_WORDS: Readonly<Record<Rescue, string>> = {
  lighter: screenWords.aFifthLessLoad,
  'fewer sets': screenWords.aThirdFewerSets,
  'in halves': screenWords.eachSetInTwoHalves,
};
const AS_PLANNED = common.asPlanned;

interface BeforeProps {
  readonly data: SessionData;
  readonly today: LocalDate;
  readonly reported: Readonly<Record<string, SorenessEnd>>;
  readonly onTell: (telling: NoteContent) => void;
  readonly onSoreness: (of: SorenessAsked, answers: Readonly<Partial<Record<Muscle, SorenessEnd>>>) => void;
  readonly onStart: () => void;
}

/** Questions before the first set: sleep, how it feels, pain; and how to make the day easier if needed. */
export function Readiness({ data, today, reported, onTell, onSoreness, onStart }: BeforeProps) {
  const [slept, setSlept] = useState<Felt | null>(null);
  const [feels, setFeels] = useState<Felt | null>(null);
  const [rescue, setRescue] = useState<Rescue | typeof AS_PLANNED>(AS_PLANNED);
  const [place, setPlace] = useState(data.place);
  const isPoor = slept === 'poorly' || feels === 'poorly';
  const start = () => {
    if (slept !== null || feels !== null)
      onTell({
        kind: 'readiness',
        slept: slept ?? 'so so',
        feels: feels ?? 'so so',
        rescue: isPoor && rescue !== AS_PLANNED ? rescue : null,
      });
    if (place !== data.place) onTell({ kind: 'place', place });
    onStart();
  };
  return (
    <>
      <Choices legend={screenWords.howDidYouSleep} options={FELT} value={slept} onValue={setSlept} />
      <Choices legend={screenWords.howDoYouFeel} options={FELT} value={feels} onValue={setFeels} />
      {isPoor ? (
        <>
          <Choices<Rescue | typeof AS_PLANNED>
            legend={screenWords.today}
            options={[...RESCUES, AS_PLANNED]}
            value={rescue}
            onValue={setRescue}
            words={(one) => (one === AS_PLANNED ? screenWords.asPlanned : RESCUE_WORDS[one])}
          />
          <p className={classes.soft}>
            {rescue === AS_PLANNED ? screenWords.dizzyIllOrInPain : screenWords.noSetGoesToFailure}
          </p>
        </>
      ) : null}
      {data.places.length > 1 ? (
        <Choices
          legend={screenWords.where}
          options={data.places.map(({ id }) => id)}
          words={(id) => data.places.find((one) => one.id === id)?.name ?? id}
          value={place}
          onValue={setPlace}
        />
      ) : null}
      <SorenessQuestions asked={data.soreness} today={today} reported={reported} onReport={onSoreness} />
      <div className={classes.grow} />
      <UnstyledButton className={classes.go} onClick={start}>
        {screenWords.start}
      </UnstyledButton>
    </>
  );
}
