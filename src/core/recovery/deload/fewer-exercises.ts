import type { DeloadKind } from './lightening';

export interface FewerExercises {
  readonly kind: 'fewer exercises';
}

/** Only the first compound of each muscle: when joints ache. */
export const fewerExercises: DeloadKind<FewerExercises> = {
  kind: 'fewer exercises',
  start: { kind: 'fewer exercises' },
  fields: {},
  lightens: () => ({ kept: 'first compound per muscle' }),
};
