import type { DeloadKind } from './lightening';

export interface FewerDays {
  readonly kind: 'fewer days';
}

/** Sessions left out as long as each muscle is trained once: when life is full. */
export const fewerDays: DeloadKind<FewerDays> = {
  kind: 'fewer days',
  start: { kind: 'fewer days' },
  fields: {},
  lightens: () => ({ fewerDays: true }),
};
