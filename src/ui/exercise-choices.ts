import {
  type Athlete,
  type Catalogue,
  type Exercise,
  type Joint,
  type LocalDate,
  missingEquipment,
  type Phase,
  type Place,
  payoff,
  phaseOn,
  primeMovers,
  UNFILLED_EXERCISES,
} from '@/core';
import { searchNames } from '@/core/names';
import * as screenWords from '@/ui/words/screens/parts';
import { VARIANT } from './picked-exercise';
import type { Choice } from './picker';
import { figure, listed } from './words/figures';

/** The athlete and place for which an exercise is chosen, and the day. */
export interface PickingFor {
  readonly athlete: Pick<Athlete, 'phases' | 'joints'>;
  readonly place: Place;
  /** The day whose phase applies; absent: today. */
  readonly today?: LocalDate;
}

/** Ranking among equals: stimulus while gaining, payoff otherwise, and loading at long length. */
function worth(exercise: Exercise, phase: Phase): number {
  const long = exercise.hardest === 'stretched' ? 0.5 : 0;
  return (phase === 'gaining' ? exercise.stimulus : payoff(exercise)) + long;
}

/** Why an exercise is at its position, in a few words. */
function reason(exercise: Exercise, phase: Phase, sore: readonly Joint[]): string {
  if (sore.length > 0) return screenWords.loadsThe(listed(sore));
  const words =
    phase === 'gaining'
      ? screenWords.stimulus(exercise.stimulus)
      : screenWords.payoff(figure(payoff(exercise)));
  return exercise.hardest === 'stretched' ? screenWords.hardestStretched(words) : words;
}

/**
 * All exercises and variants to choose from: possible ones first, best for the phase first; then those that stress an
 * irritated joint; last those without equipment.
 * @param unfilled with open slots that only name a pattern
 */
export function exerciseChoices(
  catalogue: Catalogue,
  { athlete, place, today = new Date().toISOString().slice(0, 10) }: PickingFor,
  unfilled = false,
): readonly Choice[] {
  const phase = phaseOn(athlete, today);
  const irritated = new Set(athlete.joints.map(({ joint }) => joint));
  const seen = catalogue.list.map((exercise) => {
    const missing = missingEquipment(exercise, place);
    const sore = exercise.joints.filter((joint) => irritated.has(joint));
    const shelf = missing.length > 0 ? 2 : sore.length > 0 ? 1 : 0;
    const movers = `${primeMovers(exercise).join(', ')} · ${exercise.equipment[0] ?? ''}`;
    return {
      exercise,
      shelf,
      worth: worth(exercise, phase),
      facts: movers,
      why:
        missing.length > 0
          ? screenWords.placeHasNo(place.name, listed(missing))
          : reason(exercise, phase, sore),
    };
  });
  const sorted = seen.sort(
    (a, b) => a.shelf - b.shelf || b.worth - a.worth || a.exercise.name.localeCompare(b.exercise.name),
  );
  const waiting = unfilled
    ? UNFILLED_EXERCISES.map(({ id, name }) => ({
        value: id,
        label: name,
        names: [],
        facts: '',
        why: screenWords.openToBeFilled,
      }))
    : [];
  return [
    ...sorted.flatMap(({ exercise, facts, why }): Choice[] => {
      const names = searchNames(exercise);
      return [
        { value: exercise.id, label: exercise.name, names, facts, why },
        ...exercise.variants.map((variant) => ({
          value: `${exercise.id}${VARIANT}${variant.id}`,
          label: `${exercise.name}, ${variant.name}`,
          names,
          facts,
          why,
        })),
      ];
    }),
    ...waiting,
  ];
}
