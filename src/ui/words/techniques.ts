import {
  afterReps,
  type Gate,
  type LoggedAs,
  type Manner,
  type Misfit,
  type Reach,
  type Role,
  type Section,
  type SetPlan,
  type Slot,
  type TechniqueKind,
  type TechniqueParameters,
} from '@/core';
import { figure, plural, span } from './figures';

/** A technique's name, and what it is in a few words. */
export const TECHNIQUE_NAMES: Readonly<
  Record<TechniqueKind, { readonly name: string; readonly is: string }>
> = {
  straight: { name: 'straight sets', is: 'all sets at one load' },
  'top + back-offs': { name: 'top set + back-offs', is: 'one heavy set, then lighter ones' },
  'rest-pause': { name: 'rest-pause', is: 'a set continued after short pauses' },
  'total-rep target': { name: 'total-rep target', is: 'short sets until the total is reached' },
  cluster: { name: 'cluster', is: 'a set split into small pieces' },
  'ascending mini-sets': { name: 'ascending mini-sets', is: 'each one rep longer than the last' },
  'rep bank': { name: 'rep bank', is: 'as many reps as possible, added up' },
  'drop set': { name: 'drop set', is: 'to failure, then lighter without rest' },
  'partials after failure': { name: 'partials after failure', is: 'full reps, then half reps' },
  'hold and lower': { name: 'hold and negatives', is: 'after the last rep: a hold, then lowered reps' },
  'lengthened partials': { name: 'lengthened partials', is: 'half reps in the stretched position' },
  'sectioned reps': { name: 'sectioned reps', is: 'full reps, then each half of the range' },
  'strict then loose': { name: 'strict then loose', is: 'strict reps, then looser ones' },
  'high-rep finisher': { name: 'high-rep finisher', is: 'one long set at the end' },
  'slow lowering': { name: 'slow lowering', is: '3 to 6 seconds down' },
  'static hold': { name: 'static hold', is: 'a position held for seconds' },
  'every-minute sets': { name: 'every-minute sets', is: 'a few reps every minute' },
  'rep ladder': { name: 'rep ladder', is: 'one rep more each time, or fewer' },
  'for time': { name: 'for time', is: 'a list of reps against the clock' },
  'restricted blood flow': { name: 'restricted blood flow', is: 'light, long sets with a cuff, limbs only' },
  activation: { name: 'activation', is: 'easy sets before the main lift' },
  density: { name: 'density', is: 'same work, less rest each time' },
};

/** A technique as a cell shows it. */
export function techniqueCell({ technique, drift }: Pick<Slot, 'technique' | 'drift'>): string {
  return `${shapeCell(technique)}${drift === 'hold reps' && technique.kind !== 'straight' ? ' =' : ''}`.replace(
    /^straight$/,
    drift === 'hold reps' ? 'same reps' : 'straight',
  );
}

function shapeCell(technique: TechniqueParameters): string {
  switch (technique.kind) {
    case 'straight':
      return 'straight';
    case 'top + back-offs':
      return `top+${technique.backOffs}`;
    case 'rest-pause':
      return technique.lengths.length > 0 ? technique.lengths.join('+') : `pause ×${technique.pauses}`;
    case 'total-rep target':
      return `total ${technique.total}`;
    case 'cluster':
      return `cluster ${technique.minis}×${technique.reps}${technique.rise > 0 ? ' ↑' : ''}`;
    case 'ascending mini-sets':
      return `${technique.from}…${technique.to}`;
    case 'rep bank':
      return `bank ${technique.sum}`;
    case 'drop set':
      return `drop ×${technique.drops}`;
    case 'partials after failure':
      return `+${technique.partials} partials`;
    case 'hold and lower':
      return `hold ${technique.seconds}+${technique.lowered}`;
    case 'lengthened partials':
      return 'stretch half';
    case 'sectioned reps':
      return Array.from({ length: technique.slow ? 4 : 3 }, () => technique.each).join('+');
    case 'strict then loose':
      return `+${technique.loose} loose`;
    case 'high-rep finisher':
      if (technique.shape !== 'long set') return '10 to 20';
      return technique.load === 'half of 1RM' ? 'finisher ½ max' : 'finisher';
    case 'slow lowering':
      return `${technique.down} s down`;
    case 'static hold':
      return 'hold';
    case 'every-minute sets':
      return `${technique.minutes} min`;
    case 'rep ladder':
      if (technique.way === 'as written') return writtenReps(technique).join('-');
      if (technique.way === 'k sets of k') return `1×1…${technique.top}×${technique.top}`;
      return technique.way === 'down' ? `${technique.top}…${technique.step}` : `1…${technique.top}`;
    case 'for time':
      return technique.list.join('-');
    case 'restricted blood flow':
      return 'cuff';
    case 'activation':
      return 'easy';
    case 'density':
      return `rest −${technique.cut}`;
  }
}

/** A technique in words. */
export function techniqueSentence({ technique, drift }: Pick<Slot, 'technique' | 'drift'>): string {
  const later =
    drift === 'hold reps'
      ? ' Every set has the same reps and ends closer to failure.'
      : ' Later sets have fewer reps at the same RIR.';
  return (
    shapeSentence(technique) +
    (technique.kind === 'straight' || technique.kind === 'top + back-offs' ? later : '')
  );
}

const HALF_WORDS = {
  'easier half': 'easier half of the range',
  'long half': 'stretched half of the range',
  'short half': 'shortened half of the range',
} as const;

const failing = (toFailure: boolean) => (toFailure ? 'to failure' : 'ending at the week’s RIR, at least 1');

function shapeSentence(technique: TechniqueParameters): string {
  switch (technique.kind) {
    case 'straight':
      return `${plural(technique.sets, 'straight set')} at one load.`;
    case 'top + back-offs': {
      const reps =
        technique.backOffReps === 0
          ? 'in the same range'
          : `for ${plural(technique.backOffReps, 'rep')} more`;
      const top = technique.topToFailure
        ? 'to failure'
        : technique.topRir === 0
          ? 'at the week’s RIR'
          : `with ${plural(technique.topRir, 'rep')} more in reserve than the week’s RIR`;
      const partials =
        technique.topPartials === 0 ? '' : `, then ${plural(technique.topPartials, 'partial')}`;
      const last =
        technique.backOffPartials === 0
          ? ''
          : `, the last one with ${plural(technique.backOffPartials, 'partial')}`;
      const own =
        technique.backOffRule === 'the top set'
          ? ''
          : ' Back-offs progress on their own by the progression rule.';
      return `One heavy set ${top}${partials}, then ${plural(technique.backOffs, 'set')} at about ${figure(technique.drop * 100)} % less ${reps}${last}.${own}`;
    }
    case 'rest-pause':
      if (technique.lengths.length > 0)
        return `${plural(technique.sets, 'set')} in pieces of ${technique.lengths.join(' + ')} with ${technique.pause} s between, ${failing(technique.toFailure)}. The load rises when all pieces are done in two sessions in a row.`;
      return `${plural(technique.sets, 'set')}${technique.sets === 1 ? '' : ', each'} continued ${technique.pauses === 1 ? 'once' : `${technique.pauses} times`} after ${technique.pause} s of pause, ${failing(technique.toFailure)}. Total reps ${span(technique.total.low, technique.total.high)}; at ${technique.total.high} the load rises.`;
    case 'total-rep target':
      return `${technique.total} reps at one load in as few mini-sets as possible${technique.inTurn ? ', full reps and half reps in alternation' : ''}, ${technique.pause} s between. When ${technique.fewest} mini-sets are enough, the load rises.`;
    case 'cluster':
      return `${plural(technique.sets, 'big set')} of ${technique.minis} × ${technique.reps} with ${technique.pause} s between pieces and full rests between sets${technique.rise === 0 ? '' : `, each ${figure(technique.rise * 100)} % heavier than the last`}${technique.single && technique.sets > 1 ? ', the last one a single' : ''}. The last piece ends at the target RIR.`;
    case 'ascending mini-sets':
      return `${plural(technique.sets, 'round')} of ${technique.from}, ${technique.from + 1}, … ${technique.to} reps at one load with ${technique.pause} s between. When complete in two sessions in a row, the load rises by 2.5–5 %.`;
    case 'rep bank':
      return `${plural(technique.sets, 'set')} of as many reps as possible, ${failing(technique.toFailure)}. The total counts: at ${technique.sum} the load rises or assistance drops.`;
    case 'drop set':
      return `${plural(technique.sets, 'set')} ${failing(technique.toFailure)}, then ${plural(technique.drops, 'drop')} of ${figure(technique.off * 100)} % without rest. The first part progresses.`;
    case 'partials after failure':
      return `Full reps to ${technique.toFailure ? 'failure' : 'the set’s RIR'}, then ${technique.partials} partials in the ${HALF_WORDS[technique.half]}, ${technique.on === 'every set' ? 'in every set' : 'in the last set only'}.`;
    case 'hold and lower':
      return `Full reps to failure, then ${technique.seconds === 0 ? '' : `a hold of ${technique.seconds} s${technique.lowered === 0 ? '' : ' and '}`}${technique.lowered === 0 ? '' : `${plural(technique.lowered, 'rep')} lowered slowly, with help on the way up`}. Full reps progress, then seconds.`;
    case 'lengthened partials':
      return `${plural(technique.sets, 'set')} of half reps in the stretched position. Reps progress, then load; each rep counts as half the work.`;
    case 'sectioned reps':
      return `${plural(technique.sets, 'set')} of ${technique.each} each: ${technique.order}${technique.slow ? ', slow' : ''}, ${technique.breaths === 0 ? 'without pause' : `${technique.breaths} s of breaths between sections`}.`;
    case 'strict then loose':
      return `Strict reps until no more are possible, then ${technique.loose} with some swing. Isolation only; strict reps progress.`;
    case 'high-rep finisher':
      return technique.shape === 'long set'
        ? `One set of ${span(technique.band.low, technique.band.high)}${technique.load === 'by reps' ? ' reps' : ' reps at half of the one-rep max'}, ${failing(technique.toFailure)}. At ${technique.band.high} the load rises.`
        : `A ten-rep load, continued to twenty reps with a few breaths in between, ${failing(technique.toFailure)}.`;
    case 'slow lowering':
      return `${plural(technique.sets, 'set')} with ${technique.down} s of lowering in each rep.`;
    case 'static hold':
      return `${plural(technique.sets, 'hold')}. Seconds progress, then a harder variation.`;
    case 'every-minute sets':
      return `${technique.reps} reps at the start of each of ${technique.minutes} minutes. Reps rise through the range, then minutes. Counts as ${plural(technique.hard, 'hard set')}, as you set it.`;
    case 'rep ladder': {
      const climbs = technique.sets === 1 ? 'once' : `${technique.sets} times`;
      const way =
        technique.way === 'as written'
          ? `${writtenReps(technique).join(', ')} reps`
          : technique.way === 'k sets of k'
            ? `1 set of 1, 2 sets of 2, up to ${technique.top} sets of ${technique.top}`
            : technique.way === 'down'
              ? `from ${technique.top} reps down in steps of ${technique.step}`
              : `up to ${technique.top} reps in steps of ${technique.step}${technique.way === 'up' ? '' : ' and back down'}`;
      return `${climbs.charAt(0).toUpperCase()}${climbs.slice(1)} ${way}, ${technique.rests.length === 0 ? technique.pause : technique.rests.join(', ')} s between. ${ladderProgress(technique)}`;
    }
    case 'for time':
      return `${technique.list.join(', ')} reps as fast as possible, ${Math.round(technique.cap / 60)} min at most. The time progresses. Counts as ${plural(technique.hard, 'hard set')}, as you set it.`;
    case 'restricted blood flow':
      return `${technique.longs === 1 ? '' : `${technique.longs} × `}${technique.long} reps, then ${technique.shorts} × ${technique.short} with ${technique.pause === 0 ? 'no rest' : `${technique.pause} s`} between, at ${figure(technique.share * 100)} % of one-rep max. Arms and legs only, and only after a clinician has cleared it.`;
    case 'activation':
      return `${plural(technique.sets, 'easy set')} to feel the muscle before the main lift. They do not count as hard sets.`;
    case 'density':
      return `${shapeSentence(technique.of)} Each session on target cuts the rest by ${technique.cut} s, down to ${technique.least} s. Then the load rises and the rest starts over.`;
  }
}

/** Why a technique is not done as written. */
export const GATE_SENTENCES: Readonly<Record<Gate, string>> = {
  'unsafe alone':
    'Not safe to fail alone, so it stops short of failure. Note what makes it safe (safety bars, a spotter) to allow it.',
  'isolation only': 'Loose reps are for isolation exercises; this compound is done as straight sets.',
  'not screened':
    'Restricted blood flow needs clearance by a clinician. Until you confirm it, these are straight sets.',
  'limbs only': 'Restricted blood flow is for arms and legs only, so these are straight sets.',
  'holds only': 'This exercise is measured in reps, so these are straight sets.',
  'reps only': 'This exercise is held for time, so these are straight holds.',
  'too much past failure':
    'Too many exercises of this session go past failure, so this one stops short of it.',
  'poor recovery':
    'The last check-in shows poor recovery, so this week nothing goes past failure, and very long sets become normal ones.',
};

/** Why a technique is a poor fit for an exercise, although it is allowed. */
export const MISFIT_SENTENCES: Readonly<Record<Misfit, string>> = {
  'hardest in the middle wanted':
    'Clusters suit exercises that are hardest in the middle of the range; this one is not.',
  'hardest stretched wanted':
    'Half reps in the stretch suit exercises that are hardest in the stretched position; this one is not.',
};

/** Where a technique is allowed, by how close to failure it goes. */
export const REACH_WORDS: Readonly<Record<Reach, string>> = {
  'short of failure': 'Allowed on any exercise.',
  'to failure': 'Goes to failure. On lifts that are not safe to fail alone, note what makes it safe first.',
  'past failure':
    'Goes past failure. Not on lifts that are unsafe to fail alone, not in a deload, and only in a few exercises per session.',
};

/** What is logged for its sets. */
export const LOGGED_WORDS: Readonly<Record<LoggedAs, string>> = {
  reps: 'Logged set by set.',
  'sum of reps': 'Logged set by set; the total counts.',
  'full and partial reps': 'Logged as full reps and partials.',
  seconds: 'Logged in seconds.',
  time: 'Logged with the time taken.',
};

const ROLES: Readonly<Record<Role, string>> = {
  work: 'set',
  top: 'top set',
  'back-off': 'back-off',
  easy: 'easy set',
};

/** `set 2 of 3`, `top set`, `back-off 1 of 2`, `set 1, part 2 of 3`. */
export function setName(set: SetPlan, sets: readonly SetPlan[]): string {
  const alike = sets.filter((one) => one.role === set.role);
  const starts = alike.filter(({ piece }) => piece === 1);
  const at = starts.findIndex(({ round }) => round === set.round) + 1;
  const whole =
    starts.length === 1 && (set.role === 'top' || alike.length > 1)
      ? ROLES[set.role]
      : `${ROLES[set.role]} ${at} of ${starts.length}`;
  const pieces = alike.filter(({ round }) => round === set.round).length;
  const part = pieces > 1 ? `, part ${set.piece} of ${pieces}` : '';
  return `${whole}${part}${set.optional ? ', optional' : ''}`;
}

const MANNER_WORDS: Readonly<Record<Exclude<Manner, 'held' | 'lowered'>, string>> = {
  full: 'full reps',
  'long half': 'half reps in the stretched half',
  'short half': 'half reps in the shortened half',
  loose: 'loose reps',
  slow: 'slow reps',
};

/** What follows a set's reps without a pause: `4 half reps in the stretched half`, `10 s hold`. */
export function sectionWords({ manner, reps }: Section): string {
  if (manner === 'held') return `${reps} s hold`;
  if (manner === 'lowered') return `${reps} lowered slowly, with help on the way up`;
  return `${reps} ${MANNER_WORDS[manner]}`;
}

/** The same as it stands in a cell: `+4`, `+10″`, `+3↓`. */
export function sectionsCell(sections: readonly Section[]): string {
  return afterCell(afterReps(sections));
}

/** What followed, in figures: partial reps, seconds held, reps lowered. */
export function afterCell(after: {
  readonly partials?: number | undefined;
  readonly held?: number | undefined;
  readonly lowered?: number | undefined;
}): string {
  const { partials = 0, held = 0, lowered = 0 } = after;
  return [
    partials > 0 ? `+${partials}` : '',
    held > 0 ? `+${held}″` : '',
    lowered > 0 ? `+${lowered}↓` : '',
  ].join('');
}

function ladderProgress({ way, rests }: { readonly way: string; readonly rests: readonly number[] }): string {
  if (way === 'as written')
    return rests.length === 0 ? 'Rests get shorter, then the load rises.' : 'The load rises.';
  return `The highest reps progress${rests.length === 0 ? ', then rests get shorter' : ''}.`;
}

/** Reps of a ladder as written; the top alone until a list is typed. */
function writtenReps({ list, top }: { readonly list: readonly number[]; readonly top: number }) {
  return list.length === 0 ? [top] : list;
}
