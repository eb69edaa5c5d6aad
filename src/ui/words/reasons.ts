import type { Candidate, Cap, Crediting, Decider, Mark, Origin, Reason, Strength, Unit } from '@/core';
import {
  BY_REPS,
  clock,
  estimate,
  figure,
  listed,
  minutes,
  plural,
  setAtRir,
  setText,
  span,
  type Written,
} from './figures';
import { capital, type ExerciseNames, SORENESS_WORDS } from './names';
import { MARK_NAMES, PHASE_NAMES, VERDICT_NAMES } from './values';

/** A reason in words: what the figure is and what it follows from, then what else there was. */
export interface Explained {
  readonly because: string;
  readonly besides: string;
}

const DECIDERS: Readonly<Record<Decider, string>> = {
  'only one fits': 'No other load comes within half a rep of the target.',
  'reps nearest last time': 'The rule keeps reps closest to last week’s.',
  'reps nearest the middle': 'In week 1 the rule chooses reps closest to the middle of the range.',
  'nearest the wished drop': 'The rule chooses the load closest to the written drop.',
  'nearest RIR': 'Both have the same reps; this one is closer to the target RIR.',
  'smaller load': 'Both are equally close, so the rule uses the smaller load.',
  'none fits, nearest RIR': 'No available load comes within half a rep of the target; this is the closest.',
  'below the range':
    'Last week’s load no longer reaches the bottom of the range, so the load drops to its middle.',
  'next load nearer the range': 'The lighter load would need reps far above the range; this one is closer.',
  'next load out of reach':
    'The next heavier load would not reach the bottom of the range yet, so reps go above the top.',
  'fewest steps': 'Load first: the smallest increase that reaches the target with the same reps.',
  'step overshoots': 'The next load would be too hard by more than one rep, so reps are added instead.',
  'reps first': 'Reps rise through the range before the load does.',
  'top of the range':
    'Last week reached the top of the range, so the load rises and reps start at the bottom.',
  'per cent': 'The load rises by a fixed percentage each week with the same reps.',
  'per cent below a step': 'The percentage does not yet add up to one load step.',
  'not met yet': 'Last week was not fully met, so nothing changes.',
  'met once': 'Met once; the load rises after two sessions in a row.',
  'met twice running': 'Met in two sessions in a row, so the load rises.',
  'not earned yet': 'The technique’s goal is not met yet, so the load stays.',
  earned: 'The technique’s goal was met, so the load rises.',
  'end of the equipment': 'The equipment here has no heavier load.',
  'next variation due': 'All sets reached the top of the range: time for the next harder variation.',
  'share of the max': 'A fixed share of the one-rep max.',
};

function at(candidate: Pick<Candidate, 'load' | 'reps'>, written: Written): string {
  return setText(candidate.load, candidate.reps, written);
}

const left = (rir: number) => `${figure(rir)} ${rir === 1 ? 'rep' : 'reps'} left`;

/** The other session considered for this estimate, and why it was not used. */
function overText({ over }: Strength, written: Written): string {
  if (over === undefined) return '';
  const why = over.why === 'easier' ? 'ended further from failure' : 'says less';
  return ` (week ${over.week}: ${setAtRir(over.load, over.reps, over.rir, written)} ${why})`;
}

function strengthSentence(strength: Strength, written: Written, unit: Unit): string {
  const { source } = strength;
  const held = written.measure === 'seconds';
  const set = `${at(source, written)} with ${left(source.rir)}`;
  const name =
    source.kind === 'logged' ? `Week ${source.week}` : source.kind === 'best set' ? 'Best set' : 'Based on';
  const notes =
    source.kind === 'logged'
      ? overText(strength, written)
      : `${source.lessPercent === undefined ? '' : ` (long ago, so ${source.lessPercent} % less)`}${source.halfCost === undefined ? '' : ` (a half rep counts as ${figure(source.halfCost * 100)} % of a full one)`}`;
  const measured = held
    ? `longest hold ${estimate(strength.measured)} s`
    : `estimated max ${estimate(strength.measured)} ${unit}`;
  const projected =
    strength.weeksAhead === 0
      ? ''
      : `, projected to ${estimate(strength.oneRepMax)} at ${figure(strength.gainPercent)} % a week`;
  return `${name}: ${set}${notes}, ${measured}${projected}.`;
}

/** What the words of a reason depend on: names of exercises, and how the sets are written. */
interface Telling {
  readonly names: ExerciseNames;
  readonly written: Written;
}

/** That the phase moved a range. */
function movedText({ moved }: Extract<Reason, { code: 'reps/drift' }>): string {
  if (moved === undefined) return '';
  const { from, to, phase } = moved;
  return `${span(from.low, from.high)} becomes ${span(to.low, to.high)} while ${PHASE_NAMES[phase]}. `;
}

/** The words of each reason. A reason without words does not compile. */
const EXPLAINED: {
  readonly [C in Reason['code']]: (reason: Extract<Reason, { code: C }>, telling: Telling) => Explained;
} = {
  'not fetched': () => {
    return { because: 'Loading the explanation saved with this week.', besides: '' };
  },
  'rir/ramp': (reason) => {
    const { weeks, first, last, offset, value } = reason;
    const shift =
      offset === 0 ? '' : `, ${offset > 0 ? 'plus' : 'minus'} ${Math.abs(offset)} for this exercise`;
    return {
      because: `${value} RIR: the block goes from ${first} in week 1 to ${last} in week ${weeks}${shift}.`,
      besides: 'Change both ends in the line above the Sheet, or type a RIR for this exercise.',
    };
  },
  'rir/fixed': (reason) => {
    return {
      because: `${reason.value} RIR: fixed for this exercise in every week.`,
      besides: 'Type “week” to follow the block again.',
    };
  },
  'rir/easy': (reason) => {
    return {
      because: `${reason.value} RIR or more: a ${reason.week} week stays far from failure.`,
      besides: '',
    };
  },
  'load/best-fit': (reason, { written }) => {
    const { chosen, others, decider } = reason.fit;
    const predicts = (one: Candidate) => `${at(one, written)} would leave ${estimate(one.predictedRir)}`;
    return {
      because: `${strengthSentence(reason.strength, written, reason.unit)} ${at(chosen, written)} should leave ${estimate(chosen.predictedRir)} (target ${reason.targetRir}).`,
      besides: `${others.length === 0 ? '' : `${capital(others.map(predicts).join('; '))}. `}${DECIDERS[decider]}${reason.last === null ? '' : ` Last time ${at(reason.last, written)}.`}`,
    };
  },
  'load/hold': (reason, { written }) => {
    return {
      because: `${strengthSentence(reason.strength, written, reason.unit)} ${reason.seconds} s leave about ${reason.targetRir} tenths of that in reserve.`,
      besides:
        `Range ${reason.range.low}–${reason.range.high} s.${written.loading === 'none' ? '' : ' The load stays the same.'}`.trim(),
    };
  },
  'load/search': (reason, { written }) => {
    const held = written.measure === 'seconds';
    return {
      because: held
        ? `No hold is known yet, so week 1 finds it: hold ${reason.range.low}–${reason.range.high} s until about ${reason.targetRir} tenths more would be possible.`
        : `No set of this exercise is known yet, so week 1 finds the load: work up in ${reason.range.low}–${reason.range.high} reps until ${reason.targetRir} are left.`,
      besides: `Type a known set such as ${held ? 'bw × 30 @2' : '60 × 10 @3'}, and all weeks follow from it.`,
    };
  },
  'load/answered': (reason, { names, written }) => {
    const said = { accepted: 'You applied', changed: 'You chose', held: 'You kept' }[reason.outcome];
    const proposed = explain(reason.proposed, names, written);
    return {
      because: `${said} ${at(reason, written)}.`,
      besides: `The rule: ${proposed.because}`,
    };
  },
  'load/override': (reason, { names, written }) => {
    return {
      because: `${reason.load === null ? `${reason.reps} reps` : at({ load: reason.load, reps: reason.reps }, written)}: typed for this week only. Clear the cell to follow the rule again.`,
      besides: `The rule: ${explain(reason.proposed, names, written).because}`,
    };
  },
  'rir/held back': (reason, telling) => {
    return {
      because: `${reason.value} RIR: this lift is not safe to fail alone, so one rep stays in reserve.`,
      besides: `Note what makes it safe (safety bars, a spotter) to allow less. ${explain(reason.proposed, telling.names, telling.written).because}`,
    };
  },
  'rir/override': (reason) => {
    return {
      because: `${reason.value} RIR: typed for this week only; the rule gives ${reason.proposed}.`,
      besides: 'Clear the cell to follow the rule again.',
    };
  },
  'sets/override': (reason) => {
    return {
      because: `${plural(reason.sets, 'set')}: typed for this week only; otherwise ${reason.proposed}.`,
      besides: '',
    };
  },
  'load/easy': (reason, { written }) => {
    return {
      because: `${reason.week === 'deload' ? 'Deload' : 'Recovery week'}: ${at(reason, written)} instead of ${at(reason.from, written)}, which leaves ${estimate(reason.predictedRir)} reps.`,
      besides:
        reason.week === 'deload'
          ? 'The load stays, the reps are cut.'
          : 'A tenth lighter and far from failure.',
    };
  },
  'whole-body-deload': (reason) => {
    const { behind, recovering, atCeiling, growing, hardWeeks } = reason;
    const worn = [
      ...(behind > 0 ? [`${behind} below target`] : []),
      ...(recovering > 0 ? [`${recovering} recovering`] : []),
      ...(atCeiling > 0 ? [`${atCeiling} at the maximum`] : []),
    ];
    return {
      because: `Of ${plural(growing, 'growing muscle')}, ${listed(worn)}: half or more need recovery.${hardWeeks > 1 ? ' The last two weeks went to 1 RIR or less.' : ''}`,
      besides: 'Apply it and next week becomes the deload. Dismiss it and the block continues as planned.',
    };
  },
  'sets/prescribed': (reason) => {
    if (reason.ramp === undefined)
      return { because: `${plural(reason.sets, 'set')}, as prescribed.`, besides: '' };
    const { from, to, weeks } = reason.ramp;
    return {
      because: `${plural(reason.sets, 'set')}: planned from ${from} in week 1 to ${to} in week ${weeks}.`,
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
      because: `${plural(reason.sets, 'set')}: after a recovery week ${reason.muscle} continues midway between its minimum of ${estimate(reason.floor)} and the ${estimate(reason.failedAt)} at which it was below target.`,
      besides: '',
    };
  },
  'reps/drift': (reason) => {
    return {
      because: `${movedText(reason)}${
        reason.mode === 'hold RIR'
          ? `After ${figure(reason.seconds, 0)} s of rest each further set is ${estimate(reason.perSet)} reps shorter at the same RIR.`
          : `Every set has the same reps; after ${figure(reason.seconds, 0)} s of rest each ends ${estimate(reason.perSet)} reps closer to failure${reason.mode === 'hold reps' ? ', with the target RIR as the average' : ''}.`
      }`,
      besides:
        reason.low === undefined || reason.mode !== 'hold RIR'
          ? ''
          : `Set 1 has at least ${reason.low} reps, so that the last set reaches the bottom of the range.`,
    };
  },
  volume: (reason, { names }) => {
    return volume(reason, names);
  },
  budget: (reason) => {
    return {
      because: `${figure(reason.hardSets, 1)} hard sets this week, each counted once; budget ${figure(reason.budget, 1)} (${reason.level}, ${PHASE_NAMES[reason.phase]}${reason.hardSport > 0 ? `, less 4 for each of ${reason.hardSport} hard sport sessions` : ''}).`,
      besides: '',
    };
  },
  minutes: (reason) => {
    const { mode, work, rest, warmUp, low, high } = reason;
    // Strict lengths are exact, to the second.
    const said = (seconds: number) => (mode === 'strict' ? clock(seconds) : String(minutes(seconds)));
    const parts = [
      `sets ${said(work)}`,
      `rest ${said(rest)}`,
      ...(mode === 'realistic' ? [`warm-up ${minutes(warmUp)}`] : []),
    ];
    return {
      because: `${said(low)} to ${said(high)} min, depending on the reps; at most ${parts.join(', ')}.`,
      besides: `${Math.round((100 * rest) / Math.max(1, high))} % is rest. ${mode === 'realistic' ? 'Moving to the next exercise takes at least 90 s.' : 'Strict: sets and rests only.'}`,
    };
  },
  'set-response': (reason) => {
    const sore =
      reason.soreness === 'no check-in'
        ? 'no check-in, counted as recovered just in time'
        : `soreness ${SORENESS_WORDS[reason.soreness].long}`;
    const score = `${reason.score >= 0 ? '+' : '−'}${Math.abs(reason.score).toFixed(1)}`;
    return {
      because: `${capital(reason.muscle)}: ${sore}; performance ${VERDICT_NAMES[reason.verdict]} (${score} reps${reason.behindTwice ? ', twice in a row' : ''}).${startWords(reason.startShortfall)}`,
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
 * @param written how the sets are written, for reasons about loads
 */
export function explain(reason: Reason, names: ExerciseNames, written: Written = BY_REPS): Explained {
  // The code joins a reason with its words; TypeScript cannot follow that.
  const words = EXPLAINED[reason.code] as (reason: Reason, telling: Telling) => Explained;
  return words(reason, { names, written });
}

function startWords(shortfall: number): string {
  if (!(shortfall > 0)) return '';
  const why =
    shortfall > 1
      ? 'the muscle was not felt and reps did not drop'
      : 'the muscle was not felt, or reps did not drop from set to set';
  return ` The sets seem too few for this athlete: ${why}.`;
}

const SCHOOLS: Readonly<Record<Crediting, string>> = {
  fractional: 'fractional',
  'direct only': 'prime movers only',
  inclusive: 'clearly assisting muscles in full',
  'near-failure reps': 'by reps near failure',
};

const ORIGINS: Readonly<Record<Origin, string>> = {
  convention: '',
  learned: ', learned',
  coach: ', set by you',
};

function volume(reason: Extract<Reason, { code: 'volume' }>, names: ExerciseNames): Explained {
  const { landmarks, muscle, sets, measured, direct, parts, goal, crediting } = reason;
  const { base, result, origins, factors, school } = landmarks;
  const from = parts.map((part) =>
    crediting === 'fractional'
      ? `${names(part.exerciseId)} ${part.sets} × ${figure(part.contribution)}`
      : `${names(part.exerciseId)} ${figure(part.credit)}`,
  );
  const counting = crediting === 'fractional' ? '' : ` (counted ${SCHOOLS[crediting]})`;
  const compared =
    Math.abs(sets - measured) < 1e-9
      ? ''
      : `, compared as ${figure(measured, 1)} ${school === 'fixed dose' ? 'direct' : 'fractional'} sets`;
  const mark = (name: Mark) => {
    if (name === 'hold') return `${MARK_NAMES.hold} ${figure(result.hold, 1)}${ORIGINS[origins.hold]}`;
    const { level, phase } = factors[name];
    const made = [level, phase].filter((one) => one !== 1).map((one) => ` × ${figure(one, 3)}`);
    const sum = made.length === 0 ? '' : ` (${figure(base[name], 1)}${made.join('')})`;
    return `${MARK_NAMES[name]} ${figure(result[name], 1)}${sum}${ORIGINS[origins[name]]}`;
  };
  const marks = capital(`${mark('hold')}, ${mark('floor')}, ${mark('ceiling')}`);
  const who =
    school === 'fixed dose'
      ? 'fixed dose, direct sets'
      : `${landmarks.level}, ${PHASE_NAMES[landmarks.phase]}`;
  const aim = goal === 'hold' ? '; maintained' : goal === 'priority' ? '; priority' : '';
  return {
    because: `${capital(muscle)}: ${figure(sets, 1)} sets${counting}${compared}, ${figure(direct, 1)} direct, ${figure(reason.frequency, 1)} times a week. ${from.length === 0 ? 'No hard sets' : capital(from.join(', '))}.`,
    besides: `${marks} (${who}${aim}).`,
  };
}

function capWords(cap: Cap): string {
  switch (cap.kind) {
    case 'no slot':
      return 'its exercises have no room for more sets';
    case 'session time':
      return `the session would take ${Math.ceil(cap.minutes)} of ${cap.limit} min`;
    case 'session cap':
      return `${figure(cap.sets, 1)} sets in one session are more than ${cap.limit}`;
    case 'ceiling':
      return `${figure(cap.sets, 1)} sets a week are above the maximum of ${figure(cap.limit, 1)}`;
    case 'budget':
      return `${figure(cap.sets, 1)} sets are above the weekly budget of ${figure(cap.limit, 1)}`;
    case 'week addition':
      return `at most ${cap.limit} more sets a week for one muscle`;
    case 'week growth':
      return `the week can grow by ${cap.limit} sets`;
  }
}
