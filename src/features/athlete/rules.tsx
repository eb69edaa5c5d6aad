'use client';

import { Button } from '@mantine/core';
import { useState } from 'react';
import {
  type Catalogue,
  CONVENTION_IDS,
  type ConventionId,
  type Conventions,
  conventionOrigin,
  EXERCISE_CONVENTIONS,
  type LocalDate,
  MUSCLE_CONVENTIONS,
  MUSCLES,
  type Muscle,
  type OwnConventions,
  placeFor,
} from '@/core';
import { ConventionsTable } from '@/ui/conventions-table';
import { exerciseChoices } from '@/ui/exercise-choices';
import { formClasses as classes, FormRow, Section, SelectField } from '@/ui/form';
import { pickedExercise } from '@/ui/picked-exercise';
import { Picker } from '@/ui/picker';
import * as words from '@/ui/words/screens/athlete';
import * as common from '@/ui/words/screens/common';
import own from './athlete.module.css';
import type { DraftTools } from './use-draft';

const PLACES = ['the athlete', 'a muscle', 'an exercise'] as const;

const PLACE_NAMES: Readonly<Record<(typeof PLACES)[number], string>> = {
  'the athlete': words.theAthlete,
  'a muscle': words.oneMuscle,
  'an exercise': words.oneExercise,
};

/** What the rules are for. */
type Place =
  | { readonly kind: 'the athlete' }
  | { readonly kind: 'a muscle'; readonly muscle: Muscle }
  | { readonly kind: 'an exercise'; readonly exerciseId: string | null };

interface ConventionsProps {
  readonly tools: DraftTools;
  readonly catalogue: Catalogue;
  readonly today: LocalDate;
}

/** Rules for this athlete, for one of their muscles or for an exercise. */
export default function AthleteConventions({ tools, catalogue, today }: ConventionsProps) {
  const { athlete, change } = tools;
  const { conventions } = athlete;
  const [place, setPlace] = useState<Place>({ kind: 'the athlete' });
  const exercise =
    place.kind === 'an exercise' && place.exerciseId !== null
      ? catalogue.newest(place.exerciseId)
      : undefined;
  const here = ownValue(conventions, place);
  const put = (figures: Partial<Conventions>) => {
    change({ conventions: withFigures(conventions, place, figures) });
    return [];
  };
  const choose = (kind: (typeof PLACES)[number]) => {
    if (kind === 'a muscle') setPlace({ kind, muscle: firstOf(conventions.muscles) ?? 'quads' });
    else if (kind === 'an exercise')
      setPlace({ kind, exerciseId: Object.keys(conventions.exercises)[0] ?? null });
    else setPlace({ kind });
  };
  return (
    <Section title={words.rulesForThisAthlete} aside={words.theMostSpecificSettingApplies}>
      <FormRow label={words.appliesTo}>
        <SelectField
          label={words.appliesTo}
          value={place.kind}
          options={PLACES}
          names={(kind) => PLACE_NAMES[kind]}
          onValue={choose}
        />
        {place.kind === 'a muscle' ? (
          <SelectField
            label={common.muscle}
            value={place.muscle}
            options={MUSCLES}
            names={(muscle) =>
              conventions.muscles[muscle] === undefined ? muscle : words.goalChanged(muscle)
            }
            onValue={(muscle) => setPlace({ kind: 'a muscle', muscle })}
          />
        ) : null}
      </FormRow>
      {place.kind === 'an exercise' ? (
        <FormRow label={common.exerciseLabel}>
          {exercise === undefined ? (
            <div className={own.picker}>
              <Picker
                label={words.exerciseWithItsOwnSettings}
                choices={exerciseChoices(catalogue, {
                  athlete,
                  place: placeFor(athlete, null),
                  today,
                }).filter(({ value }) => !value.includes('#'))}
                initial=""
                onPick={(value) => setPlace({ kind: 'an exercise', exerciseId: pickedExercise(value).id })}
                onCancel={() => undefined}
              />
            </div>
          ) : (
            <>
              <strong>{exercise.name}</strong>
              <Button variant="link" onClick={() => setPlace({ kind: 'an exercise', exerciseId: null })}>
                {words.chooseAnotherExercise}
              </Button>
            </>
          )}
        </FormRow>
      ) : null}
      {place.kind === 'an exercise' && exercise === undefined ? (
        <p className={classes.soft}>{words.chooseAnExerciseFirst}</p>
      ) : (
        <ConventionsTable
          key={keyOf(place)}
          ids={idsOf(place)}
          own={here}
          otherwise={(id) =>
            conventionOrigin(id, {
              own: withFigures(conventions, place, {}),
              block: {},
              muscle: place.kind === 'a muscle' ? place.muscle : undefined,
              exercise,
            })
          }
          onOwn={put}
        />
      )}
    </Section>
  );
}

const keyOf = (place: Place) =>
  place.kind === 'a muscle' ? place.muscle : place.kind === 'an exercise' ? place.exerciseId : place.kind;

function firstOf(muscles: OwnConventions['muscles']): Muscle | undefined {
  return MUSCLES.find((muscle) => muscles[muscle] !== undefined);
}

function idsOf({ kind }: Place): readonly ConventionId[] {
  if (kind === 'the athlete') return CONVENTION_IDS;
  return kind === 'a muscle' ? [...MUSCLE_CONVENTIONS, ...EXERCISE_CONVENTIONS] : EXERCISE_CONVENTIONS;
}

function ownValue(conventions: OwnConventions, place: Place): Partial<Conventions> {
  switch (place.kind) {
    case 'the athlete':
      return conventions.athlete;
    case 'a muscle':
      return conventions.muscles[place.muscle] ?? {};
    case 'an exercise':
      return place.exerciseId === null ? {} : (conventions.exercises[place.exerciseId] ?? {});
  }
}

/** The rules with those of one muscle or exercise replaced; without any it is removed. */
function withFigures(
  conventions: OwnConventions,
  place: Place,
  figures: Partial<Conventions>,
): OwnConventions {
  const isNone = Object.keys(figures).length === 0;
  switch (place.kind) {
    case 'the athlete':
      return { ...conventions, athlete: figures };
    case 'a muscle': {
      const { [place.muscle]: _, ...others } = conventions.muscles;
      return { ...conventions, muscles: isNone ? others : { ...others, [place.muscle]: figures } };
    }
    case 'an exercise': {
      if (place.exerciseId === null) return conventions;
      const { [place.exerciseId]: _, ...others } = conventions.exercises;
      return { ...conventions, exercises: isNone ? others : { ...others, [place.exerciseId]: figures } };
    }
  }
}
