import { Table } from '@mantine/core';
import { type Exercise, payoff } from '@/core';
import { figure, listed } from '@/ui/words/figures';
import classes from './library.module.css';

const LOADED: Readonly<Record<Exercise['loading'], string>> = {
  barbell: 'bar and plates',
  dumbbell: 'dumbbells',
  stack: 'weight stack',
  'plate-loaded': 'plates on a machine',
  bodyweight: 'bodyweight, added or assisted',
  band: 'bands by level',
  none: 'no load',
};
const AXIAL = ['none', 'light', 'clear', 'heavy'] as const;

function failing({ failableAlone, canSetDown }: Exercise): string {
  if (failableAlone) return 'safely';
  return canSetDown ? 'to failure, not past it: it can be set down' : 'not without safeties or a spotter';
}

/** An exercise's facts as rows of name and value, so that two can stand side by side. */
export function factsOf(exercise: Exercise): readonly (readonly [name: string, value: string])[] {
  const share =
    exercise.loading === 'bodyweight' ? `, ${figure(100 * exercise.bodyweightShare)} % lifted` : '';
  return [
    ['pattern', `${exercise.pattern}, ${exercise.kind}`],
    ['needs', listed(exercise.equipment) || 'nothing'],
    ['load', `${LOADED[exercise.loading]}${share}`],
    ['counted in', `${exercise.measure}${exercise.sides === 2 ? ', each side in turn' : ''}`],
    ['payoff', `${figure(payoff(exercise), 1)}: stimulus ${exercise.stimulus}, fatigue ${exercise.fatigue}`],
    ['load on the spine', AXIAL[exercise.axialLoad]],
    ['hardest', exercise.hardest],
    ['long half', exercise.longHalf],
    ['stresses', listed(exercise.joints) || 'no joint in particular'],
    ['failed alone', failing(exercise)],
    ['tempo, rest', `${exercise.tempo}, ${exercise.restSeconds} s`],
    ...(exercise.skill === null ? [] : [['skill', exercise.skill] as const]),
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
