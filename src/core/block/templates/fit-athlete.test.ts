import { type Athlete, LEVELS, type Phase } from '../../athlete/athlete';
import { catalogueWith } from '../../exercises/catalogue';
import { runChecks } from '../../findings/registry';
import { presetPlace } from '../../loading/place-presets';
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
  expect(onTheirDays(block, layOut.athlete).sessions.map(({ day }) => day)).toEqual(stand);
  // Only a seven-day cycle has weekdays.
  expect(onTheirDays({ ...block, cycleDays: 8 }, layOut.athlete).sessions).toEqual(block.sessions);
});

test("three full-body days for an athlete with four stay on the athlete's days, and the recovery gap is reported", () => {
  const person = newcomer('intermediate', 'gaining', 75, { days: [0, 1, 3, 4] });
  const block = laid(template('full-body-3'), person);
  for (const { day } of block.sessions) expect(person.days).toContain(day);
  expect(look(block, person).loud.some((id) => id.startsWith('recovery-gap'))).toBe(true);
});
