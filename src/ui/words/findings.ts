import type { FindingDetail, Fix, SlotTrim } from '@/core';
import { shortDay } from './dates';
import { estimate, figure, listed, plural } from './figures';
import { capital, dayName, type ExerciseNames } from './names';
import { GATE_SENTENCES, TECHNIQUE_NAMES } from './techniques';

const HARDEST = {
  stretched: 'when stretched',
  middle: 'in the middle',
  shortened: 'when shortened',
} as const;

const ORDERS = {
  'activation first': 'an activation stands right before its lift',
  'skill first': 'skills go first, while fresh',
  'compound first': 'it tires the muscle that the compound needs',
  'triceps first': 'in arm work triceps go before biceps',
} as const;

/** What is changed of one slot to save time. */
export function trimText({ exerciseId, sets, rest, pairedWith }: SlotTrim, names: ExerciseNames): string {
  const parts = [
    ...(sets === null ? [] : [`${sets.from} → ${sets.to} sets`]),
    ...(rest === null ? [] : [`rest ${rest.from} → ${rest.to} s`]),
    ...(pairedWith === null ? [] : [`in turn with ${names(pairedWith)}`]),
  ];
  return `${names(exerciseId)} ${parts.join(', ')}`;
}

/** Hours needed: once where all need the same, else muscle by muscle. */
function gapsText(gaps: Extract<FindingDetail, { rule: 'recovery gap' }>['gaps']): string {
  const hours = [...new Set(gaps.map(({ needed }) => needed))].sort((a, b) => b - a);
  if (hours.length === 1) return `${hours[0]} h needed`;
  const of = (needed: number) =>
    listed(gaps.filter((gap) => gap.needed === needed).map(({ muscle }) => muscle));
  return hours.map((needed) => `${needed} h needed for ${of(needed)}`).join(', ');
}

/** A finding as one sentence. */
export function findingSentence(detail: FindingDetail, names: ExerciseNames): string {
  switch (detail.rule) {
    case 'recovery gap':
      return `${capital(listed(detail.gaps.map(({ muscle }) => muscle)))} trained hard in ${detail.first}, again ${detail.hours} h later in ${detail.first === detail.second ? 'the next one' : detail.second}; ${gapsText(detail.gaps)}.`;
    case 'frequency':
      return detail.high
        ? `${capital(listed(detail.muscles))}: ${figure(detail.times, 1)} times a week; above ${detail.wanted} adds little.`
        : `${capital(listed(detail.muscles))}: only ${figure(detail.times, 1)}× a week; growing asks for ${detail.wanted}.`;
    case 'below floor':
      return `${capital(detail.muscle)} below floor in week ${detail.week}: ${figure(detail.sets, 1)} of ${figure(detail.floor, 1)}.`;
    case 'untrained':
      return `No hard sets for ${listed(detail.muscles)}, which should grow.`;
    case 'above ceiling':
      return `${capital(detail.muscle)} above ceiling in week ${detail.week}: ${figure(detail.sets, 1)} of ${figure(detail.ceiling, 1)}.`;
    case 'above budget':
      return `Week ${detail.week} has ${figure(detail.sets, 1)} hard sets; the body’s budget is ${figure(detail.budget, 1)}.`;
    case 'session length':
      return `${detail.session} may last ${Math.ceil(detail.minutes)} min; the limit is ${detail.limit}.${detail.shortest === null ? '' : ` With every muscle kept at its floor, pairs and short rests bring it to ${Math.ceil(detail.shortest)}.`}`;
    case 'order':
      return `${detail.session}: ${names(detail.early)} stands before ${names(detail.late)}; ${ORDERS[detail.why]}.`;
    case 'spine back to back':
      return `${capital(names(detail.before))} in ${detail.first} the day before ${names(detail.after)} in ${detail.second}: the lower back has not recovered.`;
    case 'legs before upper':
      return `${detail.first} right before ${detail.second}: back to back, the upper day goes first.`;
    case 'tired helpers':
      return `Direct ${detail.muscle} in ${detail.first} the day before ${detail.what} in ${detail.second}.`;
    case 'tired legs':
      return `Hard ${detail.activity} the day before ${detail.session}.`;
    case 'rest days':
      return `Rest: ${detail.days} days in a row while other sessions stand back to back.`;
    case 'unavailable day':
      return `${detail.session} falls on a ${dayName(detail.day % 7, 7)}, when the athlete cannot train.`;
    case 'session dose':
      return `${capital(detail.muscle)} gets ${figure(detail.sets, 1)} ${detail.heavy ? 'heavy ' : ''}hard sets in ${detail.session}; above ${figure(detail.limit)} they add fatigue, not growth.`;
    case 'small after compounds':
      return `${capital(detail.muscle)} always comes after ${names(detail.compound)} or the like has tired it.`;
    case 'too few sessions':
      return `Only ${figure(detail.times, 1)} sessions a week while ${detail.phase}; serious work is spread over ${figure(detail.needed)}.`;
    case 'balance': {
      const [one, other] = detail.sides;
      return `${capital(one)} ${figure(detail.sets, 1)} against ${other} ${figure(detail.against, 1)} sets a week: outside ${figure(detail.least)} to ${figure(detail.most)}.`;
    }
    case 'compound share':
      return `Compounds are ${figure(detail.share, 0)} % of the hard sets; a novice does best with ${figure(detail.wanted)} % or more.`;
    case 'uneven days':
      return `Upper days have ${figure(detail.upper, 1)} sets on average, lower days ${figure(detail.lower, 1)}: more than a third apart.`;
    case 'priority late':
      return `${capital(detail.muscle)} has priority but is never first or second in a session.`;
    case 'novice deload':
      return 'A deload is planned; a novice needs none, and gains through that week.';
    case 'novice rest':
      return `${capital(plural(Math.round(detail.days * 10) / 10, 'full day'))} off a week; a novice wants ${detail.wanted}.`;
    case 'straight-arm rest':
      return `${detail.second} comes the day after ${names(detail.exerciseId)} in ${detail.first}: straight-arm work wants a day off before the arms work again.`;
    case 'never hard':
      return `Nothing in this block comes nearer to failure than ${figure(detail.nearest, 1)} in reserve.`;
    case 'often at ceiling':
      return `${capital(detail.muscle)} at the ceiling in ${detail.weeks} of ${detail.of} weeks: between floor and ceiling is where a block should mostly be.`;
    case 'middle range':
      return `${capital(names(detail.exerciseId))} in ${detail.session} is kept to its middle range, though it loads the whole: stretch and squeeze are free here.`;
    case 'specialising in a cut':
      return `${capital(listed(detail.muscles))} first while cutting (from week ${detail.week}): a cut keeps, it seldom builds. Every muscle at its floor comes first, unless there is a date to be ready for (Athlete, Person).`;
    case 'held above hold':
      return `Held, and far above hold: ${listed(detail.muscles.map(({ muscle, sets, hold }) => `${muscle} ${figure(sets, 1)} of ${figure(hold, 1)}`))}.`;
    case 'half-rep slots':
      return `${detail.session} has ${detail.slots} slots of half reps for ${detail.muscle}; ${detail.most} are enough.`;
    case 'never stretched':
      return `Never loaded long in the week: ${listed(detail.muscles)}.`;
    case 'crossing lift':
      return `${capital(names(detail.exerciseId))} in ${detail.session} crosses push and pull; its harder half is the ${detail.half === 'push' ? 'push' : 'pull'}: it belongs on such a day.`;
    case 'heavy late':
      return `${capital(names(detail.early))} in ${detail.earlySession} has longer sets than ${names(detail.late)} in ${detail.lateSession} after it: hard and heavy early in the week, longer and lighter later.`;
    case 'late gaining':
      return `Late in gaining (${detail.next} from ${shortDay(detail.from)}): ${listed(detail.exerciseIds.map(names))}, standing and unsupported, may go to fewer reps.`;
    case 'heavy falls in a cut':
      return `In this cut ${listed(detail.exerciseIds.map(names))} ${detail.exerciseIds.length === 1 ? 'falls' : 'fall'}, while longer sets still rise (${listed(detail.rising.map(names))}): move the heavy ranges up.`;
    case 'many sets':
      return `${capital(names(detail.exerciseId))} in ${detail.session}: ${detail.sets} sets of one exercise. Three to five are usual; a second exercise gives more.`;
    case 'building weeks':
      return `Building for ${figure(detail.weeks, 1)} weeks before a deload; above ${detail.most} fatigue outgrows what an intermediate athlete notices.`;
    case 'skill frequency':
      return `${capital(detail.skill)} ${figure(detail.times, 1)}× a week: work on straight arms needs more rest than ${detail.most}× leaves.`;
    case 'split':
      return `A split by ${detail.shape} suits ${detail.from} athletes; this one is ${detail.level}.`;
    case 'prerequisite':
      return `${capital(detail.shape)} asks for ${detail.reps} clean reps of ${names(detail.exerciseId)}; ${detail.best === null ? 'none are on record' : `${detail.best} are on record`}.`;
    case 'beyond failure':
      return `${capital(names(detail.exerciseId))} in ${detail.session}: set ${detail.set} of ${detail.reps} reps would end ${estimate(-detail.rir)} below failure. Rest longer, ask fewer reps, or hold RIR.`;
    case 'too easy to count':
      return `${capital(names(detail.exerciseId))} in ${detail.session}: ${detail.sets} of ${detail.of} sets end more than ${figure(detail.threshold)} from failure and do not count.`;
    case 'equipment': {
      const needs = detail.lacks.map(
        ({ exerciseId, missing }) => `${names(exerciseId)} needs ${listed(missing)}`,
      );
      return `${detail.place} lacks something for ${detail.session}: ${listed(needs)}.`;
    }
    case 'irritated joint':
      return `${capital(listed(detail.exerciseIds.map(names)))} ${detail.exerciseIds.length === 1 ? 'stresses' : 'stress'} the ${detail.joint}, which is irritated. Try another grip, range or exercise; if pain is sharp, lasting or spreading, a clinician first.`;
    case 'gate':
      return `${capital(names(detail.exerciseId))} in ${detail.session}, ${TECHNIQUE_NAMES[detail.technique].name}: ${GATE_SENTENCES[detail.gate]}`;
    case 'long half':
      return `${capital(names(detail.exerciseId))} in ${detail.session} is hardest ${HARDEST[detail.hardest]}; half reps at long length suit exercises hardest when stretched.`;
    case 'all halves':
      return `Every slot of ${detail.session} stays in the long half, though ${names(detail.exerciseId)} is a free weight: keep full reps there.`;
    case 'next variation':
      return `${capital(names(detail.exerciseId))} in ${detail.session} reached ${detail.reps} on all sets: ${names(detail.next)} is the next step.`;
    case 'below range':
      return `${capital(names(detail.exerciseId))} in ${detail.session}: set ${detail.set} falls to ${detail.reps}, below ${detail.low}–${detail.high}; the range is too narrow for its sets and rests.`;
    case 'unfilled slot':
      return `${capital(names(detail.exerciseId))} in ${detail.session} is left open: the athlete chooses on the floor, and it counts as what was done.`;
    case 'stale load':
      return `${capital(names(detail.exerciseId))} too easy in week ${detail.week}, set ${detail.set}: ${estimate(detail.predictedRir)} left where ${figure(detail.rir, 1)} are asked.`;
    case 'out of reach':
      return detail.predictedRir < 0
        ? `${capital(names(detail.exerciseId))} in week ${detail.week}: set ${detail.set} of ${detail.reps} is predicted to fail ${estimate(-detail.predictedRir)} short.`
        : `${capital(names(detail.exerciseId))} too hard in week ${detail.week}, set ${detail.set}: ${estimate(detail.predictedRir)} left where ${figure(detail.rir, 1)} are asked.`;
  }
}

/** What a fix does, as its button says it. */
export function fixWords(fix: Fix, names: ExerciseNames): string {
  switch (fix.does) {
    case 'move session':
      return `Move ${fix.session} to ${dayName(fix.day, fix.cycleDays)}`;
    case 'add sets':
    case 'drop sets': {
      const verb = fix.does === 'add sets' ? 'Add' : 'Drop';
      const [only] = fix.exerciseIds;
      return only !== undefined && fix.exerciseIds.length === 1
        ? `${verb} ${fix.sets === 1 ? 'a set' : plural(fix.sets, 'set')} of ${names(only)}`
        : `${verb} ${plural(fix.sets, 'set')} of ${fix.exerciseIds.length} exercises`;
    }
    case 'hold muscles':
      return fix.muscles.length === 1 ? `Hold ${fix.muscles[0]}` : `Hold these ${fix.muscles.length}`;
    case 'spread sets':
      return `${fix.added ? 'Add' : 'Move'} ${plural(fix.sets, 'set')} of ${names(fix.exerciseId)} to ${fix.session}`;
    case 'exchange ranges':
      return 'Exchange the two ranges';
    case 'fewer reps':
    case 'more reps':
      return `${plural(fix.reps, 'rep')} ${fix.does === 'fewer reps' ? 'fewer' : 'more'} in ${fix.exerciseIds.length > 2 ? `these ${fix.exerciseIds.length}` : listed(fix.exerciseIds.map(names))}`;
    case 'swap sessions':
      return `Exchange ${fix.session} and ${fix.other}`;
    case 'move slot to session':
      return `Move ${names(fix.exerciseId)} to ${fix.session}`;
    case 'move slot first':
      return `Move ${names(fix.exerciseId)} up`;
    case 'no deload':
      return 'Plan no deload';
    case 'full range':
      return `Full range in ${names(fix.exerciseId)}`;
    case 'no priority':
      return `Put ${fix.muscles.length > 2 ? `these ${fix.muscles.length}` : listed(fix.muscles)} with the others`;
    case 'shorten block':
      return `Shorten to ${plural(fix.weeks, 'week')}`;
    case 'fit session': {
      const parts = fix.changes.map((change) => trimText(change, names));
      return `Fit into ${fix.minutes} min${fix.week === null ? '' : `, in week ${fix.week} alone`}: ${listed(parts)}${fix.belowFloor.length === 0 ? '' : `; below floor then: ${listed(fix.belowFloor)}`}`;
    }
    case 'swap':
      // The same exercise in several sessions is said once.
      return [
        ...new Set(fix.swaps.map(({ from, to }) => `${capital(names(to))} in place of ${names(from)}`)),
      ].join('; ');
    case 'ease joint':
      return `${fix.how === 'longer sets' ? 'Longer, lighter sets' : 'A restricted range'} in ${fix.exerciseIds.length > 2 ? `these ${fix.exerciseIds.length}` : listed(fix.exerciseIds.map(names))}`;
    case 'hold back':
      return `Hold ${names(fix.exerciseId)} back`;
    case 'next variation':
      return `Take ${names(fix.exerciseId)}`;
    case 'lengthen rest':
      return `Rest ${fix.rest} s in ${names(fix.exerciseId)}`;
    case 'widen range':
      return `Widen ${names(fix.exerciseId)} to ${fix.low}–${fix.high}`;
    case 'hold reps':
      return `Hold reps in ${names(fix.exerciseId)}`;
    case 'hold RIR':
      return `Hold RIR in ${names(fix.exerciseId)}`;
    case 'move slot':
      return `Move it after ${names(fix.after)}`;
  }
}
