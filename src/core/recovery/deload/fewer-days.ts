import type { DeloadKind } from './lightening';

export interface FewerDays {
  readonly kind: 'fewer days';
}

/** Drops sessions as long as each muscle is trained once: when life is busy. */
export const fewerDays: DeloadKind<FewerDays> = {
  kind: 'fewer days',
  start: { kind: 'fewer days' },
  fields: {},
  lightens: () => ({ fewerDays: true }),
};
