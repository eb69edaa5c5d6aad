import { catalogueWith } from '../../exercises/catalogue';
import { loadShift } from '../../progression/load-shift';
import { athlete, block, session, slot } from '../../testing/fixtures';
import { type Block, emptyBlock } from '../block';
import { decodeBlock } from '../block-codec';
import { blockProblems } from '../block-rules';
import { newBlockSettingsSchema } from './new-block-settings-schema';
import { TEMPLATES } from './shipped';
import { type BlockSource, type NewBlockSettings, startBlock } from './start-block';

const settings: NewBlockSettings = {
  name: 'Winter',
  startDate: '2026-11-30',
  weeks: 5,
  deload: null,
  crediting: 'inclusive',
  landmarks: 'fixed dose',
  goals: { glutes: 'priority' },
  returning: false,
};

/** Those that the block contains. */
const { returning: _, ...settled } = settings;

function start(source: BlockSource) {
  let next = 0;
  return startBlock(source, settings, {
    athlete: athlete(),
    catalogue: catalogueWith([]),
    newId: () => `n${next++}`,
  });
}

const earlier = block([{ ...session('a', 0, [slot('a1', 'leg-press')]), place: 'cellar' }], {
  weeks: 8,
  cycleDays: 10,
  goals: { chest: 'hold' },
  activities: [{ id: 'run', day: 3, name: 'running', hard: true, legs: true }],
  pauses: [{ after: 2, days: 7 }],
  dismissed: [{ finding: 'below floor/chest', facts: 'x', note: '' }],
});

test("chosen settings win over an earlier block's; its design is copied with new ids and without places", () => {
  const made = start({ kind: 'design', block: earlier });
  expect(made).toMatchObject(settled);
  expect(made.cycleDays).toBe(10);
  expect(made.sessions[0]).toMatchObject({ name: earlier.sessions[0]?.name, place: null });
  expect(made.sessions[0]?.id).not.toBe('a');
  expect(made.sessions[0]?.slots[0]).toMatchObject({ exercise: { id: 'leg-press' }, start: null });
  expect(made.sessions[0]?.slots[0]?.id).not.toBe('a1');
  // Week-specific parts of the old run are dropped; weekday-specific ones are kept.
  expect(made.activities).toMatchObject([{ day: 3, name: 'running', hard: true }]);
  expect([made.pauses, made.dismissed]).toEqual([[], []]);
});

test('an empty start has no sessions, a template its own; every result is a valid block', () => {
  expect(start({ kind: 'empty' })).toEqual({ ...emptyBlock('Winter', '2026-11-30'), ...settled });
  for (const template of TEMPLATES) {
    const made = start({ kind: 'template', template });
    expect(made).toMatchObject(settled);
    expect(made.sessions.map(({ day }) => day)).toEqual(template.sessions.map(({ day }) => day));
    expect(blockProblems(made)).toEqual([]);
    expect(decodeBlock(JSON.parse(JSON.stringify(made)))).toEqual({ ok: true, value: made });
  }
});

test('received settings are validated', () => {
  expect(newBlockSettingsSchema.safeParse(settings).success).toBe(true);
  for (const wrong of [
    { landmarks: 'mine' },
    { goals: { elbow: 'grow' } },
    { startDate: 'soon' },
    { sessions: [] },
  ])
    expect(newBlockSettingsSchema.safeParse({ ...settings, ...wrong }).success).toBe(false);
});

test('after time off: two to four weeks at 4 RIR, no deload, loads from 85 % to all of them in the last week', () => {
  const design = block([session('a', 0, [slot('1', 'leg-press')])], { weeks: 6, rir: { first: 2, last: 0 } });
  let next = 0;
  const made = (weeks: number) =>
    startBlock(
      { kind: 'design', block: design },
      { ...settings, weeks, returning: true },
      { athlete: athlete(), catalogue: catalogueWith([]), newId: () => `n${next++}` },
    );
  const shares = (of: Block) =>
    Array.from({ length: of.weeks }, (_, at) => Math.round(1000 * loadShift(of, at + 1)) / 10);
  const back = made(3);
  expect(back).toMatchObject({ weeks: 3, rir: { first: 4, last: 4 }, deload: null });
  // The block after it goes back to the design.
  expect(back.afterReturn).toEqual({ weeks: 6, rir: { first: 2, last: 0 }, deload: null });
  expect(back.sessions[0]?.slots[0]?.technique).toEqual(design.sessions[0]?.slots[0]?.technique);
  expect([made(1), back, made(9)].map(shares)).toEqual([
    [85, 100],
    [85, 92.5, 100],
    [85, 90, 95, 100],
  ]);
  expect(decodeBlock(JSON.parse(JSON.stringify(back)))).toEqual({ ok: true, value: back });
});
