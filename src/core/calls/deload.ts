import { MUSCLES, type Muscle } from '../anatomy/muscle';
import { type Call, type CallKind, callId } from './call';

/** RIR at or below which a week is hard, and how many of them in a row favour a deload. */
const HARD_RIR = 1;
const HARD_WEEKS = 2;

/** The whole body deloads next week, before the planned deload. */
export interface DeloadCall extends Call {
  readonly kind: 'deload';
}

/**
 * Made if at least half of the growing muscles that a slot trains as prime mover are below target, recovering or at
 * their maximum.
 */
export const deloadCall: CallKind<DeloadCall, never> = {
  kind: 'deload',
  propose: ({ next, weeks, observations, recovers, isAnswered }) => {
    const growing = MUSCLES.filter((muscle) => {
      const { goal, directFrequency } = next.muscles[muscle];
      return goal !== 'hold' && directFrequency > 0;
    });
    const standOf = (muscle: Muscle) => {
      const latest = observations.filter((one) => one.muscle === muscle).at(-1);
      if (latest?.performance.verdict === 'behind') return 'behind';
      if (recovers(muscle)) return 'recovering';
      const { measured, landmarks } = next.muscles[muscle];
      return measured >= landmarks.ceiling ? 'at its ceiling' : 'fine';
    };
    const stands = growing.map(standOf);
    const count = (stand: ReturnType<typeof standOf>) => stands.filter((one) => one === stand).length;
    const counts = {
      behind: count('behind'),
      recovering: count('recovering'),
      atCeiling: count('at its ceiling'),
    };
    const worn = counts.behind + counts.recovering + counts.atCeiling;
    if (growing.length === 0 || worn * 2 < growing.length) return [];
    const building = weeks.filter(({ kind }) => kind === 'building');
    const hardWeeks = building.slice(-HARD_WEEKS).filter(({ rir }) => rir <= HARD_RIR).length;
    const subject = `deload/${next.week}`;
    const id = callId(subject, [counts.behind, counts.recovering, counts.atCeiling, growing.length]);
    if (isAnswered({ subject, id })) return [];
    const why = { code: 'whole-body-deload', ...counts, growing: growing.length, hardWeeks } as const;
    return [{ kind: 'deload', id, subject, week: next.week, why }];
  },
  orders: ({ outcome, proposal: { week } }) => (outcome === 'declined' ? [] : [{ kind: 'deload', week }]),
};
