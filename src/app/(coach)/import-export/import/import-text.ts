import * as z from 'zod';
import { MOST_LEFT, UNITS } from '@/core';
import {
  type Asker,
  addBlock,
  findAthlete,
  importAccount,
  importAthlete,
  importCheckIns,
  importLibrary,
  importLog,
  importMeasurements,
  importTemplate,
  isUnavailable,
  rememberImportNames,
} from '@/data';
import type { TakeIn, TakenIn } from '@/features/import-export/contract';
import { decodeOwnFile, type OwnFile } from '@/formats/archive/files';
import { day } from '@/formats/archive/parts';
import { FILE_LIMITS, readJson } from '@/formats/limits';
import { readCsv } from '@/formats/table/csv';
import { CHECK_INS, MEASURED } from '@/formats/table/tables';
import { nameIdSchema as exerciseId, idSchema as id } from '../../../inputs';

const sets = z
  .array(
    z.strictObject({
      date: day,
      exerciseId,
      load: z.strictObject({ value: z.number().min(-1500).max(1500), unit: z.enum(UNITS) }),
      reps: z.int().min(1).max(1000),
      rir: z.number().min(0).max(MOST_LEFT),
      note: z.string().max(200),
    }),
  )
  .min(1)
  .max(50_000);
const csv = z.string().max(FILE_LIMITS.letters);

const askedSchema: z.ZodType<TakeIn> = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('file'), athleteId: id.nullable(), file: z.unknown() }),
  z.strictObject({
    kind: z.literal('log'),
    athleteId: id,
    sets,
    names: z.record(z.string().max(191), exerciseId),
  }),
  z.strictObject({ kind: z.literal('measurements'), athleteId: id, csv }),
  z.strictObject({ kind: z.literal('check-ins'), athleteId: id, csv }),
]);

/** Imports what a page has read from a file: validated again here, all of it or nothing. */
export async function importText(asker: Asker, text: string): Promise<TakenIn> {
  try {
    const read = readJson(text);
    if (!read.ok) return { status: 'refused', problems: read.problems };
    const asked = askedSchema.safeParse(read.value);
    return asked.success ? await importContent(asker, asked.data) : { status: 'malformed' };
  } catch (error) {
    if (isUnavailable(error)) return { status: 'unavailable' };
    throw error;
  }
}

async function importContent(asker: Asker, asked: TakeIn): Promise<TakenIn> {
  const now = new Date();
  switch (asked.kind) {
    case 'file': {
      const decoded = decodeOwnFile(asked.file);
      return decoded.ok
        ? importFile(asker, decoded.value, asked.athleteId, now)
        : { status: 'refused', problems: decoded.problems };
    }
    case 'log': {
      await rememberImportNames(asker, asked.names);
      const taken = await importLog(asker, asked.athleteId, asked.sets, now);
      if (taken.status !== 'taken in') return taken;
      return { status: 'taken in', of: { kind: 'log', ...taken }, to: `/athletes/${asked.athleteId}` };
    }
    case 'measurements':
    case 'check-ins': {
      const { athleteId } = asked;
      const table = asked.kind === 'measurements' ? readCsv(MEASURED, asked.csv) : null;
      const said = table === null ? readCsv(CHECK_INS, asked.csv) : null;
      if (table !== null && !table.ok) return { status: 'refused', problems: table.problems };
      if (said !== null && !said.ok) return { status: 'refused', problems: said.problems };
      const taken =
        table === null
          ? await importCheckIns(asker, athleteId, said?.value ?? [], now)
          : await importMeasurements(asker, athleteId, table.value, now);
      if (taken.status !== 'taken in') return taken;
      return {
        status: 'taken in',
        of: { kind: asked.kind, added: taken.added },
        to: `/athletes/${athleteId}`,
      };
    }
  }
}

async function importFile(
  asker: Asker,
  { kind, file }: OwnFile,
  athleteId: string | null,
  now: Date,
): Promise<TakenIn> {
  switch (kind) {
    case 'block': {
      const found = athleteId === null ? undefined : await findAthlete(asker, athleteId);
      if (found === undefined || athleteId === null) return { status: 'gone' };
      const { name } = file;
      const blockId = await addBlock(asker, athleteId, file, now);
      return blockId === undefined
        ? { status: 'gone' }
        : { status: 'taken in', of: { kind, name }, to: `/blocks/${blockId}` };
    }
    case 'athlete': {
      const taken = await importAthlete(asker, file, now);
      return taken.status === 'refused'
        ? taken
        : {
            status: 'taken in',
            of: { kind, name: taken.name, isCopy: taken.isCopy },
            to: `/athletes/${taken.athleteId}`,
          };
    }
    case 'library':
      return {
        status: 'taken in',
        of: { kind, added: await importLibrary(asker, file.exercises, now) },
        to: '/library',
      };
    case 'template': {
      await importTemplate(asker, file, now);
      return { status: 'taken in', of: { kind, name: file.name }, to: '/templates' };
    }
    case 'account': {
      const taken = await importAccount(asker, file, now);
      if (taken.status === 'refused') return taken;
      const { athletes, templates, exercises } = taken;
      return { status: 'taken in', of: { kind, athletes, templates, exercises }, to: '/desk' };
    }
  }
}
