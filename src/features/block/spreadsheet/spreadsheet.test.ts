import fc from 'fast-check';
import { type Block, catalogueWith, EMPTY_LOG, emptyBlock, findSlot, unfold } from '@/core';
import { anyBlock } from '@/core/testing/any-block';
import { athlete, block, lookup, session, slot } from '@/core/testing/fixtures';
import { readWorkbook, type Sheet, writeWorkbook } from '@/formats/workbook/workbook';
import { cellName, keptIn, readBlockSheets } from './from-sheets';
import { blockSheets } from './to-sheets';

const who = athlete();
const catalogue = catalogueWith([]);
const OF = block(
  [
    session('a', 0, [
      slot('a1', 'hack-squat', { range: { low: 6, high: 10 }, note: 'feet low' }),
      slot('a2', 'seated-leg-curl', { technique: { kind: 'straight', sets: 2 } }),
    ]),
    session('b', 3, [slot('b1', 'seal-row'), slot('b2', 'cable-curl')]),
  ],
  { weeks: 3 },
);

const boardOf = (made: Block) => {
  const blockPlan = unfold({
    block: made,
    athlete: who,
    exercises: lookup,
    issued: [],
    log: EMPTY_LOG,
    answers: [],
  });
  let ids = 0;
  return { block: made, athlete: who, catalogue, blockPlan, newId: () => `new-${ids++}` };
};
const written = (made = OF) => blockSheets(boardOf(made));
function read(sheets: readonly Sheet[], into = OF) {
  const kept = keptIn(sheets);
  if (!kept.ok) throw new Error(JSON.stringify(kept.problems));
  return readBlockSheets(sheets, kept.value, boardOf(into));
}
/** The sheets with some cells changed: by sheet, line and column, from 0. */
const changed = (sheets: readonly Sheet[], cells: readonly (readonly [number, number, number, string])[]) =>
  sheets.map((sheet, s) => ({
    ...sheet,
    rows: sheet.rows.map((row, r) => {
      const full = [...row];
      for (const [at, line, column, text] of cells) if (at === s && line === r) full[column] = text;
      return full;
    }),
  }));

test('one sheet per session, a line per slot, a column per week, and the volume', () => {
  const [first, second, volume, hidden] = written();
  expect(first?.rows[0]).toEqual(['a', 'Session a', 'Mon']);
  expect(first?.rows[1]?.slice(0, 5)).toEqual(['', 'exercise', 'sets', 'reps', 'RIR']);
  expect(first?.rows[1]?.slice(-4)).toEqual(['week 1', 'week 2', 'week 3', 'week 4 deload']);
  expect(first?.rows[2]?.slice(0, 4)).toEqual(['a1', 'hack squat', '3', '6–10']);
  expect(second?.name).toBe('Session b');
  expect(volume?.rows[0]?.slice(0, 4)).toEqual(['weekly sets', 'minimum', 'maximum', 'week 1']);
  expect(volume?.rows.find(([muscle]) => muscle === 'quads')?.slice(0, 4)).toEqual(['quads', '8', '18', '3']);
  expect(hidden?.isHidden).toBe(true);
});

test('an unchanged workbook is read back unchanged, through the file itself', async () => {
  await fc.assert(
    fc.asyncProperty(anyBlock, async (made) => {
      const file = await readWorkbook(await writeWorkbook(written(made)));
      if (!file.ok) throw new Error(JSON.stringify(file.problems));
      const kept = keptIn(file.value);
      if (!kept.ok || kept.value === null) throw new Error('nothing kept');
      expect(kept.value.block).toEqual(made);
      expect(read(file.value, made)).toEqual({ block: made, edits: [], unread: [], guessed: [] });
    }),
    { numRuns: 25 },
  );
});

test('changed cells are typed in: a prescription, a week, a name, a day; everything else stays, notes too', () => {
  const sheets = written();
  const week = sheets[0]?.rows[1]?.indexOf('week 2') ?? 0;
  const { block: now, unread } = read(
    changed(sheets, [
      [0, 2, 2, '4'],
      [0, 2, week, '5×8'],
      [0, 0, 1, 'Legs'],
      [1, 0, 2, 'fri'],
      [1, 2, 3, '10-15'],
    ]),
  );
  expect(unread).toEqual([]);
  expect(now.sessions.map(({ name, day }) => [name, day])).toEqual([
    ['Legs', 0],
    ['Session b', 4],
  ]);
  const hack = findSlot(now, 'a1')?.slot;
  expect(hack).toMatchObject({ technique: { sets: 4 }, note: 'feet low' });
  expect(hack?.weeks).toMatchObject([{ week: 2, sets: 5, reps: 8, load: null }]);
  expect(findSlot(now, 'b1')?.slot.range).toEqual({ low: 10, high: 15 });
  expect(findSlot(now, 'a2')?.slot).toEqual(findSlot(OF, 'a2')?.slot);
});

test('every unreadable cell is named and changes nothing', () => {
  const { block: now, unread } = read(
    changed(written(), [
      [0, 2, 2, 'many'],
      [0, 3, 1, 'a lift of the moon'],
      [1, 0, 2, 'someday'],
      [1, 3, 4, '99'],
    ]),
  );
  expect(unread.map(({ sheet, cell, text }) => [sheet, cell, text])).toEqual([
    ['Session a', 'C3', 'many'],
    ['Session a', 'B4', 'a lift of the moon'],
    ['Session b', 'C1', 'someday'],
    ['Session b', 'E4', '99'],
  ]);
  expect(now).toEqual(OF);
});

test('lines removed, added, reordered and moved to another sheet; a sheet removed, and one added', () => {
  const [a, b, ...others] = written();
  if (a === undefined || b === undefined) throw new Error('no sheets');
  const [head, names, first, second] = a.rows as [string[], string[], string[], string[]];
  const rows = [head, names, second, ['', 'leg press', '2', '12-15'], first, first];
  const kept = read([{ ...a, rows }, b, ...others]).block;
  expect(kept.sessions[0]?.slots.map(({ id, exercise }) => [id, exercise.id])).toEqual([
    ['a2', 'seated-leg-curl'],
    ['new-0', 'leg-press'],
    ['a1', 'hack-squat'],
    // A copied line is another slot.
    ['new-1', 'hack-squat'],
  ]);
  expect(findSlot(kept, 'new-0')?.slot.range).toEqual({ low: 12, high: 15 });

  const moved = read([
    { ...a, rows: [head, names, first] },
    { ...b, rows: [...b.rows.slice(0, 3), second] },
    ...others,
  ]).block;
  expect(moved.sessions.map(({ slots }) => slots.map(({ id }) => id))).toEqual([['a1'], ['b1', 'a2']]);

  const fewer = read([
    a,
    {
      name: 'Arms',
      rows: [
        ['', 'Arms'],
        ['', 'exercise', 'sets'],
        ['', 'cable curl', '3'],
      ],
    },
    ...others,
  ]).block;
  expect(fewer.sessions.map(({ name, slots }) => [name, slots.length])).toEqual([
    ['Session a', 2],
    ['Arms', 1],
  ]);
});

test('read into the current block, it keeps what was changed there meanwhile', () => {
  const later = {
    ...OF,
    weeks: 5,
    sessions: OF.sessions.map((one) => ({ ...one, name: `${one.name} now` })),
  };
  const { block: now } = read(changed(written(), [[0, 2, 2, '4']]), later);
  expect(now.weeks).toBe(5);
  expect(now.sessions[0]?.name).toBe('Session a now');
  expect(findSlot(now, 'a1')?.slot.technique).toMatchObject({ sets: 4 });
});

test('in a workbook written elsewhere every sheet is a session with recognised headings', () => {
  const elsewhere: readonly Sheet[] = [
    { name: 'Notes', rows: [['sleep well']] },
    {
      name: 'Push',
      rows: [
        ['Programme of somebody'],
        [],
        ['Exercise', 'Sets', 'Reps', 'Rest'],
        ['Chest press machine', '3', '8-12', '120'],
        ['???', '3', '8', '60'],
        ['Cable fly', '2', '12-15', 'long'],
        ['Leg curls', '3', '10-12', '90'],
      ],
    },
  ];
  const { block: now, unread, guessed } = read(elsewhere, emptyBlock('New', '2026-11-02'));
  expect(now.sessions.map(({ name, slots }) => [name, slots.map(({ exercise }) => exercise.id)])).toEqual([
    ['Push', ['chest-press-machine', 'cable-fly', 'seated-leg-curl']],
  ]);
  expect(now.sessions[0]?.slots[0]).toMatchObject({
    range: { low: 8, high: 12 },
    rest: 120,
    technique: { sets: 3 },
  });
  expect(unread.map(({ cell, text }) => [cell, text])).toEqual([
    ['A5', '???'],
    ['D6', 'long'],
  ]);
  expect(guessed.map(({ text, exerciseId }) => [text, exerciseId])).toEqual([
    ['Leg curls', 'seated-leg-curl'],
  ]);
});

test('cells are named', () => {
  expect([
    cellName(0, 0),
    cellName(6, 25),
    cellName(9, 26),
    cellName(0, 51),
    cellName(0, 52),
    cellName(0, 701),
    cellName(0, 702),
  ]).toEqual(['A1', 'Z7', 'AA10', 'AZ1', 'BA1', 'ZZ1', 'AAA1']);
});

test('two thousand mutated workbooks give a block with named cells, or an error sentence', () => {
  const sheets = written();
  let unread = 0;
  fc.assert(
    fc.property(
      fc.array(
        fc.tuple(
          fc.nat(3),
          fc.nat(4),
          fc.nat(13),
          fc.oneof(
            fc.string({ maxLength: 8 }),
            fc.constantFrom('', '4', '8-12', 'a1', 'cable curl', '5×8', '@2', '-1', '9e9'),
          ),
        ),
        {
          minLength: 1,
          maxLength: 8,
        },
      ),
      (cells) => {
        const given = changed(sheets, cells);
        const kept = keptIn(given);
        if (!kept.ok) return;
        const { block: now, unread: named } = readBlockSheets(given, kept.value, boardOf(OF));
        unread += named.length;
        expect(() => boardOf(now)).not.toThrow();
      },
    ),
    { numRuns: 2000 },
  );
  expect(unread).toBeGreaterThan(100);
});
