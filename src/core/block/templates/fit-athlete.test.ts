import { MUSCLES } from '../../anatomy/muscle';
import { type Athlete, LEVELS, type Phase } from '../../athlete/athlete';
import { catalogueWith } from '../../exercises/catalogue';
import { runChecks } from '../../findings/registry';
import { PLACE_KINDS, presetPlace } from '../../loading/place-presets';
import { EMPTY_LOG } from '../../log/log';
import { athlete } from '../../testing/fixtures';
import { unfold } from '../../unfold/unfold';
import { type Block, emptyBlock } from '../block';
import { fitAthlete } from './fit-athlete';
import { fromTemplate, type LayOut } from './from-template';
import { onTheirDays } from './on-their-days';
import { TEMPLATES } from './shipped';
import type { Template } from './template';

const catalogue = catalogueWith([]);

function newcomer(level: Athlete['level'], phase: Phase, minutes: number, changes: Partial<Athlete> = {}) {
  return athlete({
    level,
    minutes,
    phases: [{ from: '2026-01-01', phase }],
    places: [presetPlace('full gym', 'kg', 'p')],
    bestSets: {},
    ...changes,
  });
}

function laid(template: Template, person: Athlete, changes: Partial<Block> = {}): Block {
  let next = 0;
  const layOut: LayOut = { athlete: person, catalogue, newId: () => `n${next++}` };
  const plain = { ...emptyBlock('New', '2026-11-30'), ...changes };
  return fitAthlete(fromTemplate(template, plain, layOut), layOut);
}

function look(block: Block, person: Athlete) {
  const blockPlan = unfold({
    block,
    athlete: person,
    exercises: catalogue.find,
    issued: [],
    log: EMPTY_LOG,
    answers: [],
  });
  const findings = runChecks({ block, athlete: person, blockPlan, exercises: catalogue.find });
  return {
    loud: findings.filter(({ severity }) => severity !== 'note').map(({ id }) => id),
    notes: findings.filter(({ severity }) => severity === 'note').map(({ id }) => id),
    week: blockPlan.weeks[0]?.plan,
  };
}

const template = (id: string) => TEMPLATES.find((one) => one.id === id) as Template;

describe.each(TEMPLATES.map((one) => [one.name, one] as const))('%s', (_name, one) => {
  test.each(['gaining', 'holding'] as const)('starts without checks that need the coach, %s', (phase) => {
    for (const minutes of [60, 75, 90]) {
      const person = newcomer(one.from, phase, minutes);
      expect([minutes, look(laid(one, person), person).loud]).toEqual([minutes, []]);
    }
  });

  test('stays within the session time at every suitable level, phase and place', () => {
    for (const level of LEVELS.slice(LEVELS.indexOf(one.from)))
      for (const minutes of [45, 75]) {
        const person = newcomer(level, 'cutting', minutes);
        const { week } = look(laid(one, person), person);
        for (const { seconds } of week?.sessions ?? [])
          expect(seconds.high).toBeLessThanOrEqual(minutes * 60);
      }
  });
});

test('only muscles that cannot grow in the available time are maintained; chosen goals stay', () => {
  const person = newcomer('intermediate', 'holding', 45, { goals: { abs: 'grow' } });
  const block = laid(template('full-body-3'), person, { goals: { calves: 'priority' } });
  const { week } = look(block, person);
  expect(block.goals.calves).toBe('priority');
  expect(block.goals.abs).toBeUndefined();
  const held = Object.entries(block.goals).filter(([, goal]) => goal === 'hold');
  expect(held.length).toBeGreaterThan(0);
  for (const [muscle] of held) {
    const { measured, landmarks, frequency } = week?.muscles[muscle as 'chest'] ?? {
      measured: 99,
      landmarks: { floor: 0 },
      frequency: 9,
    };
    expect([muscle, measured < landmarks.floor || frequency < 1.5]).toEqual([muscle, true]);
  }
});

test.each([
  ['those it was laid on are theirs', [0, 1, 2, 3, 4, 5, 6], [0, 1, 3, 4]],
  ['a day later, as far apart', [1, 2, 4, 5], [1, 2, 4, 5]],
  ['the nearest there is', [0, 2, 4, 5, 6], [0, 2, 4, 5]],
  ['fewer days than sessions: as laid', [0, 2, 4], [0, 1, 3, 4]],
])("sessions are on the athlete's days: %s", (_, days, stand) => {
  const four = TEMPLATES.find(({ id }) => id === 'upper-lower-4') as Template;
  let next = 0;
  const layOut = { athlete: athlete({ days }), catalogue, newId: () => `n${next++}` };
  const block = fromTemplate(four, emptyBlock('New', '2026-11-30'), layOut);
  expect(onTheirDays(block, layOut.athlete)[0].sessions.map(({ day }) => day)).toEqual(stand);
  // Only a seven-day cycle has weekdays.
  expect(onTheirDays({ ...block, cycleDays: 8 }, layOut.athlete)[0].sessions).toEqual(block.sessions);
});

test('three full-body days for somebody with two pairs of neighbouring days keep their rest, and the odd day is named', () => {
  const person = newcomer('intermediate', 'gaining', 75, { days: [0, 1, 3, 4] });
  const block = laid(template('full-body-3'), person);
  expect(block.sessions.map(({ day }) => day)).toEqual([0, 2, 4]);
  const { loud, notes } = look(block, person);
  expect(loud).toEqual([]);
  expect(notes.filter((id) => id.startsWith('unavailable-day'))).toHaveLength(1);
  // With a free day between them they are on their own days.
  const other = laid(template('full-body-3'), newcomer('intermediate', 'gaining', 75, { days: [1, 3, 5] }));
  expect(other.sessions.map(({ day }) => day)).toEqual([1, 3, 5]);
});

test('straight arms never come the day before bent arms: the week starts with another session', () => {
  const person = newcomer('advanced', 'gaining', 90, { days: [0, 1, 3] });
  const { loud } = look(laid(template('straight-bent-arm'), person), person);
  expect(loud.filter((id) => id.startsWith('straight-arm'))).toEqual([]);
});

test('four days of sixty minutes: a gaining intermediate maintains at most six of eighteen muscles, truly', () => {
  const person = newcomer('intermediate', 'gaining', 60, { days: [0, 1, 3, 4] });
  for (const one of TEMPLATES.filter(({ cycleDays, sessions }) => cycleDays === 7 && sessions.length === 4)) {
    const block = laid(one, person);
    const held = MUSCLES.filter((muscle) => block.goals[muscle] === 'hold');
    expect([one.id, held.length <= 6]).toEqual([one.id, true]);
    expect(look(block, person).notes.filter((id) => id.startsWith('held-above-hold'))).toEqual([]);
  }
});

/** Days of two to six a week, none of them all neighbours. */
const DAYS = [
  [0, 3],
  [0, 2, 4],
  [0, 1, 3, 4],
  [0, 1, 2, 4, 5],
  [0, 1, 2, 3, 4, 5],
];

test('whoever a template is laid for, it opens without a problem and with at most two notes', () => {
  const all = TEMPLATES.flatMap((one) =>
    LEVELS.slice(LEVELS.indexOf(one.from)).flatMap((level) =>
      (['gaining', 'holding', 'cutting'] as const).flatMap((phase) =>
        [45, 60, 75, 90].flatMap((minutes) =>
          PLACE_KINDS.flatMap((kind) =>
            DAYS.filter((days) => one.cycleDays !== 7 || days.length >= one.sessions.length).map((days) => ({
              one,
              kind,
              person: newcomer(level, phase, minutes, {
                days,
                places: [presetPlace(kind, 'kg', 'p')],
                bestSets: STRONG,
              }),
            })),
          ),
        ),
      ),
    ),
  );
  expect(all.length).toBeGreaterThan(2000);
  // A sample of a prime step meets every template, level, phase, length, place and set of days.
  const sample = all.filter((_, at) => at % SAMPLE_STEP === 0);
  const noisy = sample.flatMap(({ one, kind, person }) => {
    const block = laid(one, person, person.level === 'novice' ? { deload: null } : {});
    const { loud, notes } = look(block, person);
    return loud.length > 0 || notes.length > MOST_NOTES ? [[one.id, kind, person.level, loud, notes]] : [];
  });
  expect(noisy).toEqual([]);
});

/** Whoever starts a split with prerequisites meets them. */
const STRONG: Athlete['bestSets'] = {
  'pull-up': { load: { value: 0, unit: 'kg' }, reps: 12, rir: 1, date: null },
  dip: { load: { value: 0, unit: 'kg' }, reps: 15, rir: 1, date: null },
};
const SAMPLE_STEP = 61;
const MOST_NOTES = 2;
