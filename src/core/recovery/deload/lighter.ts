import { share, yes } from '../../fields';
import type { DeloadKind } from './lightening';

export interface Lighter {
  readonly kind: 'lighter';
  /** Share of the load. */
  readonly load: number;
  /** Half of the one-rep max instead. */
  readonly half: boolean;
}

/** Less load, sets and reps unchanged: for practice, and as a bridge between blocks. */
export const lighter: DeloadKind<Lighter> = {
  kind: 'lighter',
  start: { kind: 'lighter', load: 0.85, half: false },
  fields: { load: share(0.5, 0.95), half: yes(false) },
  lightens: ({ load, half }) => (half ? { ofMax: 0.5 } : { load }),
};
