import * as z from 'zod';
import { readBodyUpTo } from './read-body';

/** Largest body of an action: the framework's limit. */
const MOST_BYTES = 1024 * 1024;
/** Limits: number of arguments, nesting depth, number of values. */
const MOST_ARGUMENTS = 16;
const MOST_DEEP = 64;
const MOST_VALUES = 500_000;

/**
 * Whether the framework can parse a request's action arguments. It would answer a malformed one with an error 500
 * before any of our schemas runs. True if the request calls no action.
 */
export async function isReadableAction(request: Request): Promise<boolean> {
  const type = request.headers.get('content-type') ?? '';
  const isForm = type.startsWith('multipart/form-data');
  const isByScript = request.headers.has('next-action');
  if (!isForm && !isByScript) return true;
  const bytes = await readBodyUpTo(MOST_BYTES, request);
  if (bytes === undefined) return false;
  try {
    if (!isForm) return isArgumentList(JSON.parse(new TextDecoder().decode(bytes)), '0');
    const form = await new Response(bytes, { headers: { 'content-type': type } }).formData();
    return isByScript ? isArgumentList(referencedPart(form, '0'), '0') : isReadableWithoutScript(form);
  } catch {
    // Neither a form nor JSON.
    return false;
  }
}

/** What a form says about the action it calls. */
const ASKED = z.strictObject({ id: z.string(), bound: z.literal('$@1').nullable() });

/**
 * Forms sent before their page's scripts have loaded name the action in a field and carry its arguments in other
 * parts.
 */
function isReadableWithoutScript(form: FormData): boolean {
  return [...form.keys()]
    .flatMap((name) => /^\$ACTION_REF_(.*)$/.exec(name)?.[1] ?? [])
    .every((name) => {
      const asked = ASKED.safeParse(referencedPart(form, `$ACTION_${name}:0`));
      if (!asked.success) return false;
      return asked.data.bound === null || isArgumentList(referencedPart(form, `$ACTION_${name}:1`), '1');
    });
}

/** @throws SyntaxError if it is not JSON */
function referencedPart(form: FormData, name: string): unknown {
  const value = form.get(name);
  return typeof value === 'string' ? JSON.parse(value) : undefined;
}

/** Markers for values that JSON cannot express. */
const WORDS: ReadonlySet<string> = new Set(['$undefined', '$NaN', '$Infinity', '$-Infinity', '$-0']);

/**
 * Whether a value can be an action's arguments as a page writes them: JSON in which text that starts with `$` is a
 * marker. `$$` is a dollar, `$K1` the fields of a form, `$0:1:name` a reference to an earlier object. A
 * self-reference, or a short text for a million objects, would never finish.
 * @param part the number by which references name it
 */
export function isArgumentList(root: unknown, part: string): boolean {
  const sizes = new Map<object, number>();
  const sizeOf = (value: unknown, depth: number): number => {
    if (typeof value === 'string') return value.startsWith('$') ? sizeOfMeant(value) : 1;
    if (typeof value !== 'object' || value === null) return 1;
    if (depth === MOST_DEEP) return Infinity;
    let size = 1;
    for (const inner of Object.values(value)) size += sizeOf(inner, depth + 1);
    // Can be referenced from here on, not within itself.
    sizes.set(value, size);
    return size;
  };
  const sizeOfMeant = (mark: string): number => {
    if (mark.startsWith('$$') || WORDS.has(mark) || /^\$K[0-9a-f]{1,4}$/.test(mark)) return 1;
    const [head, ...keys] = mark.split(':');
    const meant = head === `$${part}` ? keys.reduce(isWithinLimits, root) : undefined;
    return typeof meant === 'object' && meant !== null ? (sizes.get(meant) ?? Infinity) : Infinity;
  };
  return Array.isArray(root) && root.length <= MOST_ARGUMENTS && sizeOf(root, 0) <= MOST_VALUES;
}

function isWithinLimits(value: unknown, key: string): unknown {
  const isThere =
    typeof value === 'object' && value !== null && key !== '__proto__' && Object.hasOwn(value, key);
  return isThere ? (value as Readonly<Record<string, unknown>>)[key] : undefined;
}
