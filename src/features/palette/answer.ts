import {
  type Athlete,
  carriedWeight,
  chosenCurve,
  conventionsWith,
  displayedStrength,
  EPLEY,
  type Exercise,
  e1rm,
  inVariant,
  LOADINGS,
  type Loading,
  type LoadRecipe,
  loadGrid,
  loadRecipe,
  loadsFor,
  placeFor,
  presetPlace,
  valueIn,
} from '@/core';
import type { PaletteScope } from '@/ui/palette-scope';
import { estimate, figure, load as loadWords } from '@/ui/words/figures';
import * as screenWords from '@/ui/words/screens/palette';
import type { Question } from './question';

/** The load tool's answer: a sentence, its basis, and how to make the load if there is one. */
export interface ToolAnswer {
  readonly sentence: string;
  readonly because: string;
  readonly recipe: LoadRecipe | null;
}

/** The exercise of a question: named in it, otherwise the focused one. */
function exerciseOf(about: string, scope: PaletteScope): Exercise | undefined {
  const words = about.split(/\s+/).filter(Boolean);
  if (words.length === 0)
    return scope.exerciseId === null ? undefined : scope.catalogue.newest(scope.exerciseId);
  const matches = scope.catalogue.list.filter(({ name }) =>
    words.every((word) => name.toLowerCase().includes(word)),
  );
  return matches.sort((a, b) => a.name.length - b.name.length)[0];
}

function strengthOf(
  exercise: Exercise,
  scope: PaletteScope,
): { oneRepMax: number; source: string } | undefined {
  const { athlete } = scope;
  if (scope.exerciseId === exercise.id && scope.oneRepMax !== null)
    return { oneRepMax: scope.oneRepMax, source: screenWords.currentStrengthInTheSheet };
  const set = athlete.bestSets[exercise.id];
  if (set === undefined) return undefined;
  const { unit } = loadGrid(exercise.loading, placeFor(athlete, null).loads);
  const moved = carriedBy(exercise, athlete) + valueIn(unit, set.load);
  if (moved <= 0) return undefined;
  const reps = set.reps + set.rir;
  return {
    oneRepMax: e1rm(moved, reps, chosenCurve(athlete.effort)),
    source: screenWords.bestSet(figure(set.load.value), set.load.unit, set.reps, figure(set.rir)),
  };
}

function carriedBy(exercise: Exercise, athlete: Athlete): number {
  const { unit } = loadGrid(exercise.loading, placeFor(athlete, null).loads);
  return carriedWeight(exercise, athlete, unit);
}

/** `barbell`, `stack` … named in a question about making a load. */
function loadingIn(about: string): Loading | undefined {
  return LOADINGS.find((loading) => about !== '' && loading.startsWith(about.split(/\s+/)[0] ?? ''));
}

/** Answers a question for the current athlete; without one, with the default curve and a full gym. */
export function answerQuestion(question: Question, scope: PaletteScope | null): ToolAnswer {
  switch (question.kind) {
    case 'loads':
      return answerLoads(question, scope);
    case 'make':
      return answerMake(question, scope);
    case 'strength':
      return answerStrength(question, scope);
  }
}

function answerLoads(
  { reps, rir, about }: Extract<Question, { kind: 'loads' }>,
  scope: PaletteScope | null,
): ToolAnswer {
  const asked = screenWords.repsWithLeft(reps, figure(rir));
  const curve = scope === null ? EPLEY : chosenCurve(scope.athlete.effort);
  const share = {
    sentence: screenWords.isOfTheOneRep(asked, estimate(100 * curve.fraction(Math.max(1, reps + rir)))),
    because: screenWords.repsToFailureBy(reps + rir, curve.name),
    recipe: null,
  };
  const exercise = scope === null ? undefined : exerciseOf(about, scope);
  if (scope === null || exercise === undefined) return share;
  if (exercise.measure === 'seconds')
    return { sentence: screenWords.isMeasuredInSeconds(exercise.name), because: '', recipe: null };
  const strength = strengthOf(exercise, scope);
  if (strength === undefined)
    return { ...share, because: screenWords.noSetOfIsKnown(exercise.name, share.because) };
  const { loads } = placeFor(scope.athlete, null);
  const grid = loadGrid(exercise.loading, loads);
  const carried = carriedBy(inVariant(exercise, null), scope.athlete);
  const found = loadsFor({ reps, rir }, { ...strength, carried, curve }, grid);
  const say = (load: number) => `${loadWords(load, exercise.loading)} ${grid.unit}`;
  const others = found.others.map((one) => screenWords.loadLeaves(say(one.load), estimate(one.predictedRir)));
  return {
    sentence: screenWords.isWhichLeaves(
      exercise.name,
      asked,
      say(found.nearest.load),
      estimate(found.nearest.predictedRir),
    ),
    because: screenWords.estimatedMaxByExactly(
      strength.source,
      estimate(strength.oneRepMax),
      grid.unit,
      curve.name,
      estimate(found.ideal),
      others.join('; '),
    ),
    recipe: loadRecipe(found.nearest.load, exercise.loading, loads),
  };
}

function answerMake(
  { load, unit, about }: Extract<Question, { kind: 'make' }>,
  scope: PaletteScope | null,
): ToolAnswer {
  const place = scope === null ? presetPlace('full gym', unit ?? 'kg', 'any') : placeFor(scope.athlete, null);
  const named = loadingIn(about);
  const exercise = named === undefined && scope !== null ? exerciseOf(about, scope) : undefined;
  const loading = named ?? exercise?.loading ?? 'barbell';
  const grid = loadGrid(loading, place.loads);
  const value = unit === null ? load : Math.round(100 * valueIn(grid.unit, { value: load, unit })) / 100;
  return {
    sentence: `${loadWords(value, loading)} ${grid.unit}, ${exercise?.name ?? loading}:`,
    because: screenWords.at(place.name),
    recipe: loadRecipe(value, loading, place.loads),
  };
}

function answerStrength(
  { load, unit, reps, rir, about }: Extract<Question, { kind: 'strength' }>,
  scope: PaletteScope | null,
): ToolAnswer {
  const curve = scope === null ? EPLEY : chosenCurve(scope.athlete.effort);
  const exercise = scope === null ? undefined : exerciseOf(about, scope);
  const carried = exercise === undefined || scope === null ? 0 : carriedBy(exercise, scope.athlete);
  const shown = displayedStrength({ load: carried + load, reps, rir }, false, curve, conventionsWith());
  const words = unit ?? scope?.athlete.unit ?? 'kg';
  const set = screenWords.joined(figure(load), words, reps, figure(rir));
  return {
    sentence:
      shown.kind === 'one-rep max'
        ? screenWords.estimatedMax(set, estimate(shown.value), words)
        : screenWords.tooManyRepsToEstimate(set),
    because: screenWords.repsToFailureByWith(
      reps + rir,
      curve.name,
      carried > 0 ? screenWords.includingABodyWeightShare(estimate(carried)) : '',
    ),
    recipe: null,
  };
}
