import type { FindingDetail, Fix, JointChange, JointEase, SlotTrim } from '@/core';
import { shortDay } from './dates';
import { estimate, figure, listed, plural, span } from './figures';
import { capital, dayName, type ExerciseNames } from './names';
import { GATE_SENTENCES, TECHNIQUE_NAMES } from './techniques';
import { PHASE_NAMES } from './values';

const HARDEST = {
  stretched: 'in the stretched position',
  middle: 'in the middle',
  shortened: 'in the shortened position',
} as const;

const ORDERS = {
  'activation first': 'activation belongs right before its lift',
  'skill first': 'skills come first, while you are fresh',
  'compound first': 'it tires a muscle the compound needs',
  'triceps first': 'in arm work triceps usually come before biceps',
} as const;

/** What is changed of one exercise to save time. */
export function trimText({ exerciseId, sets, rest, pairedWith }: SlotTrim, names: ExerciseNames): string {
  const parts = [
    ...(sets === null ? [] : [`${sets.from} → ${sets.to} sets`]),
    ...(rest === null ? [] : [`rest ${rest.from} → ${rest.to} s`]),
    ...(pairedWith === null ? [] : [`superset with ${names(pairedWith)}`]),
  ];
  return `${names(exerciseId)} ${parts.join(', ')}`;
}

/** Hours needed: one number when it is the same for all muscles, else muscle by muscle. */
function gapsText(gaps: Extract<FindingDetail, { rule: 'recovery gap' }>['gaps']): string {
  const hours = [...new Set(gaps.map(({ needed }) => needed))].sort((a, b) => b - a);
  if (hours.length === 1) return `recovery takes ${hours[0]} h`;
  const of = (needed: number) =>
    listed(gaps.filter((gap) => gap.needed === needed).map(({ muscle }) => muscle));
  return `recovery takes ${hours.map((needed) => `${needed} h for ${of(needed)}`).join(', ')}`;
}

const MIDDLE_RANGE = {
  'even load': (lift: string) =>
    `${lift} uses only the middle of the range, although this equipment also loads the stretch and the squeeze.`,
  compound: (lift: string) =>
    `${lift} uses only the middle of the range. That suits free-weight raises, curls and extensions; a compound gives up its hardest part.`,
};

function equipmentEnds(
  detail: Extract<FindingDetail, { readonly rule: 'equipment end' }>,
  names: ExerciseNames,
): string {
  const { low, high } = detail.range;
  const at = `${figure(detail.load)} ${detail.unit}`;
  return detail.end === 'lightest'
    ? `${capital(names(detail.exerciseId))} in ${detail.session}: the lightest load, ${at}, is too heavy. It allows ${plural(detail.reps, 'rep')}, planned are ${span(low, high)}.`
    : `${capital(names(detail.exerciseId))} in ${detail.session}: the equipment ends at ${at}. It allows ${plural(detail.reps, 'rep')}, planned are ${span(low, high)}.`;
}

type Halves = Extract<FindingDetail, { readonly rule: 'long half' | 'unsafe halves' | 'all halves' }>;

function halvesSentence(detail: Halves, names: ExerciseNames): string {
  switch (detail.rule) {
    case 'long half':
      return `${capital(names(detail.exerciseId))} in ${detail.session} is hardest ${HARDEST[detail.hardest]}; half reps in the stretch suit exercises that are hardest there.`;
    case 'unsafe halves':
      return `${capital(names(detail.exerciseId))} in ${detail.session}: half reps at the bottom of a lift that nobody can get out of alone. Use full reps, another exercise, or note how it is made safe.`;
    case 'all halves':
      return `All exercises of ${detail.session} use half reps in the stretch, including ${names(detail.exerciseId)}, a free weight. Use full reps there.`;
  }
}

/** A check's result as one sentence. */
export function findingSentence(detail: FindingDetail, names: ExerciseNames): string {
  switch (detail.rule) {
    case 'recovery gap':
      return `${capital(listed(detail.gaps.map(({ muscle }) => muscle)))}: trained hard in ${detail.first} and again ${detail.hours} h later in ${detail.first === detail.second ? 'the next one' : detail.second}; ${gapsText(detail.gaps)}.`;
    case 'frequency':
      return detail.high
        ? `${capital(listed(detail.muscles))}: ${figure(detail.times, 1)} sessions a week; more than ${detail.wanted} add little.`
        : `${capital(listed(detail.muscles))}: ${figure(detail.times, 1)} ${detail.times === 1 ? 'session' : 'sessions'} a week; growth needs ${detail.wanted}.`;
    case 'below floor':
      return `${capital(detail.muscle)}: ${figure(detail.sets, 1)} sets in week ${detail.week}, minimum ${figure(detail.floor, 1)}.`;
    case 'untrained':
      return `No hard sets for ${listed(detail.muscles)}, although the goal is to grow.`;
    case 'above ceiling':
      return `${capital(detail.muscle)}: ${figure(detail.sets, 1)} sets in week ${detail.week}, maximum ${figure(detail.ceiling, 1)}.`;
    case 'above budget':
      return `Week ${detail.week} has ${figure(detail.sets, 1)} hard sets; the weekly budget is ${figure(detail.budget, 1)}.`;
    case 'session length':
      return `${detail.session} lasts up to ${Math.ceil(detail.minutes)} min; the limit is ${detail.limit}.${detail.shortest === null ? '' : ` With every muscle at its minimum, supersets and short rests it lasts ${Math.ceil(detail.shortest)}.`}`;
    case 'order':
      return `${detail.session}: ${names(detail.early)} comes before ${names(detail.late)}; ${ORDERS[detail.why]}.`;
    case 'spine back to back':
      return `${capital(names(detail.before))} (${detail.first}) and ${names(detail.after)} (${detail.second}) are on back-to-back days; the lower back may not have recovered.`;
    case 'legs before upper':
      return `${detail.first} comes the day before ${detail.second}; on back-to-back days the upper body usually goes first.`;
    case 'tired helpers':
      return `${capital(detail.muscle)} work in ${detail.first} comes the day before ${detail.what} in ${detail.second}.`;
    case 'tired legs':
      return `Hard ${detail.activity} comes the day before ${detail.session}.`;
    case 'rest days':
      return `There are ${detail.days} rest days in a row, while other sessions are on back-to-back days.`;
    case 'unavailable day':
      return `${listed(detail.sessions.map(({ session, day }) => `${session} (${dayName(day % 7, 7)})`))}: the athlete cannot train on ${detail.sessions.length === 1 ? 'that day' : 'those days'}.`;
    case 'session dose':
      return `${capital(detail.muscle)}: ${figure(detail.sets, 1)} ${detail.heavy ? 'heavy ' : ''}hard sets in ${detail.session}; above ${figure(detail.limit)} in one session many coaches expect more fatigue than growth.`;
    case 'small after compounds':
      return `${capital(detail.muscle)}: always trained right after ${names(detail.compound)} or a similar lift has tired it.`;
    case 'too few sessions':
      return `Only ${figure(detail.times, 1)} sessions a week while ${PHASE_NAMES[detail.phase]}; ${figure(detail.needed)} or more work better.`;
    case 'balance': {
      const [one, other] = detail.sides;
      return `${capital(one)} ${figure(detail.sets, 1)} and ${other} ${figure(detail.against, 1)} sets a week: the ratio is outside ${figure(detail.least)} to ${figure(detail.most)}.`;
    }
    case 'compound share':
      return `Compounds make up ${figure(detail.share, 0)} % of the hard sets; ${figure(detail.wanted)} % or more suits a novice.`;
    case 'uneven days':
      return `Upper-body days average ${figure(detail.upper, 1)} sets, lower-body days ${figure(detail.lower, 1)}: more than a third apart.`;
    case 'priority late':
      return `${capital(detail.muscle)}: a priority muscle, but never first or second in a session.`;
    case 'novice deload':
      return 'A deload is planned. Novices rarely need one.';
    case 'novice rest':
      return `Only ${plural(Math.round(detail.days * 10) / 10, 'full day')} off a week; a novice needs ${detail.wanted}.`;
    case 'straight-arm rest':
      return `${detail.second} comes the day after ${names(detail.exerciseId)} in ${detail.first}; straight-arm work needs a day off for the arms.`;
    case 'never hard':
      return `No set in this block ends closer to failure than ${figure(detail.nearest, 1)} reps in reserve.`;
    case 'often at ceiling':
      return `${capital(detail.muscle)}: at its maximum in ${detail.weeks} of ${detail.of} weeks; most weeks should stay between minimum and maximum.`;
    case 'middle range':
      return MIDDLE_RANGE[detail.why](`${capital(names(detail.exerciseId))} in ${detail.session}`);
    case 'many days':
      return `${figure(detail.days, 1)} training days a week: that many ask for enough sleep, enough food and a calm life.`;
    case 'always at minimum':
      return `${capital(listed(detail.muscles))}: at the minimum in all ${detail.weeks} weeks done. Most of a block is spent between minimum and maximum.`;
    case 'specialising in a cut':
      return `${capital(listed(detail.muscles))}: priority while cutting (from week ${detail.week}). A cut rarely builds muscle; keep every muscle at its minimum first. An event in the profile can justify it.`;
    case 'held above hold':
      return `Maintained, but well above maintenance: ${listed(detail.muscles.map(({ muscle, sets, hold }) => `${muscle} ${figure(sets, 1)} sets (${figure(hold, 1)} are enough)`))}.`;
    case 'half-rep slots':
      return `${detail.session} has ${detail.slots} half-rep exercises for ${detail.muscle}; ${detail.most} ${detail.most === 1 ? 'is' : 'are'} enough.`;
    case 'never stretched':
      return `No exercise of the week loads these muscles in the stretched position: ${listed(detail.muscles)}.`;
    case 'crossing lift':
      return `${capital(names(detail.exerciseId))} in ${detail.session} is both push and pull. Its harder half is the ${detail.half === 'push' ? 'push' : 'pull'}, so it belongs on a ${detail.half === 'push' ? 'push' : 'pull'} day.`;
    case 'heavy late':
      return `${capital(names(detail.early))} in ${detail.earlySession} has longer sets than ${names(detail.late)} later in ${detail.lateSession}. Heavy early in the week and lighter later usually works better.`;
    case 'late gaining':
      return `Late in the gaining phase (${PHASE_NAMES[detail.next]} from ${shortDay(detail.from)}): ${listed(detail.exerciseIds.map(names))} could use fewer reps, as standing, unsupported ${detail.exerciseIds.length === 1 ? 'lift' : 'lifts'}.`;
    case 'heavy falls in a cut':
      return `In this cut strength is falling in ${listed(detail.exerciseIds.map(names))}, while longer sets still progress (${listed(detail.rising.map(names))}). Use higher rep ranges.`;
    case 'many sets':
      return `${capital(names(detail.exerciseId))} in ${detail.session}: ${detail.sets} sets of one exercise. Three to five are usual; a second exercise gives more.`;
    case 'building weeks':
      return `The block builds for ${figure(detail.weeks, 1)} weeks without a deload; for an intermediate athlete more than ${detail.most} is risky.`;
    case 'skill frequency':
      return `${capital(detail.skill)}: ${figure(detail.times, 1)} sessions a week; straight-arm work needs more recovery than ${detail.most} allow.`;
    case 'split':
      return `A ${detail.shape} split suits ${detail.from} athletes; this athlete is ${detail.level}.`;
    case 'prerequisite':
      return `${capital(detail.shape)} requires ${listed(detail.lifts.map(({ exerciseId, reps, best }) => `${reps} clean reps of ${names(exerciseId)} (${best === null ? 'none on record' : `${best} on record`})`))}.`;
    case 'beyond failure':
      return `${capital(names(detail.exerciseId))} in ${detail.session}: set ${detail.set} of ${detail.reps} reps is ${estimate(-detail.rir)} reps more than possible. Rest longer, ask for fewer reps, or keep the RIR instead of the reps.`;
    case 'too easy to count':
      return `${capital(names(detail.exerciseId))} in ${detail.session}: ${detail.sets} of ${detail.of} sets leave more than ${figure(detail.threshold)} reps and do not count.`;
    case 'equipment end':
      return equipmentEnds(detail, names);
    case 'equipment': {
      const needs = detail.lacks.map(
        ({ exerciseId, missing }) => `${names(exerciseId)} needs ${listed(missing)}`,
      );
      return `${detail.place} has no equipment for part of ${detail.session}: ${listed(needs)}.`;
    }
    case 'irritated joint':
      return `${capital(listed(detail.exerciseIds.map(names)))} ${detail.exerciseIds.length === 1 ? 'loads' : 'load'} the ${detail.joint}, which is irritated. Try another grip, range or exercise. If the pain is sharp, lasting or spreading, see a clinician first.`;
    case 'gate':
      return `${capital(names(detail.exerciseId))} in ${detail.session}, ${TECHNIQUE_NAMES[detail.technique].name}. ${GATE_SENTENCES[detail.gate]}`;
    case 'long half':
    case 'unsafe halves':
    case 'all halves':
      return halvesSentence(detail, names);
    case 'next variation':
      return `${capital(names(detail.exerciseId))} in ${detail.session} reached ${detail.reps} reps in all sets. The next step is ${names(detail.next)}.`;
    case 'below range':
      return `${capital(names(detail.exerciseId))} in ${detail.session}: set ${detail.set} drops to ${detail.reps} reps, below ${detail.low}–${detail.high}; the range is too narrow for these sets and rests.`;
    case 'unfilled slot':
      return `${capital(names(detail.exerciseId))} in ${detail.session} is open: the athlete chooses the exercise while training, and it counts as what was done.`;
    case 'stale load':
      return `${capital(names(detail.exerciseId))}: too easy in week ${detail.week}. Set ${detail.set} leaves ${estimate(detail.predictedRir)} reps, target ${figure(detail.rir, 1)}.`;
    case 'out of reach':
      return `${capital(names(detail.exerciseId))}: too hard in week ${detail.week}. Set ${detail.set} ${
        detail.predictedRir < 0
          ? `of ${detail.reps} would fail ${estimate(-detail.predictedRir)} reps short.`
          : `leaves ${estimate(detail.predictedRir)} reps, target ${figure(detail.rir, 1)}.`
      }`;
  }
}

const theseExercises = (ids: readonly string[], names: ExerciseNames) =>
  ids.length > 2 ? `these ${ids.length} exercises` : listed(ids.map(names));

/** What easing a joint does to exercises: each by name, with what it gets. */
export function easeWords(
  how: JointEase,
  changes: readonly Pick<JointChange, 'exerciseId' | 'to' | 'setUp'>[],
  names: ExerciseNames,
): string {
  const ids = [...new Set(changes.map(({ exerciseId }) => exerciseId))];
  switch (how) {
    case 'longer sets':
      return `Use lighter, longer sets: ${listed(ids.map(names))}`;
    case 'restricted range':
      return `Shorten the range of motion: ${listed(ids.map(names))}`;
    case 'another set-up':
      return [
        ...new Set(changes.map(({ exerciseId, setUp }) => `${capital(setUp ?? '')}: ${names(exerciseId)}`)),
      ].join('; ');
    case 'another implement':
    case 'another exercise':
      return [
        ...new Set(
          changes.map(
            ({ exerciseId, to }) => `Use ${names(to ?? exerciseId)} instead of ${names(exerciseId)}`,
          ),
        ),
      ].join('; ');
  }
}

/** One exercise of an eased joint, as a tick beside it says it. */
export function easeTick(
  { exerciseId, session, to, setUp }: Pick<JointChange, 'exerciseId' | 'session' | 'to' | 'setUp'>,
  names: ExerciseNames,
): string {
  const what = to === null ? names(exerciseId) : `${names(to)} instead of ${names(exerciseId)}`;
  return `${capital(what)}${setUp === null ? '' : `, ${setUp}`}: ${session}`;
}

/** What a fix does, as its button says it. */
export function fixWords(fix: Fix, names: ExerciseNames): string {
  switch (fix.does) {
    case 'move session':
      return `Move ${fix.session} to ${dayName(fix.day, fix.cycleDays)}`;
    case 'add sets':
    case 'drop sets': {
      const verb = fix.does === 'add sets' ? 'Add' : 'Remove';
      const [only] = fix.exerciseIds;
      return only !== undefined && fix.exerciseIds.length === 1
        ? `${verb} ${plural(fix.sets, 'set')}: ${names(only)}`
        : `${verb} ${plural(fix.sets, 'set')} in ${fix.exerciseIds.length} exercises`;
    }
    case 'lower rises':
      return `Raise sets less: ${plural(fix.sets, 'set')} fewer in week ${fix.week}, in ${plural(fix.exerciseIds.length, 'exercise')}`;
    case 'hold muscles':
      return fix.muscles.length === 1
        ? `Maintain ${fix.muscles[0]}`
        : `Maintain these ${fix.muscles.length} muscles`;
    case 'spread sets':
      return `${fix.added ? 'Add' : 'Move'} ${plural(fix.sets, 'set')} of ${names(fix.exerciseId)} to ${fix.session}`;
    case 'exchange ranges':
      return 'Swap the two rep ranges';
    case 'fewer reps':
    case 'more reps':
      return `${plural(fix.reps, 'rep')} ${fix.does === 'fewer reps' ? 'fewer' : 'more'}: ${theseExercises(fix.exerciseIds, names)}`;
    case 'swap sessions':
      return `Swap ${fix.session} and ${fix.other}`;
    case 'move slot to session':
      return `Move ${names(fix.exerciseId)} to ${fix.session}`;
    case 'move slot first':
      return `Move ${names(fix.exerciseId)} up`;
    case 'no deload':
      return 'Remove the deload';
    case 'full range':
      return `Use the full range: ${names(fix.exerciseId)}`;
    case 'no priority':
      return `Remove priority: ${fix.muscles.length > 2 ? `these ${fix.muscles.length} muscles` : listed(fix.muscles)}`;
    case 'shorten block':
      return `Shorten to ${plural(fix.weeks, 'week')}`;
    case 'fit session': {
      const parts = fix.changes.map((change) => trimText(change, names));
      return `Fit into ${fix.minutes} min${fix.week === null ? '' : `, in week ${fix.week} only`}: ${listed(parts)}${fix.belowFloor.length === 0 ? '' : `; then below minimum: ${listed(fix.belowFloor)}`}`;
    }
    case 'swap':
      // The same exercise in several sessions is named once.
      return [...new Set(fix.swaps.map(({ from, to }) => `Use ${names(to)} instead of ${names(from)}`))].join(
        '; ',
      );
    case 'ease joint':
      return easeWords(fix.how, fix.changes, names);
    case 'hold back':
      return `Stop short of failure: ${names(fix.exerciseId)}`;
    case 'next variation':
      return `Use ${names(fix.exerciseId)}`;
    case 'lengthen rest':
      return `Rest ${fix.rest} s: ${names(fix.exerciseId)}`;
    case 'widen range':
      return `Widen the range to ${fix.low}–${fix.high}: ${names(fix.exerciseId)}`;
    case 'hold reps':
      return `Keep reps equal in all sets: ${names(fix.exerciseId)}`;
    case 'hold RIR':
      return `Keep RIR equal in all sets: ${names(fix.exerciseId)}`;
    case 'move slot':
      return `Move it after ${names(fix.after)}`;
  }
}
