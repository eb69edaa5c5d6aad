import * as z from 'zod';
import { type Exercise, type Problem, type Result, refused } from '@/core';
import {
  decodeBlock,
  decodeConventions,
  decodeExercise,
  decodePrerequisites,
  sharesSchema,
} from '@/core/codecs';
import { readJson } from '../limits';
import { ATHLETE_FORMAT, ATHLETE_VERSION, athleteFileSchema, athleteSchema } from './athlete-file';
import { codecPart, id, instant } from './parts';

export const LIBRARY_FORMAT = 'dense-ladder/library';
export const TEMPLATE_FORMAT = 'dense-ladder/template';
export const ACCOUNT_FORMAT = 'dense-ladder/account';
const VERSION = 1;

const exercises = z.array(codecPart(decodeExercise, 'an exercise of the coach’s own')).max(5000);
const templateShape = {
  name: z.string().min(1).max(200),
  design: codecPart(decodeBlock, 'a block: block.schema.json'),
  prerequisites: codecPart(decodePrerequisites, 'clean reps it asks before it'),
  /** Custom exercises used in it. */
  exercises,
};

export const libraryFileSchema = z.strictObject({
  format: z.literal(LIBRARY_FORMAT),
  version: z.literal(VERSION),
  exercises,
});
export const templateFileSchema = z.strictObject({
  format: z.literal(TEMPLATE_FORMAT),
  version: z.literal(VERSION),
  ...templateShape,
});
export const accountFileSchema = z.strictObject({
  format: z.literal(ACCOUNT_FORMAT),
  version: z.literal(VERSION),
  name: z.string().max(200),
  email: z.string().max(320),
  /** The coach's rules for all athletes. */
  conventions: codecPart(decodeConventions, 'figures set differently for all athletes'),
  exercises,
  /** The coach’s names for exercises, by exercise id; absent: none. */
  exerciseNames: z.record(id, z.string().min(1).max(120)).exactOptional(),
  /** The coach’s shares for shipped exercises, by exercise id; absent: none. */
  exerciseShares: z.record(id, sharesSchema).exactOptional(),
  templates: z.array(z.strictObject({ id, createdAt: instant, ...templateShape })).max(2000),
  athletes: z.array(athleteSchema).max(2000),
});

export type LibraryFile = z.output<typeof libraryFileSchema>;
export type TemplateFile = z.output<typeof templateFileSchema>;
export type AccountFile = z.output<typeof accountFileSchema>;

/** A file of one of the product's own kinds. */
export type OwnFile =
  | { readonly kind: 'block'; readonly file: z.output<ReturnType<typeof blockFile>> }
  | { readonly kind: 'athlete'; readonly file: z.output<typeof athleteFileSchema> }
  | { readonly kind: 'library'; readonly file: LibraryFile }
  | { readonly kind: 'template'; readonly file: TemplateFile }
  | { readonly kind: 'account'; readonly file: AccountFile };

const blockFile = () => codecPart(decodeBlock, 'a block: block.schema.json');

/** Each kind's own name in a file, and the version that is read. */
const KINDS = {
  'dense-ladder/block': { kind: 'block', version: null, schema: blockFile() },
  [ATHLETE_FORMAT]: { kind: 'athlete', version: ATHLETE_VERSION, schema: athleteFileSchema },
  [LIBRARY_FORMAT]: { kind: 'library', version: VERSION, schema: libraryFileSchema },
  [TEMPLATE_FORMAT]: { kind: 'template', version: VERSION, schema: templateFileSchema },
  [ACCOUNT_FORMAT]: { kind: 'account', version: VERSION, schema: accountFileSchema },
} as const;

/** Most problems reported. */
const MOST_PROBLEMS = 20;

/** Reads any file of the product's own; the file says which kind it is. */
export function readOwnFile(text: string): Result<OwnFile> {
  const read = readJson(text);
  return read.ok ? decodeOwnFile(read.value) : read;
}

/** Validates a value read from a file of the product's own. */
export function decodeOwnFile(unchecked: unknown): Result<OwnFile> {
  const { format, version } = (unchecked ?? {}) as { readonly format?: unknown; readonly version?: unknown };
  const known = typeof format === 'string' && Object.hasOwn(KINDS, format);
  if (!known)
    return refused({
      code: 'malformed',
      path: 'format',
      detail: `is not one of ${Object.keys(KINDS).join(', ')}`,
    });
  const { kind, version: read, schema } = KINDS[format as keyof typeof KINDS];
  if (read !== null && typeof version === 'number' && version > read)
    return refused({ code: 'newer-format', path: 'version', version });
  const parsed = schema.safeParse(unchecked);
  if (!parsed.success)
    return refused(
      ...parsed.error.issues
        .slice(0, MOST_PROBLEMS)
        .map(({ path, message }): Problem => ({ code: 'malformed', path: path.join('/'), detail: message })),
    );
  // The kind and its schema are in one entry; TypeScript cannot correlate them.
  return { ok: true, value: { kind, file: parsed.data } as OwnFile };
}

/** A file of the product's own as text, with a line per top-level part so that versions can be compared. */
export function writeOwnFile({ file }: OwnFile): string {
  return `${JSON.stringify(file, null, 1)}\n`;
}

/** The custom exercises used in something, every revision. */
export function exercisesIn(holder: unknown, own: readonly Exercise[]): readonly Exercise[] {
  const text = JSON.stringify(holder);
  return own.filter(({ id: exercise }) => text.includes(JSON.stringify(exercise)));
}
