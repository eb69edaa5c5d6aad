import type { Candidate, Cap, Crediting, Decider, Mark, Origin, Reason, Strength, Unit } from '@/core';
import {
  BY_REPS,
  clock,
  estimate,
  figure,
  listed,
  minutes,
  plural,
  setText,
  span,
  type Written,
} from './figures';
import { type ExerciseNames, SORENESS_WORDS } from './names';

/** A reason in words: what the figure follows from, then what else there was. */
export interface Explained {
  readonly because: string;
  readonly besides: string;
}

const DECIDERS: Readonly<Record<Decider, string>> = {
  'only one fits': 'It is the only one within half a rep of the target.',
  'reps nearest last time': 'Of those within half a rep of the target it keeps reps nearest last time’s.',
  'reps nearest the middle':
    'First week: of those within half a rep of the target it is nearest the middle of the range.',
  'nearest the wished drop': 'Of those within half a rep of the target it is nearest the wished drop.',
  'nearest RIR': 'Its reps are as near as the runner-up’s; the nearer reserve wins.',
  'smaller load': 'Equal in reps and reserve, so the smaller load.',
  'none fits, nearest RIR': 'Nothing the equipment makes comes within half a rep; this is nearest.',
  'below the range': 'Last time’s load no longer reaches the bottom of the range, so it falls to the middle.',
  'next load nearer the range':
    'The load below would take reps far past the top of the range; this one misses the range by less.',
  'next load out of reach':
    'The next load would not reach the bottom of the range yet, so reps pass its top.',
  'fewest steps': 'Load first: the fewest steps that reach the target at the same reps.',
  'step overshoots': 'The next step would overshoot by more than one, so reps are added instead.',
  'reps first': 'Reps rise through the range before the load does.',
  'top of the range':
    'Last time was at the top of the range, so the load rises and reps go back to the bottom.',
  'per cent': 'So many per cent more each week at the same reps.',
  'per cent below a step': 'The per cent so far do not make a whole step yet.',
  'not met yet': 'Not all of it was met, so it stays.',
  'met once': 'Met once; the load rises when it is met twice running.',
  'met twice running': 'Met in two sessions running, so the load rises.',
  'not earned yet': 'The technique has not earned its next load yet.',
  earned: 'The technique’s goal was met, so the load rises.',
  'end of the equipment': 'There is no heavier load here.',
  'next variation due': 'All sets at the top of the range: the next harder variation is due.',
  'share of the max': 'A fixed share of the one-rep max.',
};

function at(candidate: Pick<Candidate, 'load' | 'reps'>, written: Written): string {
  return setText(candidate.load, candidate.reps, written);
}

/** The exposure that did not serve, and why. */
function overText({ over }: Strength, written: Written): string {
  if (over === undefined) return '';
  const said = over.why === 'easier' ? 'was less near to failure' : 'says less';
  return ` (week ${over.week}’s ${at(over, written)} with ${figure(over.rir)} left ${said})`;
}

function strengthSentence(strength: Strength, written: Written, unit: Unit): string {
  const { source } = strength;
  const held = written.measure === 'seconds';
  const set = `${at(source, written)} with ${figure(source.rir)} left`;
  const from =
    source.kind === 'logged'
      ? `Week ${source.week} was ${set}${overText(strength, written)}`
      : `${source.kind === 'best set' ? 'Best set' : 'Start set'} ${set}${source.lessPercent === undefined ? '' : ` (long ago: ${source.lessPercent} % less)`}${source.halfCost === undefined ? '' : ` (a half rep there takes ${figure(source.halfCost * 100)} % of a full one)`}`;
  const measured = held
    ? `${from}: longest hold ${estimate(strength.measured)} s`
    : `${from}: e1RM ${estimate(strength.measured)} ${unit}`;
  if (strength.weeksAhead === 0) return `${measured}.`;
  const gain = `${figure(strength.gainPercent)} % a week`;
  return `${measured}, projected at ${gain} to ${estimate(strength.oneRepMax)}.`;
}

/** What the words of a reason lean on: how exercises are called, and how the slot's sets are written. */
interface Telling {
  readonly names: ExerciseNames;
  readonly written: Written;
}

/** That a range is another one in this phase. */
function movedText({ moved }: Extract<Reason, { code: 'reps/drift' }>): string {
  if (moved === undefined) return '';
  const { from, to, phase } = moved;
  return `${span(from.low, from.high)} is ${span(to.low, to.high)} while ${phase}. `;
}

/** The words of each reason: one without them does not compile. */
const EXPLAINED: {
  readonly [C in Reason['code']]: (reason: Extract<Reason, { code: C }>, telling: Telling) => Explained;
} = {
  'not fetched': () => {
    return { because: 'Its reasons are kept with the week and are on their way.', besides: '' };
  },
  'rir/ramp': (reason) => {
    const { week, weeks, first, last, offset, value } = reason;
    const shift = offset === 0 ? '' : `, ${offset > 0 ? 'plus' : 'minus'} ${Math.abs(offset)} for this slot`;
    return {
      because: `RIR ${value}: from ${first} in week 1 evenly to ${last} in week ${weeks}; this is week ${week}${shift}.`,
      besides: 'Halves round down. Change both ends in the block line, or give a slot its own.',
    };
  },
  'rir/fixed': (reason) => {
    return {
      because: `RIR ${reason.value}: this slot keeps its own, whatever the week.`,
      besides: 'Write “week” to follow the ramp again.',
    };
  },
  'rir/easy': (reason) => {
    return {
      because: `RIR ${reason.value} or more: a ${reason.week} week stays far from failure.`,
      besides: '',
    };
  },
  'load/best-fit': (reason, { written }) => {
    const { chosen, others, decider } = reason.fit;
    const runners = others.map((one) => `${at(one, written)} predicts ${estimate(one.predictedRir)}`);
    return {
      because: `${strengthSentence(reason.strength, written, reason.unit)} Target ${reason.targetRir} in reserve: ${at(chosen, written)} predicts ${estimate(chosen.predictedRir)}${runners.length > 0 ? `; ${runners.join('; ')}` : ''}.`,
      besides: `${DECIDERS[decider]}${reason.last === null ? '' : ` Last time ${at(reason.last, written)}.`}`,
    };
  },
  'load/hold': (reason, { written }) => {
    return {
      because: `${strengthSentence(reason.strength, written, reason.unit)} ${reason.targetRir} in reserve, a tenth of the seconds each, leave ${reason.seconds} s.`,
      besides:
        `Within ${reason.range.low}–${reason.range.high} s. ${written.loading === 'none' ? '' : 'The load stays as it was.'}`.trim(),
    };
  },
  'load/search': (reason, { written }) => {
    const held = written.measure === 'seconds';
    return {
      because: held
        ? `No hold of this is known, so week 1 looks for the seconds: hold within ${reason.range.low}–${reason.range.high} s until about ${reason.targetRir} tenths more would be left.`
        : `No set of this exercise is known, so week 1 looks for the load: work up within ${reason.range.low}–${reason.range.high} reps until ${reason.targetRir} are left.`,
      besides: `Write a start set such as ${held ? 'bw x 30 @ 2' : '60x10@3'}, and every week follows from it.`,
    };
  },
  'load/answered': (reason, { names, written }) => {
    const said = { accepted: 'You accepted', changed: 'You chose', held: 'You held' }[reason.outcome];
    const proposed = explain(reason.proposed, names, written);
    return {
      because: `${said} ${at(reason, written)}. The rule had: ${proposed.because}`,
      besides: proposed.besides,
    };
  },
  'load/override': (reason, { names, written }) => {
    return {
      because: `${reason.load === null ? `${reason.reps} reps` : at({ load: reason.load, reps: reason.reps }, written)} in this week alone, as you wrote. The rule had: ${explain(reason.proposed, names, written).because}`,
      besides: 'Empty the cell to go back to the rule.',
    };
  },
  'rir/held back': (reason, telling) => {
    return {
      because: `RIR ${reason.value}: this lift cannot be failed safely alone, so a rep stays in reserve. ${explain(reason.proposed, telling.names, telling.written).because}`,
      besides: 'Write down how it is made safe (safeties, a spotter) to allow less.',
    };
  },
  'rir/override': (reason) => {
    return {
      because: `RIR ${reason.value} in this week alone; the rule had ${reason.proposed}.`,
      besides: 'Empty the cell to go back to the rule.',
    };
  },
  'sets/override': (reason) => {
    return {
      because: `${plural(reason.sets, 'set')} in this week alone; ${reason.proposed} otherwise.`,
      besides: '',
    };
  },
  'load/easy': (reason, { written }) => {
    return {
      because: `${reason.week === 'deload' ? 'Deload' : 'Recover week'}: from ${at(reason.from, written)} to ${at(reason, written)}, which leaves ${estimate(reason.predictedRir)} in reserve.`,
      besides:
        reason.week === 'deload'
          ? 'The load is kept, so that nothing is forgotten; reps are cut.'
          : 'Lighter by a tenth, and far from failure.',
    };
  },
  'whole-body-deload': (reason) => {
    const { behind, recovering, atCeiling, growing, hardWeeks } = reason;
    const worn = [
      ...(behind > 0 ? [`${behind} behind`] : []),
      ...(recovering > 0 ? [`${recovering} recovering`] : []),
      ...(atCeiling > 0 ? [`${atCeiling} at their ceiling`] : []),
    ];
    return {
      because: `Of ${plural(growing, 'growing muscle')} ${listed(worn)}: half or more are worn.${hardWeeks > 1 ? ' The last two weeks went to RIR 1 or less.' : ''}`,
      besides: 'Taken, the next week becomes the deload; declined, the block goes on as planned.',
    };
  },
  'sets/prescribed': (reason) => {
    if (reason.ramp === undefined)
      return { because: `${plural(reason.sets, 'set')}, as prescribed.`, besides: '' };
    const { from, to, week, weeks } = reason.ramp;
    return {
      because: `${plural(reason.sets, 'set')}: by plan from ${from} in week 1 to ${to} in week ${weeks}; this is week ${week}.`,
      besides: '',
    };
  },
  'sets/response': (reason) => {
    const steps = reason.added.map(
      ({ muscle, week, add }) => `${add > 0 ? '+' : ''}${figure(add)} for ${muscle} from week ${week}`,
    );
    return {
      because: `${plural(reason.sets, 'set')}: ${reason.prescribed} prescribed, ${listed(steps)}.`,
      besides: '',
    };
  },
  'sets/easy': (reason) => {
    return {
      because: `${plural(reason.sets, 'set')}: ${reason.from} × ${figure(reason.factor)} in a ${reason.week} week, rounded, at least one.`,
      besides: '',
    };
  },
  'sets/after-recover': (reason) => {
    return {
      because: `${plural(reason.sets, 'set')}: after its recover week ${reason.muscle} returns midway between floor ${estimate(reason.floor)} and the ${estimate(reason.failedAt)} at which it failed.`,
      besides: '',
    };
  },
  'reps/drift': (reason) => {
    return {
      because: `${movedText(reason)}${
        reason.mode === 'hold RIR'
          ? `With ${figure(reason.seconds, 0)} s of rest each further set asks ${estimate(reason.perSet)} reps fewer at the same reserve.`
          : `Every set asks the same reps; with ${figure(reason.seconds, 0)} s of rest each ends ${estimate(reason.perSet)} nearer failure${reason.mode === 'hold reps' ? ', the asked reserve met on average' : ''}.`
      }`,
      besides:
        reason.low === undefined || reason.mode !== 'hold RIR'
          ? ''
          : `Set 1 asks at least ${reason.low}, so that the last still reaches the bottom of the range.`,
    };
  },
  volume: (reason, { names }) => {
    return volume(reason, names);
  },
  budget: (reason) => {
    return {
      because: `${figure(reason.hardSets, 1)} hard sets this week, each counted once. Budget ${figure(reason.budget, 1)}: ${reason.level}, ${reason.phase}${reason.hardSport > 0 ? `, less 4 for each of ${reason.hardSport} hard sport sessions` : ''}.`,
      besides: '',
    };
  },
  minutes: (reason) => {
    const { mode, work, rest, warmUp, low, high } = reason;
    // Strict lengths are exact: to the second.
    const said = (seconds: number) => (mode === 'strict' ? clock(seconds) : String(minutes(seconds)));
    const parts = [
      `work ${said(work)}`,
      `rest ${said(rest)}`,
      ...(mode === 'realistic' ? [`warm-up ${minutes(warmUp)}`] : []),
    ];
    return {
      because: `${said(low)} to ${said(high)} min between the ends of the rep ranges: ${parts.join(', ')} at the long end.`,
      besides: `Rest is ${Math.round((100 * rest) / Math.max(1, high))} % of it. ${mode === 'realistic' ? 'Change-over between exercises takes at least 90 s.' : 'Strict: sets and rests alone.'}`,
    };
  },
  'set-response': (reason) => {
    const sore =
      reason.soreness === 'no check-in'
        ? 'no check-in, counted as just in time'
        : SORENESS_WORDS[reason.soreness].long;
    const score = `${reason.score >= 0 ? '+' : '−'}${Math.abs(reason.score).toFixed(1)}`;
    return {
      because: `${reason.muscle}: soreness ${sore}; performance ${reason.verdict} (${score} reps against target${reason.behindTwice ? ', twice running' : ''}).${startWords(reason.startShortfall)}`,
      besides:
        reason.capped === null
          ? ''
          : `${reason.wanted} wanted, ${reason.add} possible: ${capWords(reason.capped)}.`,
    };
  },
};

/**
 * Words a reason.
 * @param names how exercises are called
 * @param written how the slot's sets are written, for reasons that speak of loads
 */
export function explain(reason: Reason, names: ExerciseNames, written: Written = BY_REPS): Explained {
  // The reason's code joins it with its words, which TypeScript cannot follow.
  const words = EXPLAINED[reason.code] as (reason: Reason, telling: Telling) => Explained;
  return words(reason, { names, written });
}

function startWords(shortfall: number): string {
  if (!(shortfall > 0)) return '';
  const why =
    shortfall > 1
      ? 'it was not felt and reps did not fall'
      : 'it was not felt, or reps did not fall across sets';
  return ` Week 1 lay below this athlete’s floor: ${why}.`;
}

const SCHOOLS: Readonly<Record<Crediting, string>> = {
  fractional: 'fractional',
  'direct only': 'prime movers only',
  inclusive: 'every clear assistance whole',
  'near-failure reps': 'the reps near failure, in fifths',
};

const ORIGINS: Readonly<Record<Origin, string>> = {
  convention: '',
  learned: ', learned',
  coach: ', yours',
};

function volume(reason: Extract<Reason, { code: 'volume' }>, names: ExerciseNames): Explained {
  const { landmarks, muscle, sets, measured, direct, parts, goal, crediting } = reason;
  const { base, result, origins, factors, school } = landmarks;
  const from = parts.map((part) =>
    crediting === 'fractional'
      ? `${names(part.exerciseId)} ${part.sets} × ${figure(part.contribution)}`
      : `${names(part.exerciseId)} ${figure(part.credit)}`,
  );
  const counting = crediting === 'fractional' ? '' : ` Counted ${SCHOOLS[crediting]}.`;
  const compared =
    Math.abs(sets - measured) < 1e-9
      ? ''
      : ` Landmarks compare with ${figure(measured, 1)} ${school === 'fixed dose' ? 'direct' : 'fractional'}.`;
  const exposed = `Direct ${figure(direct, 1)}; trained ${figure(reason.frequency, 1)}× a week, ${figure(reason.directFrequency, 1)}× directly.`;
  const mark = (name: Mark) => {
    if (name === 'hold') return `hold ${figure(result.hold, 1)}${ORIGINS[origins.hold]}`;
    const { level, phase } = factors[name];
    const made = [level, phase].filter((one) => one !== 1).map((one) => ` × ${figure(one, 3)}`);
    const sum = made.length === 0 ? '' : ` = ${figure(base[name], 1)}${made.join('')}`;
    return `${name} ${figure(result[name], 1)}${sum}${ORIGINS[origins[name]]}`;
  };
  const marks = `${mark('hold')}; ${mark('floor')}; ${mark('ceiling')}`;
  const who = school === 'fixed dose' ? 'fixed dose, direct sets' : `${landmarks.level}, ${landmarks.phase}`;
  const aim = goal === 'hold' ? ' Held.' : goal === 'priority' ? ' Priority.' : '';
  return {
    because: `${muscle} ${figure(sets, 1)}: ${from.length === 0 ? 'no hard sets' : from.join(', ')}. ${exposed}${counting}${compared}`,
    besides: `${marks.charAt(0).toUpperCase()}${marks.slice(1)} (${who}).${aim}`,
  };
}

function capWords(cap: Cap): string {
  switch (cap.kind) {
    case 'no slot':
      return 'its slots take no more sets';
    case 'session time':
      return `the session would last ${Math.ceil(cap.minutes)} of ${cap.limit} min`;
    case 'session cap':
      return `${figure(cap.sets, 1)} sets in one session pass ${cap.limit}`;
    case 'ceiling':
      return `${figure(cap.sets, 1)} a week pass the ceiling ${figure(cap.limit, 1)}`;
    case 'budget':
      return `${figure(cap.sets, 1)} sets pass the whole-body budget ${figure(cap.limit, 1)}`;
    case 'week addition':
      return `at most ${cap.limit} more a week for one muscle`;
    case 'week growth':
      return `the week may grow by ${cap.limit} sets`;
  }
}
