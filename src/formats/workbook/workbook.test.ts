import { deflateRawSync } from 'node:zlib';
import ExcelJS from 'exceljs';
import fc from 'fast-check';
import { readWorkbook, type Sheet, sheetNames, writeWorkbook } from './workbook';
import { PACKED_LIMITS } from './zip-sizes';

const cell = fc
  .string({ unit: 'grapheme', maxLength: 12 })
  // The only control characters the format allows.
  .map((text) => text.replace(/[\p{Cc}\p{Cs}\uFFFE\uFFFF]/gu, ' '));
const anyRows = fc.array(
  fc.array(fc.oneof(cell, fc.constantFrom('=1+1', '8-12', '007', '1e5', ' x ', '<b>&')), { maxLength: 5 }),
  {
    maxLength: 6,
  },
);
/** Trailing empty cells of a line and empty lines of a sheet are dropped. */
function trimmed(rows: readonly (readonly string[])[]): readonly (readonly string[])[] {
  const cut = <T>(list: readonly T[], isEmpty: (one: T) => boolean) =>
    list.slice(0, list.findLastIndex((one) => !isEmpty(one)) + 1);
  return cut(
    rows.map((row) => cut(row, (text) => text === '')),
    (row) => row.length === 0,
  );
}

test('texts are read back unchanged, whatever a spreadsheet would make of them', async () => {
  await fc.assert(
    fc.asyncProperty(anyRows, anyRows, async (rows, hidden) => {
      const sheets: Sheet[] = [
        { name: 'A', rows, heads: 1, widths: [0, 20] },
        { name: 'B', rows: hidden, isHidden: true },
      ];
      const read = await readWorkbook(await writeWorkbook(sheets));
      if (!read.ok) throw new Error(JSON.stringify(read.problems));
      expect(read.value.map((sheet) => [sheet.name, trimmed(sheet.rows), sheet.isHidden])).toEqual([
        ['A', trimmed(rows), false],
        ['B', trimmed(hidden), true],
      ]);
    }),
    { numRuns: 40 },
  );
});

test('workbooks of others are read as displayed: numbers, days, results of formulas, rich text', async () => {
  const book = new ExcelJS.Workbook();
  const sheet = book.addWorksheet('Week 1');
  sheet.getCell('A1').value = 62.5;
  sheet.getCell('B1').value = new Date('2026-11-09T00:00:00Z');
  sheet.getCell('A3').value = { formula: '1+1', result: 2 };
  sheet.getCell('B3').value = { richText: [{ text: 'hack ' }, { text: 'squat', font: { bold: true } }] };
  sheet.getCell('C3').value = { text: 'a link', hyperlink: 'mailto:somebody@example.org' };
  const read = await readWorkbook(new Uint8Array(await book.xlsx.writeBuffer()));
  expect(read).toMatchObject({
    ok: true,
    value: [{ name: 'Week 1', rows: [['62.5', '2026-11-09'], [], ['2', 'hack squat', 'a link']] }],
  });
});

test('sheets get valid names, no two alike', () => {
  expect(sheetNames(['Push/Pull?', 'push pull', '', "'quoted'", 'x'.repeat(40), 'x'.repeat(40)])).toEqual([
    'Push Pull',
    'push pull 2',
    'sheet',
    'quoted',
    'x'.repeat(31),
    `${'x'.repeat(29)} 2`,
  ]);
});

/** A ZIP file with an entry that claims to be small. */
function packed(content: Buffer, says: number): Uint8Array {
  const data = deflateRawSync(content);
  const name = Buffer.from('xl/workbook.xml');
  const local = Buffer.alloc(30);
  local.writeUInt32LE(0x04034b50, 0);
  local.writeUInt16LE(8, 8);
  local.writeUInt16LE(name.length, 26);
  const entry = Buffer.alloc(46);
  entry.writeUInt32LE(0x02014b50, 0);
  entry.writeUInt16LE(8, 10);
  entry.writeUInt32LE(data.length, 20);
  entry.writeUInt32LE(says, 24);
  entry.writeUInt16LE(name.length, 28);
  const end = Buffer.alloc(22);
  end.writeUInt32LE(0x06054b50, 0);
  end.writeUInt16LE(1, 10);
  end.writeUInt32LE(local.length + name.length + data.length, 16);
  return new Uint8Array(Buffer.concat([local, name, data, entry, name, end]));
}

test('a file that unpacks to too much is refused whatever it claims; so is one that is not a ZIP', async () => {
  const bomb = packed(Buffer.alloc(PACKED_LIMITS.unpacked + 1), 100);
  expect(bomb.length).toBeLessThan(100_000);
  expect(await readWorkbook(bomb)).toMatchObject({ ok: false, problems: [{ field: 'bytes unpacked' }] });
  expect(await readWorkbook(new Uint8Array(PACKED_LIMITS.bytes + 1))).toMatchObject({
    ok: false,
    problems: [{ field: 'bytes' }],
  });
  expect(await readWorkbook(new TextEncoder().encode('date,exercise\n'))).toMatchObject({ ok: false });
  expect(await readWorkbook(new Uint8Array())).toMatchObject({ ok: false });
  expect(await readWorkbook(packed(Buffer.from('<x'), 2))).toMatchObject({ ok: false });
});

test('two thousand mutated files are read or refused, and none hangs', async () => {
  const whole = await writeWorkbook([
    {
      name: 'A',
      rows: [
        ['slot', 'sets'],
        ['hack squat', '3'],
      ],
    },
  ]);
  let refusals = 0;
  await fc.assert(
    fc.asyncProperty(
      fc.array(fc.tuple(fc.nat(whole.length - 1), fc.nat(255)), { minLength: 1, maxLength: 6 }),
      async (changes) => {
        const bytes = whole.slice();
        for (const [at, byte] of changes) bytes[at] = byte;
        const read = await readWorkbook(bytes);
        if (!read.ok) refusals++;
      },
    ),
    // Longer than this counts as hanging.
    { numRuns: 2000, timeout: 2000 },
  );
  expect(refusals).toBeGreaterThan(200);
}, 120_000);
