import * as z from 'zod';
import { bytesUpTo } from './bytes-up-to';

/** What an action is sent at most: what the framework takes. */
const MOST_BYTES = 1024 * 1024;
/** How many arguments at most, how deep values lie in each other, and how many there are. */
const MOST_ARGUMENTS = 16;
const MOST_DEEP = 64;
const MOST_VALUES = 500_000;

/**
 * Whether the framework can read what a request asks an action with. What it cannot read it answers as if the server were
 * broken, before any schema of ours is asked. True where no action is asked.
 */
export async function isReadableAction(request: Request): Promise<boolean> {
  const type = request.headers.get('content-type') ?? '';
  const isForm = type.startsWith('multipart/form-data');
  const isByScript = request.headers.has('next-action');
  if (!isForm && !isByScript) return true;
  const bytes = await bytesUpTo(MOST_BYTES, request);
  if (bytes === undefined) return false;
  try {
    if (!isForm) return areArguments(JSON.parse(new TextDecoder().decode(bytes)), '0');
    const form = await new Response(bytes, { headers: { 'content-type': type } }).formData();
    return isByScript ? areArguments(partOf(form, '0'), '0') : isReadableWithoutScript(form);
  } catch {
    // Neither a form nor JSON.
    return false;
  }
}

/** What a form of a page says of the action that it asks. */
const ASKED = z.strictObject({ id: z.string(), bound: z.literal('$@1').nullable() });

/** Forms that are sent before the scripts of their page run name actions, and have their arguments in parts beside fields. */
function isReadableWithoutScript(form: FormData): boolean {
  return [...form.keys()]
    .flatMap((name) => /^\$ACTION_REF_(.*)$/.exec(name)?.[1] ?? [])
    .every((name) => {
      const asked = ASKED.safeParse(partOf(form, `$ACTION_${name}:0`));
      if (!asked.success) return false;
      return asked.data.bound === null || areArguments(partOf(form, `$ACTION_${name}:1`), '1');
    });
}

/** @throws SyntaxError where it is no JSON */
function partOf(form: FormData, name: string): unknown {
  const value = form.get(name);
  return typeof value === 'string' ? JSON.parse(value) : undefined;
}

/** Marks of what JSON has no word for. */
const WORDS: ReadonlySet<string> = new Set(['$undefined', '$NaN', '$Infinity', '$-Infinity', '$-0']);

/**
 * Whether a value can be an action's arguments as pages write them: JSON in which a text that begins with `$` is a mark.
 * `$$` stands for a dollar, `$K1` for the fields of a form, `$0:1:name` for an object that stands before it. One that
 * stands for itself, or a short text for a million objects, would be read without an end.
 * @param part by which number its marks name it
 */
export function areArguments(root: unknown, part: string): boolean {
  const sizes = new Map<object, number>();
  const sizeOf = (value: unknown, depth: number): number => {
    if (typeof value === 'string') return value.startsWith('$') ? sizeOfMeant(value) : 1;
    if (typeof value !== 'object' || value === null) return 1;
    if (depth === MOST_DEEP) return Infinity;
    let size = 1;
    for (const inner of Object.values(value)) size += sizeOf(inner, depth + 1);
    // Only now can it be meant: not within itself.
    sizes.set(value, size);
    return size;
  };
  const sizeOfMeant = (mark: string): number => {
    if (mark.startsWith('$$') || WORDS.has(mark) || /^\$K[0-9a-f]{1,4}$/.test(mark)) return 1;
    const [head, ...keys] = mark.split(':');
    const meant = head === `$${part}` ? keys.reduce(within, root) : undefined;
    return typeof meant === 'object' && meant !== null ? (sizes.get(meant) ?? Infinity) : Infinity;
  };
  return Array.isArray(root) && root.length <= MOST_ARGUMENTS && sizeOf(root, 0) <= MOST_VALUES;
}

function within(value: unknown, key: string): unknown {
  const isThere =
    typeof value === 'object' && value !== null && key !== '__proto__' && Object.hasOwn(value, key);
  return isThere ? (value as Readonly<Record<string, unknown>>)[key] : undefined;
}
