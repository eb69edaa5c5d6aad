import type { Muscle } from '../anatomy/muscle';
import { type Finding, type Fix, SEVERITIES } from './finding';

const weight = ({ severity }: Finding) => SEVERITIES.length - SEVERITIES.indexOf(severity);
const isNote = ({ severity }: Finding) => severity === 'note';

const musclesOf = ({ detail }: Finding): readonly (Muscle | { readonly muscle: Muscle })[] =>
  'muscles' in detail ? detail.muscles : [];

/** Whether one finding says of all its muscles what another of the same rule said of them already. */
function isSameOfMuscles(one: Finding, before: readonly Finding[]): boolean {
  const muscles = musclesOf(one);
  const known = before
    .filter(({ detail, severity }) => detail.rule === one.detail.rule && severity === one.severity)
    .flatMap(musclesOf)
    .map((each) => JSON.stringify(each));
  return muscles.length > 0 && muscles.every((each) => known.includes(JSON.stringify(each)));
}

/** Whether a muscle is further below its minimum than before. */
function isLower(one: Finding, before: Finding): boolean {
  return (
    one.detail.rule === 'below floor' &&
    before.detail.rule === 'below floor' &&
    one.detail.sets < before.detail.sets
  );
}

/**
 * Whether a fix keeps its promise: what it mends is gone or has changed, and no problem or warning appears or gets
 * worse in any week. A fix that says which muscles fall below their minimum may do so.
 * @param before the findings of the block as it is
 * @param after the findings of the block with the fix
 */
export function isSoundFix(
  fix: Fix,
  mends: Finding,
  before: readonly Finding[],
  after: readonly Finding[],
): boolean {
  const known = new Map(before.map((one) => [one.id, one]));
  const facts = JSON.stringify(mends.detail);
  if (after.some((one) => one.id === mends.id && JSON.stringify(one.detail) === facts)) return false;
  const isSaid = ({ detail }: Finding) =>
    fix.does === 'fit session' && detail.rule === 'below floor' && fix.belowFloor.includes(detail.muscle);
  return after.every((one) => {
    if (isNote(one) || isSaid(one)) return true;
    const was = known.get(one.id);
    if (was === undefined) return isSameOfMuscles(one, before);
    return weight(one) <= weight(was) && !isLower(one, was);
  });
}
