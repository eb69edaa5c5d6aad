import { catalogueWith, type FindingDetail, type Fix } from '@/core';
import { easeTick, findingSentence, fixWords } from './findings';
import { namesOf } from './names';

const names = namesOf(catalogueWith([]));

type Examples = {
  readonly [R in FindingDetail['rule']]: readonly [Omit<Extract<FindingDetail, { rule: R }>, 'rule'>, string];
};

/** One finding of each rule: a rule without a sentence here does not compile. */
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
    'Quads and calves: trained hard in A and again 24 h later in B; recovery takes 48 h for quads, 36 h for calves.',
  ],
  frequency: [
    { muscles: ['calves'], times: 1, wanted: 2, high: false },
    'Calves: 1 session a week; growth needs 2.',
  ],
  'below floor': [
    { muscle: 'chest', sets: 4.5, floor: 6.4, week: 2 },
    'Chest: 4.5 sets in week 2, minimum 6.4.',
  ],
  untrained: [
    { muscles: ['abs', 'calves'] },
    'No hard sets for abs and calves, although the goal is to grow.',
  ],
  'above ceiling': [
    { muscle: 'biceps', sets: 21, ceiling: 18, week: 3 },
    'Biceps: 21 sets in week 3, maximum 18.',
  ],
  'above budget': [{ sets: 104, budget: 99, week: 4 }, 'Week 4 has 104 hard sets; the weekly budget is 99.'],
  'session length': [
    { session: 'Legs', minutes: 80.2, limit: 75, week: 1, shortest: null },
    'Legs lasts up to 81 min; the limit is 75.',
  ],
  order: [
    { session: 'Legs', early: 'leg-extension', late: 'leg-press', why: 'compound first' },
    'Legs: leg extension comes before leg press; it tires a muscle the compound needs.',
  ],
  'spine back to back': [
    { first: 'Pull', second: 'Legs', before: 'deadlift', after: 'leg-press' },
    'Deadlift (Pull) and leg press (Legs) are on back-to-back days; the lower back may not have recovered.',
  ],
  'legs before upper': [
    { first: 'Legs', second: 'Push' },
    'Legs comes the day before Push; on back-to-back days the upper body usually goes first.',
  ],
  'tired helpers': [
    { first: 'Arms', second: 'Pull', muscle: 'biceps', what: 'pulling' },
    'Biceps work in Arms comes the day before pulling in Pull.',
  ],
  'tired legs': [
    { activity: 'hill running', session: 'Legs' },
    'Hard hill running comes the day before Legs.',
  ],
  'rest days': [
    { days: 3 },
    'There are 3 rest days in a row, while other sessions are on back-to-back days.',
  ],
  'unavailable day': [
    {
      sessions: [
        { session: 'Legs', day: 5 },
        { session: 'Arms', day: 6 },
      ],
    },
    'Legs (Sat) and Arms (Sun): the athlete cannot train on those days.',
  ],
  'session dose': [
    { session: 'Push', muscle: 'chest', sets: 9, limit: 8, heavy: false },
    'Chest: 9 hard sets in Push; above 8 in one session many coaches expect more fatigue than growth.',
  ],
  'small after compounds': [
    { muscle: 'triceps', compound: 'barbell-bench-press' },
    'Triceps: always trained right after barbell bench press or a similar lift has tired it.',
  ],
  'too few sessions': [
    { times: 3, needed: 4, phase: 'cutting' },
    'Only 3 sessions a week while cutting; 4 or more work better.',
  ],
  balance: [
    { sides: ['push', 'pull'], sets: 30, against: 18, least: 0.67, most: 1.5 },
    'Push 30 and pull 18 sets a week: the ratio is outside 0.67 to 1.5.',
  ],
  'compound share': [
    { share: 48.4, wanted: 60 },
    'Compounds make up 48 % of the hard sets; 60 % or more suits a novice.',
  ],
  'uneven days': [
    { upper: 22, lower: 12.5 },
    'Upper-body days average 22 sets, lower-body days 12.5: more than a third apart.',
  ],
  'priority late': [{ muscle: 'lats' }, 'Lats: a priority muscle, but never first or second in a session.'],
  'building weeks': [
    { weeks: 10, most: 8 },
    'The block builds for 10 weeks without a deload; for an intermediate athlete more than 8 is risky.',
  ],
  'skill frequency': [
    { skill: 'front lever', times: 3, most: 2 },
    'Front lever: 3 sessions a week; straight-arm work needs more recovery than 2 allow.',
  ],
  split: [
    { shape: 'body parts', level: 'novice', from: 'advanced' },
    'A body parts split suits advanced athletes; this athlete is novice.',
  ],
  prerequisite: [
    {
      shape: 'straight arms',
      lifts: [
        { exerciseId: 'pull-up', reps: 10, best: null },
        { exerciseId: 'dip', reps: 12, best: 8 },
      ],
    },
    'Straight arms requires 10 clean reps of pull-up (none on record) and 12 clean reps of dip (8 on record).',
  ],
  'beyond failure': [
    { exerciseId: 'leg-press', set: 3, reps: 12, rir: -1.4, session: 'Legs' },
    'Leg press in Legs: set 3 of 12 reps is 1.4 reps more than possible. Rest longer, ask for fewer reps, or keep the RIR instead of the reps.',
  ],
  'too easy to count': [
    { exerciseId: 'leg-press', sets: 2, of: 3, threshold: 4, session: 'Legs' },
    'Leg press in Legs: 2 of 3 sets leave more than 4 reps and do not count.',
  ],
  'equipment end': [
    {
      exerciseId: 'leg-press',
      session: 'Legs',
      unit: 'kg',
      range: { low: 8, high: 12 },
      end: 'heaviest',
      load: 120,
      reps: 16,
    },
    'Leg press in Legs: the equipment ends at 120 kg. It allows 16 reps, planned are 8–12.',
  ],
  equipment: [
    {
      session: 'Legs',
      place: 'Cabin',
      lacks: [{ slotId: '1', exerciseId: 'leg-press', missing: ['machine'] }],
    },
    'Cabin has no equipment for part of Legs: leg press needs machine.',
  ],
  'irritated joint': [
    { joint: 'knee', exerciseIds: ['leg-press', 'hack-squat'] },
    'Leg press and hack squat load the knee, which is irritated. Try another grip, range or exercise. If the pain is sharp, lasting or spreading, see a clinician first.',
  ],
  gate: [
    { gate: 'isolation only', exerciseId: 'leg-press', technique: 'strict then loose', session: 'Legs' },
    'Leg press in Legs, strict then loose. Loose reps are for isolation exercises; this compound is done as straight sets.',
  ],
  'long half': [
    { exerciseId: 'leg-extension', hardest: 'shortened', session: 'Legs' },
    'Leg extension in Legs is hardest in the shortened position; half reps in the stretch suit exercises that are hardest there.',
  ],
  'all halves': [
    { session: 'Push', exerciseId: 'barbell-bench-press' },
    'All exercises of Push use half reps in the stretch, including barbell bench press, a free weight. Use full reps there.',
  ],
  'next variation': [
    { exerciseId: 'push-up', next: 'ring-push-up', reps: 15, session: 'Push' },
    'Push-up in Push reached 15 reps in all sets. The next step is ring push-up.',
  ],
  'below range': [
    { exerciseId: 'leg-press', session: 'Legs', set: 3, reps: 7, low: 8, high: 9 },
    'Leg press in Legs: set 3 drops to 7 reps, below 8–9; the range is too narrow for these sets and rests.',
  ],
  'unfilled slot': [
    { exerciseId: 'leg-press', session: 'Legs' },
    'Leg press in Legs is open: the athlete chooses the exercise while training, and it counts as what was done.',
  ],
  'stale load': [
    { slot: '1', exerciseId: 'leg-press', week: 4, set: 1, predictedRir: 3.5, rir: 2 },
    'Leg press: too easy in week 4. Set 1 leaves 3.5 reps, target 2.',
  ],
  'novice deload': [{}, 'A deload is planned. Novices rarely need one.'],
  'novice rest': [{ days: 1, wanted: 2 }, 'Only 1 full day off a week; a novice needs 2.'],
  'straight-arm rest': [
    { first: 'Lever', second: 'Press', exerciseId: 'front-lever' },
    'Press comes the day after front lever in Lever; straight-arm work needs a day off for the arms.',
  ],
  'never hard': [{ nearest: 4 }, 'No set in this block ends closer to failure than 4 reps in reserve.'],
  'often at ceiling': [
    { muscle: 'quads', weeks: 3, of: 6 },
    'Quads: at its maximum in 3 of 6 weeks; most weeks should stay between minimum and maximum.',
  ],
  'unsafe halves': [
    { exerciseId: 'barbell-bench-press', session: 'Push' },
    'Barbell bench press in Push: half reps at the bottom of a lift that nobody can get out of alone. Use full reps, another exercise, or note how it is made safe.',
  ],
  'middle range': [
    { exerciseId: 'leg-press', session: 'Legs', why: 'even load' },
    'Leg press in Legs uses only the middle of the range, although this equipment also loads the stretch and the squeeze.',
  ],
  'many days': [
    { days: 6 },
    '6 training days a week: that many ask for enough sleep, enough food and a calm life.',
  ],
  'always at minimum': [
    { muscles: ['chest', 'lats'], weeks: 4 },
    'Chest and lats: at the minimum in all 4 weeks done. Most of a block is spent between minimum and maximum.',
  ],
  'specialising in a cut': [
    { muscles: ['lats'], week: 3 },
    'Lats: priority while cutting (from week 3). A cut rarely builds muscle; keep every muscle at its minimum first. An event in the profile can justify it.',
  ],
  'held above hold': [
    { muscles: [{ muscle: 'biceps', sets: 9.5, hold: 3 }] },
    'Maintained, but well above maintenance: biceps 9.5 sets (3 are enough).',
  ],
  'half-rep slots': [
    { session: 'Legs', muscle: 'quads', slots: 3, most: 2 },
    'Legs has 3 half-rep exercises for quads; 2 are enough.',
  ],
  'never stretched': [
    { muscles: ['lats', 'calves'] },
    'No exercise of the week loads these muscles in the stretched position: lats and calves.',
  ],
  'crossing lift': [
    { exerciseId: 'bar-muscle-up', session: 'Push', half: 'pull' },
    'Bar muscle-up in Push is both push and pull. Its harder half is the pull, so it belongs on a pull day.',
  ],
  'heavy late': [
    { early: 'leg-press', earlySession: 'Legs A', late: 'hack-squat', lateSession: 'Legs B' },
    'Leg press in Legs A has longer sets than hack squat later in Legs B. Heavy early in the week and lighter later usually works better.',
  ],
  'late gaining': [
    { exerciseIds: ['hack-squat'], from: '2027-02-01', next: 'cutting' },
    'Late in the gaining phase (cutting from 1 Feb): hack squat could use fewer reps, as standing, unsupported lift.',
  ],
  'heavy falls in a cut': [
    { exerciseIds: ['hack-squat'], rising: ['leg-press'] },
    'In this cut strength is falling in hack squat, while longer sets still progress (leg press). Use higher rep ranges.',
  ],
  'many sets': [
    { exerciseId: 'leg-press', session: 'Legs', sets: 8 },
    'Leg press in Legs: 8 sets of one exercise. Three to five are usual; a second exercise gives more.',
  ],
  'out of reach': [
    { slot: '1', exerciseId: 'leg-press', week: 2, set: 3, reps: 8, predictedRir: -1.5, rir: 1 },
    'Leg press: too hard in week 2. Set 3 of 8 would fail 1.5 reps short.',
  ],
};

test.each(Object.entries(SAID))('%s', (rule, [detail, sentence]) => {
  expect(findingSentence({ rule, ...detail } as FindingDetail, names)).toBe(sentence);
});

const edit = { kind: 'batch', edits: [] } as const;
const stays = (exerciseId: string) => ({ exerciseId, session: 'Upper', to: null, setUp: null, edits: [] });

test.each<[Fix, string]>([
  [{ edit, does: 'move session', session: 'Legs', day: 4, cycleDays: 7 }, 'Move Legs to Fri'],
  [{ edit, does: 'move session', session: 'Legs', day: 11, cycleDays: 14 }, 'Move Legs to Fri B'],
  [{ edit, does: 'move session', session: 'Legs', day: 4, cycleDays: 8 }, 'Move Legs to day 5'],
  [{ edit, does: 'add sets', sets: 1, exerciseIds: ['leg-press'] }, 'Add 1 set: leg press'],
  [
    { edit, does: 'lower rises', week: 5, sets: 12, exerciseIds: ['leg-press', 'leg-extension'] },
    'Raise sets less: 12 sets fewer in week 5, in 2 exercises',
  ],
  [{ edit, does: 'drop sets', sets: 2, exerciseIds: ['leg-press'] }, 'Remove 2 sets: leg press'],
  [{ edit, does: 'add sets', sets: 3, exerciseIds: ['leg-press', 'pull-up'] }, 'Add 3 sets in 2 exercises'],
  [{ edit, does: 'hold muscles', muscles: ['abs'] }, 'Maintain abs'],
  [{ edit, does: 'hold muscles', muscles: ['abs', 'calves'] }, 'Maintain these 2 muscles'],
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
    'Fit into 45 min: leg press 4 → 3 sets and cable curl rest 75 → 60 s, superset with pull-up; then below minimum: quads',
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
    'Fit into 45 min, in week 3 only: leg press 4 → 3 sets',
  ],
  [{ edit, does: 'swap sessions', session: 'A', other: 'B' }, 'Swap A and B'],
  [{ edit, does: 'move slot to session', exerciseId: 'pull-up', session: 'B' }, 'Move pull-up to B'],
  [{ edit, does: 'move slot first', exerciseId: 'pull-up' }, 'Move pull-up up'],
  [{ edit, does: 'no deload' }, 'Remove the deload'],
  [{ edit, does: 'full range', exerciseId: 'leg-press' }, 'Use the full range: leg press'],
  [{ edit, does: 'no priority', muscles: ['lats'] }, 'Remove priority: lats'],
  [{ edit, does: 'shorten block', weeks: 6 }, 'Shorten to 6 weeks'],
  [
    { edit, does: 'swap', swaps: [{ from: 'leg-press', to: 'hack-squat' }] },
    'Use hack squat instead of leg press',
  ],
  [
    { edit, does: 'ease joint', how: 'longer sets', changes: [stays('leg-press'), stays('pull-up')] },
    'Use lighter, longer sets: leg press and pull-up',
  ],
  [
    { edit, does: 'ease joint', how: 'restricted range', changes: [stays('pull-up'), stays('pull-up')] },
    'Shorten the range of motion: pull-up',
  ],
  [
    {
      edit,
      does: 'ease joint',
      how: 'another set-up',
      changes: [{ ...stays('pull-up'), setUp: 'close grip' }],
    },
    'Close grip: pull-up',
  ],
  [
    {
      edit,
      does: 'ease joint',
      how: 'another implement',
      changes: [{ ...stays('pull-up'), to: 'leg-press' }],
    },
    'Use leg press instead of pull-up',
  ],
  [{ edit, does: 'hold back', exerciseId: 'pull-up' }, 'Stop short of failure: pull-up'],
  [{ edit, does: 'next variation', exerciseId: 'ring-push-up' }, 'Use ring push-up'],
  [{ edit, does: 'hold RIR', exerciseId: 'pull-up' }, 'Keep RIR equal in all sets: pull-up'],
  [{ edit, does: 'hold reps', exerciseId: 'pull-up' }, 'Keep reps equal in all sets: pull-up'],
  [{ edit, does: 'lengthen rest', exerciseId: 'pull-up', rest: 180 }, 'Rest 180 s: pull-up'],
  [
    { edit, does: 'widen range', exerciseId: 'pull-up', low: 6, high: 10 },
    'Widen the range to 6–10: pull-up',
  ],
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

test('a tick beside an eased joint names exercise, change and session', () => {
  const names = namesOf(catalogueWith([]));
  expect(easeTick(stays('pull-up'), names)).toBe('Pull-up: Upper');
  expect(easeTick({ ...stays('pull-up'), setUp: 'close grip' }, names)).toBe('Pull-up, close grip: Upper');
  expect(easeTick({ ...stays('pull-up'), to: 'lat-pulldown' }, names)).toBe(
    'Lat pulldown instead of pull-up: Upper',
  );
});
