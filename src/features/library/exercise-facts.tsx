import { Table } from '@mantine/core';
import { type Exercise, payoff } from '@/core';
import { figure, listed } from '@/ui/words/figures';
import * as common from '@/ui/words/screens/common';
import * as screenWords from '@/ui/words/screens/library';
import { screenWord } from '@/ui/words/values';
import classes from './library.module.css';

const LOADED: Readonly<Record<Exercise['loading'], string>> = {
  barbell: screenWords.barAndPlates,
  dumbbell: screenWords.dumbbells,
  stack: screenWords.weightStack,
  cable: screenWords.cableStack,
  'heavy stack': screenWords.heavyStack,
  'plate-loaded': screenWords.platesOnAMachine,
  bodyweight: screenWords.bodyweightAddedOrAssisted,
  band: screenWords.bandsByLevel,
  none: screenWords.noLoad,
};
const AXIAL = screenWords.axialLoads;

function failing({ failableAlone, canSetDown }: Exercise): string {
  if (failableAlone) return screenWords.safely;
  return canSetDown ? screenWords.safeToFailAloneBut : screenWords.noUseSafetiesOrA;
}

/** An exercise's facts as rows of name and value, so that two fit side by side. */
export function factsOf(exercise: Exercise): readonly (readonly [name: string, value: string])[] {
  const share =
    exercise.loading === 'bodyweight'
      ? screenWords.ofBodyWeightLifted(figure(100 * exercise.bodyweightShare))
      : '';
  return [
    [screenWords.patternFact, `${exercise.pattern}, ${exercise.kind}`],
    [screenWords.needs, listed(exercise.equipment.map(screenWord)) || screenWords.nothing],
    [screenWords.load, `${LOADED[exercise.loading]}${share}`],
    [screenWords.countedIn, `${exercise.measure}${exercise.sides === 2 ? screenWords.oneSideAtATime : ''}`],
    [
      screenWords.payoffFact,
      screenWords.stimulusFatigue(figure(payoff(exercise), 1), exercise.stimulus, exercise.fatigue),
    ],
    [common.spineLoad, AXIAL[exercise.axialLoad]],
    [screenWords.hardestFact, exercise.hardest],
    [screenWords.longHalf, exercise.longHalf],
    [screenWords.stresses, listed(exercise.joints) || screenWords.noneInParticular],
    [common.safeToFailAlone, failing(exercise)],
    [screenWords.tempoRest, screenWords.tempoAndRest(exercise.tempo, exercise.restSeconds)],
    ...(exercise.skill === null ? [] : [[screenWords.skillFact, exercise.skill] as const]),
  ];
}

/** The facts of one exercise, or of two side by side. */
export function FactTable({
  exercise,
  beside,
}: {
  readonly exercise: Exercise;
  readonly beside?: Exercise | undefined;
}) {
  const other = new Map(beside === undefined ? [] : factsOf(beside));
  const rows = factsOf(exercise);
  const extra = [...other].filter(([name]) => !rows.some(([one]) => one === name));
  return (
    <Table className={classes.facts}>
      <Table.Tbody>
        {[...rows, ...extra.map(([name]) => [name, ''] as const)].map(([name, value]) => (
          <Table.Tr key={name}>
            <Table.Th scope="row">{name}</Table.Th>
            <Table.Td>{value}</Table.Td>
            {beside === undefined ? null : (
              <Table.Td data-differs={other.get(name) !== value}>{other.get(name) ?? ''}</Table.Td>
            )}
          </Table.Tr>
        ))}
      </Table.Tbody>
    </Table>
  );
}
