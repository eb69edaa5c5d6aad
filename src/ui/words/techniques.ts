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

/** What a technique is called, and what it is in a few words. */
export const TECHNIQUE_NAMES: Readonly<
  Record<TechniqueKind, { readonly name: string; readonly is: string }>
> = {
  straight: { name: 'straight sets', is: 'n sets at one load' },
  'top + back-offs': { name: 'top set + back-offs', is: 'one heavier, then lighter' },
  'rest-pause': { name: 'rest-pause', is: 'a set taken up again after short pauses' },
  'total-rep target': { name: 'total-rep target', is: 'as many short sets as the total needs' },
  cluster: { name: 'cluster', is: 'big sets in small pieces' },
  'ascending mini-sets': { name: 'ascending mini-sets', is: 'each a rep longer than the last' },
  'rep bank': { name: 'rep bank', is: 'as many as possible, summed' },
  'drop set': { name: 'drop set', is: 'to failure, lighter, again' },
  'partials after failure': { name: 'partials after failure', is: 'full reps, then half ones' },
  'hold and lower': { name: 'hold and lower', is: 'after the last rep: held, then lowered' },
  'lengthened partials': { name: 'lengthened partials', is: 'only the half where the muscle is long' },
  'sectioned reps': { name: 'sectioned reps', is: 'full, then one half, then the other' },
  'strict then loose': { name: 'strict then loose', is: 'strict reps, then with a swing' },
  'high-rep finisher': { name: 'high-rep finisher', is: 'one long set at the end' },
  'slow lowering': { name: 'slow lowering', is: '3 to 6 seconds down' },
  'static hold': { name: 'static hold', is: 'a position held for seconds' },
  'every-minute sets': { name: 'every-minute sets', is: 'some reps at the start of each minute' },
  'rep ladder': { name: 'rep ladder', is: 'rung by rung up, or down' },
  'for time': { name: 'for time', is: 'a list of reps against the clock' },
  'restricted blood flow': { name: 'restricted blood flow', is: 'light and long, limbs only' },
  activation: { name: 'activation', is: 'easy sets that never count' },
  density: { name: 'density', is: 'the same work with less rest' },
};

/** A technique as it reads in a cell. */
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
      return `top + ${technique.backOffs}`;
    case 'rest-pause':
      return technique.lengths.length > 0 ? technique.lengths.join('+') : `pause ×${technique.pauses}`;
    case 'total-rep target':
      return `total ${technique.total}`;
    case 'cluster':
      return `clus. ${technique.minis}×${technique.reps}${technique.rise > 0 ? ' ↑' : ''}`;
    case 'ascending mini-sets':
      return `${technique.from}…${technique.to} up`;
    case 'rep bank':
      return `bank ${technique.sum}`;
    case 'drop set':
      return `drop ×${technique.drops}`;
    case 'partials after failure':
      return `+${technique.partials} half`;
    case 'hold and lower':
      return `hold ${technique.seconds}+${technique.lowered}`;
    case 'lengthened partials':
      return 'long half';
    case 'sectioned reps':
      return Array.from({ length: technique.slow ? 4 : 3 }, () => technique.each).join('+');
    case 'strict then loose':
      return `+${technique.loose} loose`;
    case 'high-rep finisher':
      return technique.shape === 'long set' ? 'finisher' : '10 to 20';
    case 'slow lowering':
      return `${technique.down} s down`;
    case 'static hold':
      return 'hold';
    case 'every-minute sets':
      return `${technique.minutes} min`;
    case 'rep ladder':
      if (technique.way === 'k sets of k') return `1×1…${technique.top}×${technique.top}`;
      return technique.way === 'down' ? `${technique.top}…${technique.step}` : `1…${technique.top}`;
    case 'for time':
      return technique.list.join('-');
    case 'restricted blood flow':
      return 'low flow';
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
      ? ' Every set asks the same reps and ends nearer failure.'
      : ' Later sets ask fewer reps at the same RIR.';
  return (
    shapeSentence(technique) +
    (technique.kind === 'straight' || technique.kind === 'top + back-offs' ? later : '')
  );
}

const HALF_WORDS = {
  'easier half': 'half where this exercise is easier',
  'long half': 'half where the muscle is long',
  'short half': 'half where the muscle is short',
} as const;

const failing = (toFailure: boolean) =>
  toFailure ? 'to failure' : 'held back at the week’s RIR, never less than 1';

function shapeSentence(technique: TechniqueParameters): string {
  switch (technique.kind) {
    case 'straight':
      return `${plural(technique.sets, 'straight set')} at one load.`;
    case 'top + back-offs': {
      const reps =
        technique.backOffReps === 0 ? 'in the same range' : `of ${technique.backOffReps} reps more`;
      const top = technique.topToFailure ? 'taken to failure' : `held back by ${technique.topRir} RIR`;
      const partials =
        technique.topPartials === 0 ? '' : ` and followed by ${plural(technique.topPartials, 'partial')}`;
      const own =
        technique.backOffRule === 'the top set'
          ? ''
          : ' Back-offs go on from their own last time, by the load rule.';
      return `One heavier set ${top}${partials}, then ${technique.backOffs} about ${figure(technique.drop * 100)} % lighter ${reps}.${own}`;
    }
    case 'rest-pause':
      if (technique.lengths.length > 0)
        return `${plural(technique.sets, 'set')} in pieces of ${technique.lengths.join(' + ')} with ${technique.pause} s between, ${failing(technique.toFailure)}. Complete in two sessions running, the load rises.`;
      return `${plural(technique.sets, 'set')}${technique.sets === 1 ? '' : ', each'} taken up again ${technique.pauses === 1 ? 'once' : `${technique.pauses} times`} after ${technique.pause} s, ${failing(technique.toFailure)}. The total belongs in ${span(technique.total.low, technique.total.high)}; at ${technique.total.high} the load rises.`;
    case 'total-rep target':
      return `${technique.total} reps at one load in as few mini-sets as possible, ${technique.inTurn ? 'full ones and long halves in turn, ' : ''}${technique.pause} s between. Done in ${technique.fewest}, the load rises.`;
    case 'cluster':
      return `${plural(technique.sets, 'big set')} of ${technique.minis} × ${technique.reps} with ${technique.pause} s inside and full rests between${technique.rise === 0 ? '' : `, each ${figure(technique.rise * 100)} % heavier than the one before`}${technique.single && technique.sets > 1 ? ', the last a single' : ''}; the last piece ends at the target RIR.`;
    case 'ascending mini-sets':
      return `${plural(technique.sets, 'round')} of ${technique.from}, ${technique.from + 1}, … ${technique.to} reps at one load with ${technique.pause} s between. Complete in two sessions running, the load rises by 2.5–5 %.`;
    case 'rep bank':
      return `${plural(technique.sets, 'set')} of as many as possible, ${failing(technique.toFailure)}. Their sum is what counts: at ${technique.sum} the load rises, or assistance falls.`;
    case 'drop set':
      return `${plural(technique.sets, 'set')} ${failing(technique.toFailure)}, then ${figure(technique.off * 100)} % off and on without a rest, ${plural(technique.drops, 'drop')}. The reps of the first part progress.`;
    case 'partials after failure':
      return `Full reps to ${technique.toFailure ? 'failure' : 'the set’s RIR'}, then ${technique.partials} partials in the ${HALF_WORDS[technique.half]}, on ${technique.on === 'every set' ? 'every set' : 'the last set only'}.`;
    case 'hold and lower':
      return `Full reps to failure, then ${technique.seconds === 0 ? '' : `a hold of ${technique.seconds} s${technique.lowered === 0 ? '' : ' and '}`}${technique.lowered === 0 ? '' : `${plural(technique.lowered, 'rep')} only lowered, with help up`}. Full reps progress, then seconds.`;
    case 'lengthened partials':
      return `${plural(technique.sets, 'set')} in the half of the range where the muscle is long. Reps progress, then load; each counts half as work.`;
    case 'sectioned reps':
      return `${plural(technique.sets, 'set')} of ${technique.each} each: ${technique.order}${technique.slow ? ', slow' : ''}, without a pause.`;
    case 'strict then loose':
      return `Strict reps until none is left, then ${technique.loose} with a swing. Isolation only; strict reps progress.`;
    case 'high-rep finisher':
      return technique.shape === 'long set'
        ? `One set of ${span(technique.band.low, technique.band.high)}${technique.load === 'by reps' ? '' : ' at half of one-rep max'}, ${failing(technique.toFailure)}. At ${technique.band.high} the load rises.`
        : `A load good for ten, taken on to twenty with a few breaths between, ${failing(technique.toFailure)}.`;
    case 'slow lowering':
      return `${plural(technique.sets, 'set')} with ${technique.down} s of lowering in each rep.`;
    case 'static hold':
      return `${plural(technique.sets, 'hold')}. Seconds progress, then a harder variation.`;
    case 'every-minute sets':
      return `${technique.reps} reps at the start of each of ${technique.minutes} minutes. Reps rise through the range, then minutes. Counted as ${plural(technique.hard, 'hard set')}, your word.`;
    case 'rep ladder': {
      const climbs = technique.sets === 1 ? 'once' : `${technique.sets} times`;
      const way =
        technique.way === 'k sets of k'
          ? `one of 1, two of 2, up to ${technique.top} of ${technique.top}`
          : technique.way === 'down'
            ? `from ${technique.top} down by ${technique.step}`
            : `up to ${technique.top} by ${technique.step}${technique.way === 'up' ? '' : ' and down again'}`;
      return `${climbs.charAt(0).toUpperCase()}${climbs.slice(1)} ${way}, ${technique.rests.length === 0 ? technique.pause : technique.rests.join(', ')} s between. The longest rung grows${technique.rests.length === 0 ? ', then rests fall' : ''}.`;
    }
    case 'for time':
      return `${technique.list.join(', ')} reps as fast as possible, ${Math.round(technique.cap / 60)} min at most. The time progresses. Counted as ${plural(technique.hard, 'hard set')}, your word.`;
    case 'restricted blood flow':
      return `${technique.longs === 1 ? '' : `${technique.longs} × `}${technique.long} reps, then ${technique.shorts} × ${technique.short} with ${technique.pause === 0 ? 'no rest' : `${technique.pause} s`} between, at ${figure(technique.share * 100)} % of one-rep max. Limbs only, and only after screening by a clinician.`;
    case 'activation':
      return `${plural(technique.sets, 'easy set')} to feel the muscle before the main lift. They never count.`;
    case 'density':
      return `${shapeSentence(technique.of)} Each session that was met cuts the rest by ${technique.cut} s down to ${technique.least} s; then the load rises and the rest starts anew.`;
  }
}

/** Why a technique is not done as it is written. */
export const GATE_SENTENCES: Readonly<Record<Gate, string>> = {
  'unsafe alone':
    'This lift cannot be failed safely alone, so it is held back. Write down how it is made safe (safeties, a spotter) to allow it.',
  'isolation only': 'Loose reps are for isolation work; a compound is done as straight sets.',
  'not screened':
    'Restricted flow needs a clinician’s screening first; until you confirm it, straight sets stand here.',
  'limbs only': 'Restricted flow is for arms and legs only; straight sets stand here.',
  'holds only': 'This exercise is counted in reps, so it cannot be held; straight sets stand here.',
  'reps only': 'This exercise is held for seconds, so it has no reps to arrange; straight holds stand here.',
  'too much past failure':
    'More slots of this session go past failure than this athlete should; this one is held back.',
  'poor recovery':
    'The last check-in speaks of poor recovery, so nothing goes past failure this week; it passes with the signs.',
};

/** Why a technique suits an exercise badly, though it may be done. */
export const MISFIT_SENTENCES: Readonly<Record<Misfit, string>> = {
  'hardest in the middle wanted':
    'Clusters suit exercises that are hardest in the middle of their range; this one is not.',
  'hardest stretched wanted':
    'Half reps at long length suit exercises that are hardest stretched; this one is not.',
};

/** Where a technique may be done, by how near failure it comes. */
export const REACH_WORDS: Readonly<Record<Reach, string>> = {
  'short of failure': 'May be done on any lift.',
  'to failure':
    'Goes to failure: blocked on lifts that cannot be failed safely alone, until what makes it safe is noted.',
  'past failure':
    'Goes past failure: blocked on lifts that cannot be failed safely alone, few slots a session, none in a deload.',
};

/** What is logged of its sets. */
export const LOGGED_WORDS: Readonly<Record<LoggedAs, string>> = {
  reps: 'Logged set by set.',
  'sum of reps': 'Logged set by set; the sum is what counts.',
  'full and partial reps': 'Logged as full reps and partial ones.',
  seconds: 'Logged in seconds.',
  time: 'Logged with the time it took.',
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
  return `${whole}${part}${set.optional ? ', if there is energy left' : ''}`;
}

const MANNER_WORDS: Readonly<Record<Exclude<Manner, 'held' | 'lowered'>, string>> = {
  full: 'full',
  'long half': 'in the half where the muscle is long',
  'short half': 'in the half where the muscle is short',
  loose: 'with a swing',
  slow: 'slow',
};

/** What follows a set's reps without a pause: `4 in the half where the muscle is long`, `10 s held`. */
export function sectionWords({ manner, reps }: Section): string {
  if (manner === 'held') return `${reps} s held`;
  if (manner === 'lowered') return `${reps} lowered, with help up`;
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
