import { catalogueWith, type FindingDetail, type Fix } from '@/core';
import { findingSentence, fixWords } from './findings';
import { namesOf } from './names';

const names = namesOf(catalogueWith([]));

type Examples = {
  readonly [R in FindingDetail['rule']]: readonly [Omit<Extract<FindingDetail, { rule: R }>, 'rule'>, string];
};

/** One of each rule: a rule without its sentence here does not compile. */
const SAID: Examples = {
  'recovery gap': [
    {
      gaps: [
        { muscle: 'quads', needed: 48 },
        { muscle: 'calves', needed: 36 },
      ],
      first: 'A',
      second: 'B',
      hours: 24,
    },
    'Quads and calves trained hard in A, again 24 h later in B; 48 h needed for quads, 36 h needed for calves.',
  ],
  frequency: [
    { muscles: ['calves'], times: 1, wanted: 2, high: false },
    'Calves: only 1× a week; growing asks for 2.',
  ],
  'below floor': [
    { muscle: 'chest', sets: 4.5, floor: 6.4, week: 2 },
    'Chest below floor in week 2: 4.5 of 6.4.',
  ],
  untrained: [{ muscles: ['abs', 'calves'] }, 'No hard sets for abs and calves, which should grow.'],
  'above ceiling': [
    { muscle: 'biceps', sets: 21, ceiling: 18, week: 3 },
    'Biceps above ceiling in week 3: 21 of 18.',
  ],
  'above budget': [{ sets: 104, budget: 99, week: 4 }, 'Week 4 has 104 hard sets; the body’s budget is 99.'],
  'session length': [
    { session: 'Legs', minutes: 80.2, limit: 75, week: 1, shortest: null },
    'Legs may last 81 min; the limit is 75.',
  ],
  order: [
    { session: 'Legs', early: 'leg-extension', late: 'leg-press', why: 'compound first' },
    'Legs: leg extension stands before leg press; it tires the muscle that the compound needs.',
  ],
  'spine back to back': [
    { first: 'Pull', second: 'Legs', before: 'deadlift', after: 'leg-press' },
    'Deadlift in Pull the day before leg press in Legs: the lower back has not recovered.',
  ],
  'legs before upper': [
    { first: 'Legs', second: 'Push' },
    'Legs right before Push: back to back, the upper day goes first.',
  ],
  'tired helpers': [
    { first: 'Arms', second: 'Pull', muscle: 'biceps', what: 'pulling' },
    'Direct biceps in Arms the day before pulling in Pull.',
  ],
  'tired legs': [{ activity: 'hill running', session: 'Legs' }, 'Hard hill running the day before Legs.'],
  'rest days': [{ days: 3 }, 'Rest: 3 days in a row while other sessions stand back to back.'],
  'unavailable day': [{ session: 'Legs', day: 5 }, 'Legs falls on a Sat, when the athlete cannot train.'],
  'session dose': [
    { session: 'Push', muscle: 'chest', sets: 9, limit: 8, heavy: false },
    'Chest gets 9 hard sets in Push; above 8 they add fatigue, not growth.',
  ],
  'small after compounds': [
    { muscle: 'triceps', compound: 'barbell-bench-press' },
    'Triceps always comes after barbell bench press or the like has tired it.',
  ],
  'too few sessions': [
    { times: 3, needed: 4, phase: 'cutting' },
    'Only 3 sessions a week while cutting; serious work is spread over 4.',
  ],
  balance: [
    { sides: ['push', 'pull'], sets: 30, against: 18, least: 0.67, most: 1.5 },
    'Push 30 against pull 18 sets a week: outside 0.67 to 1.5.',
  ],
  'compound share': [
    { share: 48.4, wanted: 60 },
    'Compounds are 48 % of the hard sets; a novice does best with 60 % or more.',
  ],
  'uneven days': [
    { upper: 22, lower: 12.5 },
    'Upper days have 22 sets on average, lower days 12.5: more than a third apart.',
  ],
  'priority late': [{ muscle: 'lats' }, 'Lats has priority but is never first or second in a session.'],
  'building weeks': [
    { weeks: 10, most: 8 },
    'Building for 10 weeks before a deload; above 8 fatigue outgrows what an intermediate athlete notices.',
  ],
  'skill frequency': [
    { skill: 'front lever', times: 3, most: 2 },
    'Front lever 3× a week: work on straight arms needs more rest than 2× leaves.',
  ],
  split: [
    { shape: 'body parts', level: 'novice', from: 'advanced' },
    'A split by body parts suits advanced athletes; this one is novice.',
  ],
  prerequisite: [
    { shape: 'straight arms', exerciseId: 'pull-up', reps: 10, best: null },
    'Straight arms asks for 10 clean reps of pull-up; none are on record.',
  ],
  'beyond failure': [
    { exerciseId: 'leg-press', set: 3, reps: 12, rir: -1.4, session: 'Legs' },
    'Leg press in Legs: set 3 of 12 reps would end 1.4 below failure. Rest longer, ask fewer reps, or hold RIR.',
  ],
  'too easy to count': [
    { exerciseId: 'leg-press', sets: 2, of: 3, threshold: 4, session: 'Legs' },
    'Leg press in Legs: 2 of 3 sets end more than 4 from failure and do not count.',
  ],
  equipment: [
    {
      session: 'Legs',
      place: 'Cabin',
      lacks: [{ slotId: '1', exerciseId: 'leg-press', missing: ['machine'] }],
    },
    'Cabin lacks something for Legs: leg press needs machine.',
  ],
  'irritated joint': [
    { joint: 'knee', exerciseIds: ['leg-press', 'hack-squat'] },
    'Leg press and hack squat stress the knee, which is irritated. Try another grip, range or exercise; if pain is sharp, lasting or spreading, a clinician first.',
  ],
  gate: [
    { gate: 'isolation only', exerciseId: 'leg-press', technique: 'strict then loose', session: 'Legs' },
    'Leg press in Legs, strict then loose: Loose reps are for isolation work; a compound is done as straight sets.',
  ],
  'long half': [
    { exerciseId: 'leg-extension', hardest: 'shortened', session: 'Legs' },
    'Leg extension in Legs is hardest when shortened; half reps at long length suit exercises hardest when stretched.',
  ],
  'all halves': [
    { session: 'Push', exerciseId: 'barbell-bench-press' },
    'Every slot of Push stays in the long half, though barbell bench press is a free weight: keep full reps there.',
  ],
  'next variation': [
    { exerciseId: 'push-up', next: 'ring-push-up', reps: 15, session: 'Push' },
    'Push-up in Push reached 15 on all sets: ring push-up is the next step.',
  ],
  'below range': [
    { exerciseId: 'leg-press', session: 'Legs', set: 3, reps: 7, low: 8, high: 9 },
    'Leg press in Legs: set 3 falls to 7, below 8–9; the range is too narrow for its sets and rests.',
  ],
  'unfilled slot': [
    { exerciseId: 'leg-press', session: 'Legs' },
    'Leg press in Legs is left open: the athlete chooses on the floor, and it counts as what was done.',
  ],
  'stale load': [
    { slot: '1', exerciseId: 'leg-press', week: 4, set: 1, predictedRir: 3.5, rir: 2 },
    'Leg press too easy in week 4, set 1: 3.5 left where 2 are asked.',
  ],
  'novice deload': [{}, 'A deload is planned; a novice needs none, and gains through that week.'],
  'novice rest': [{ days: 1, wanted: 2 }, '1 full day off a week; a novice wants 2.'],
  'straight-arm rest': [
    { first: 'Lever', second: 'Press', exerciseId: 'front-lever' },
    'Press comes the day after front lever in Lever: straight-arm work wants a day off before the arms work again.',
  ],
  'never hard': [{ nearest: 4 }, 'Nothing in this block comes nearer to failure than 4 in reserve.'],
  'often at ceiling': [
    { muscle: 'quads', weeks: 3, of: 6 },
    'Quads at the ceiling in 3 of 6 weeks: between floor and ceiling is where a block should mostly be.',
  ],
  'middle range': [
    { exerciseId: 'leg-press', session: 'Legs' },
    'Leg press in Legs is kept to its middle range, though it loads the whole: stretch and squeeze are free here.',
  ],
  'specialising in a cut': [
    { muscles: ['lats'], week: 3 },
    'Lats first while cutting (from week 3): a cut keeps, it seldom builds. Every muscle at its floor comes first, unless there is a date to be ready for (Athlete, Person).',
  ],
  'held above hold': [
    { muscles: [{ muscle: 'biceps', sets: 9.5, hold: 3 }] },
    'Held, and far above hold: biceps 9.5 of 3.',
  ],
  'half-rep slots': [
    { session: 'Legs', muscle: 'quads', slots: 3, most: 2 },
    'Legs has 3 slots of half reps for quads; 2 are enough.',
  ],
  'never stretched': [{ muscles: ['lats', 'calves'] }, 'Never loaded long in the week: lats and calves.'],
  'crossing lift': [
    { exerciseId: 'bar-muscle-up', session: 'Push', half: 'pull' },
    'Bar muscle-up in Push crosses push and pull; its harder half is the pull: it belongs on such a day.',
  ],
  'heavy late': [
    { early: 'leg-press', earlySession: 'Legs A', late: 'hack-squat', lateSession: 'Legs B' },
    'Leg press in Legs A has longer sets than hack squat in Legs B after it: hard and heavy early in the week, longer and lighter later.',
  ],
  'late gaining': [
    { exerciseIds: ['hack-squat'], from: '2027-02-01', next: 'cutting' },
    'Late in gaining (cutting from 1 Feb): hack squat, standing and unsupported, may go to fewer reps.',
  ],
  'heavy falls in a cut': [
    { exerciseIds: ['hack-squat'], rising: ['leg-press'] },
    'In this cut hack squat falls, while longer sets still rise (leg press): move the heavy ranges up.',
  ],
  'many sets': [
    { exerciseId: 'leg-press', session: 'Legs', sets: 8 },
    'Leg press in Legs: 8 sets of one exercise. Three to five are usual; a second exercise gives more.',
  ],
  'out of reach': [
    { slot: '1', exerciseId: 'leg-press', week: 2, set: 3, reps: 8, predictedRir: -1.5, rir: 1 },
    'Leg press in week 2: set 3 of 8 is predicted to fail 1.5 short.',
  ],
};

test.each(Object.entries(SAID))('%s', (rule, [detail, sentence]) => {
  expect(findingSentence({ rule, ...detail } as FindingDetail, names)).toBe(sentence);
});

const edit = { kind: 'batch', edits: [] } as const;

test.each<[Fix, string]>([
  [{ edit, does: 'move session', session: 'Legs', day: 4, cycleDays: 7 }, 'Move Legs to Fri'],
  [{ edit, does: 'move session', session: 'Legs', day: 11, cycleDays: 14 }, 'Move Legs to Fri B'],
  [{ edit, does: 'move session', session: 'Legs', day: 4, cycleDays: 8 }, 'Move Legs to day 5'],
  [{ edit, does: 'add sets', sets: 1, exerciseIds: ['leg-press'] }, 'Add a set of leg press'],
  [{ edit, does: 'drop sets', sets: 2, exerciseIds: ['leg-press'] }, 'Drop 2 sets of leg press'],
  [{ edit, does: 'add sets', sets: 3, exerciseIds: ['leg-press', 'pull-up'] }, 'Add 3 sets of 2 exercises'],
  [{ edit, does: 'hold muscles', muscles: ['abs'] }, 'Hold abs'],
  [{ edit, does: 'hold muscles', muscles: ['abs', 'calves'] }, 'Hold these 2'],
  [
    {
      edit,
      does: 'fit session',
      minutes: 45,
      week: null,
      changes: [
        { slotId: '1', exerciseId: 'leg-press', sets: { from: 4, to: 3 }, rest: null, pairedWith: null },
        {
          slotId: '2',
          exerciseId: 'cable-curl',
          sets: null,
          rest: { from: 75, to: 60 },
          pairedWith: 'pull-up',
        },
      ],
      belowFloor: ['quads'],
    },
    'Fit into 45 min: leg press 4 → 3 sets and cable curl rest 75 → 60 s, in turn with pull-up; below floor then: quads',
  ],
  [
    {
      edit,
      does: 'fit session',
      minutes: 45,
      week: 3,
      changes: [
        { slotId: '1', exerciseId: 'leg-press', sets: { from: 4, to: 3 }, rest: null, pairedWith: null },
      ],
      belowFloor: [],
    },
    'Fit into 45 min, in week 3 alone: leg press 4 → 3 sets',
  ],
  [{ edit, does: 'swap sessions', session: 'A', other: 'B' }, 'Exchange A and B'],
  [{ edit, does: 'move slot to session', exerciseId: 'pull-up', session: 'B' }, 'Move pull-up to B'],
  [{ edit, does: 'move slot first', exerciseId: 'pull-up' }, 'Move pull-up up'],
  [{ edit, does: 'no deload' }, 'Plan no deload'],
  [{ edit, does: 'full range', exerciseId: 'leg-press' }, 'Full range in leg press'],
  [{ edit, does: 'no priority', muscles: ['lats'] }, 'Put lats with the others'],
  [{ edit, does: 'shorten block', weeks: 6 }, 'Shorten to 6 weeks'],
  [
    { edit, does: 'swap', swaps: [{ from: 'leg-press', to: 'hack-squat' }] },
    'Hack squat in place of leg press',
  ],
  [
    { edit, does: 'ease joint', how: 'longer sets', exerciseIds: ['leg-press', 'pull-up'] },
    'Longer, lighter sets in leg press and pull-up',
  ],
  [
    { edit, does: 'ease joint', how: 'restricted range', exerciseIds: ['a', 'b', 'c'] },
    'A restricted range in these 3',
  ],
  [{ edit, does: 'hold back', exerciseId: 'pull-up' }, 'Hold pull-up back'],
  [{ edit, does: 'next variation', exerciseId: 'ring-push-up' }, 'Take ring push-up'],
  [{ edit, does: 'hold RIR', exerciseId: 'pull-up' }, 'Hold RIR in pull-up'],
  [{ edit, does: 'hold reps', exerciseId: 'pull-up' }, 'Hold reps in pull-up'],
  [{ edit, does: 'lengthen rest', exerciseId: 'pull-up', rest: 180 }, 'Rest 180 s in pull-up'],
  [{ edit, does: 'widen range', exerciseId: 'pull-up', low: 6, high: 10 }, 'Widen pull-up to 6–10'],
  [
    {
      edit,
      does: 'spread sets',
      exerciseId: 'pull-up',
      slot: '1',
      session: 'Legs',
      target: 'b',
      sets: 2,
      added: false,
    },
    'Move 2 sets of pull-up to Legs',
  ],
  [{ edit, does: 'move slot', exerciseId: 'pull-up', after: 'leg-press' }, 'Move it after leg press'],
])('%o on its button', (fix, words) => {
  expect(fixWords(fix, names)).toBe(words);
});
