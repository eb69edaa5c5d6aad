import { fieldsOf, setLimits, startOf, TECHNIQUE_KINDS, type TechniqueKind } from './registry';

/** Each technique's default parameters, and the number of sets its shape allows. */
const STARTS: Readonly<Record<TechniqueKind, readonly [start: object, least: number, most: number]>> = {
  straight: [{ sets: 3 }, 1, 12],
  'top + back-offs': [
    {
      backOffs: 2,
      drop: 0.1,
      topRir: 1,
      backOffReps: 4,
      topToFailure: false,
      topPartials: 0,
      backOffPartials: 0,
      half: 'easier half',
      backOffRule: 'the top set',
    },
    2,
    5,
  ],
  'rest-pause': [
    { sets: 1, pauses: 2, pause: 20, total: { low: 15, high: 20 }, lengths: [], toFailure: true },
    1,
    4,
  ],
  'total-rep target': [{ total: 30, pause: 20, fewest: 4, inTurn: false }, 1, 1],
  cluster: [{ sets: 2, minis: 4, reps: 3, pause: 20, rise: 0, single: false }, 1, 6],
  'hold and lower': [{ sets: 1, seconds: 10, lowered: 3 }, 1, 4],
  'ascending mini-sets': [{ sets: 1, from: 2, to: 6, pause: 15 }, 1, 3],
  'rep bank': [{ sets: 4, sum: 40, toFailure: true }, 2, 10],
  'drop set': [{ sets: 1, drops: 2, off: 0.2, toFailure: true }, 1, 4],
  'partials after failure': [
    { sets: 2, on: 'last set', partials: 4, half: 'easier half', toFailure: true },
    1,
    6,
  ],
  'lengthened partials': [{ sets: 2 }, 1, 8],
  'sectioned reps': [{ sets: 2, each: 7, order: 'full, long, short', breaths: 0, slow: false }, 1, 6],
  'strict then loose': [{ sets: 2, loose: 3 }, 1, 4],
  'high-rep finisher': [
    { shape: 'long set', band: { low: 17, high: 25 }, load: 'by reps', toFailure: false },
    1,
    1,
  ],
  'slow lowering': [{ sets: 3, down: 4 }, 1, 8],
  'static hold': [{ sets: 3 }, 1, 10],
  'every-minute sets': [{ reps: 5, minutes: 8, hard: 3 }, 1, 1],
  'rep ladder': [{ sets: 2, way: 'up', top: 5, step: 1, list: [], pause: 20, rests: [] }, 1, 4],
  'for time': [{ list: [20, 15, 10], cap: 480, hard: 2 }, 1, 1],
  'restricted blood flow': [
    { long: 30, longs: 1, short: 15, shorts: 3, pause: 30, share: 0.2, screened: false },
    1,
    1,
  ],
  activation: [{ sets: 2 }, 1, 3],
  density: [{ of: { kind: 'straight', sets: 3 }, cut: 10, least: 45, taken: 0 }, 1, 12],
};

test.each(TECHNIQUE_KINDS)('%s starts with its default parameters, and allows its number of sets', (kind) => {
  const [start, least, most] = STARTS[kind];
  expect(startOf(kind)).toEqual({ kind, ...start });
  expect(setLimits(startOf(kind))).toEqual({ least, most });
});

/** Bounds of a technique's numbers. */
const BOUNDS: Readonly<Record<TechniqueKind, string>> = {
  straight: 'sets 1-12',
  'top + back-offs':
    'backOffs 1-4, drop 0.05-0.3, topRir 0-3, backOffReps 0-8, topPartials 0-12, backOffPartials 0-12',
  'hold and lower': 'sets 1-4, seconds 0-60, lowered 0-8',
  'rest-pause': 'sets 1-4, pauses 1-4, pause 10-45, total 2-60, lengths 1-30',
  'total-rep target': 'total 10-100, pause 10-45, fewest 1-8',
  cluster: 'sets 1-6, minis 2-8, reps 1-10, pause 5-45, rise 0-0.15',
  'ascending mini-sets': 'sets 1-3, from 1-10, to 2-15, pause 5-45',
  'rep bank': 'sets 2-10, sum 5-200',
  'drop set': 'sets 1-4, drops 1-3, off 0.1-0.4',
  'partials after failure': 'sets 1-6, partials 1-12',
  'lengthened partials': 'sets 1-8',
  'sectioned reps': 'sets 1-6, each 3-12, breaths 0-20',
  'strict then loose': 'sets 1-4, loose 1-20',
  'high-rep finisher': 'band 12-50',
  'slow lowering': 'sets 1-8, down 3-6',
  'static hold': 'sets 1-10',
  'every-minute sets': 'reps 1-15, minutes 3-30, hard 0-30',
  'rep ladder': 'sets 1-4, list 1-100, top 2-50, step 1-10, pause 0-300, rests 0-600',
  'for time': 'list 1-100, cap 30-3600, hard 0-20',
  'restricted blood flow': 'long 15-40, longs 1-2, short 8-20, shorts 1-4, pause 0-45, share 0.2-0.3',
  activation: 'sets 1-3',
  density: 'cut 1-30, least 15-300, taken 0-600',
};

test.each(TECHNIQUE_KINDS)('%s: the bounds of its numbers', (kind) => {
  const bounds = Object.entries(fieldsOf(kind)).flatMap(([name, field]) =>
    'least' in field ? [`${name} ${field.least}-${field.most}`] : [],
  );
  expect(bounds.join(', ')).toBe(BOUNDS[kind]);
});
