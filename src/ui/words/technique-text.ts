import {
  type Field,
  fieldsOf,
  type PlainParameters,
  startOf,
  TECHNIQUE_KINDS,
  type TechniqueKind,
  type TechniqueParameters,
} from '@/core';
import { TECHNIQUE_NAMES } from './techniques';

const OF = ' of ';

function valueText(value: unknown): string {
  if (typeof value === 'boolean') return value ? 'yes' : 'no';
  if (Array.isArray(value)) return value.join('-');
  if (typeof value === 'object' && value !== null) {
    const { low, high } = value as { low: number; high: number };
    return `${low}-${high}`;
  }
  return String(value);
}

/** A technique in full as plain text, for a spreadsheet: `rest-pause (sets 1; pauses 2; …)`. */
export function techniqueText(technique: TechniqueParameters): string {
  const values = technique as unknown as Readonly<Record<string, unknown>>;
  const parts = Object.keys(fieldsOf(technique.kind)).flatMap((name) => {
    const value = valueText(values[name]);
    return value === '' ? [] : [`${name} ${value}`];
  });
  const text = `${TECHNIQUE_NAMES[technique.kind].name}${parts.length === 0 ? '' : ` (${parts.join('; ')})`}`;
  return technique.kind === 'density' ? `${text}${OF}${techniqueText(technique.of)}` : text;
}

function readValue(field: Field, text: string): unknown {
  const numbers = text.match(/\d+(?:\.\d+)?/g)?.map(Number) ?? [];
  const [first, second] = numbers;
  switch (field.type) {
    case 'whole':
      return first !== undefined && Number.isInteger(first) && first >= field.least && first <= field.most
        ? first
        : undefined;
    case 'share':
      return first !== undefined && first >= field.least && first <= field.most ? first : undefined;
    case 'yes':
      return /^y/i.test(text) ? true : /^n/i.test(text) ? false : undefined;
    case 'choice':
      return field.of.find((one) => one.toLowerCase() === text.toLowerCase());
    case 'band': {
      const [low, high] = [first, second];
      const inside = (value: number | undefined): value is number =>
        value !== undefined && value >= field.least && value <= field.most;
      return inside(low) && inside(high) && low <= high ? { low, high } : undefined;
    }
    case 'list':
      return numbers.length > 0 && numbers.length <= field.longest ? numbers : undefined;
  }
}

/** Reads what techniqueText writes; parameters left out start as usual. Undefined where it is no technique. */
export function readTechnique(text: string): TechniqueParameters | undefined {
  const tidy = text.trim();
  const parts = /^([^(]+?)\s*(?:\((.*?)\))?(?: of (.+))?$/.exec(tidy);
  const name = parts?.[1]?.toLowerCase().trim();
  const kind = TECHNIQUE_KINDS.find((one) => one === name || TECHNIQUE_NAMES[one].name === name);
  if (kind === undefined) return undefined;
  const made: Record<string, unknown> = { ...startOf(kind) };
  for (const part of (parts?.[2] ?? '')
    .split(';')
    .map((one) => one.trim())
    .filter(Boolean)) {
    const at = part.indexOf(' ');
    const [key, value] = [part.slice(0, at), part.slice(at + 1)];
    const field = fieldsOf(kind)[key];
    const read = field === undefined ? undefined : readValue(field, value);
    if (read === undefined) return undefined;
    made[key] = read;
  }
  if (kind === 'density') {
    const inner = readTechnique(parts?.[3] ?? 'straight sets');
    if (inner === undefined || inner.kind === 'density') return undefined;
    made.of = inner satisfies PlainParameters;
  }
  return made as unknown as TechniqueParameters;
}

/** Names of all techniques, as lists have them. */
export const ALL_TECHNIQUES: readonly {
  readonly kind: TechniqueKind;
  readonly name: string;
  readonly is: string;
}[] = TECHNIQUE_KINDS.map((kind) => ({ kind, ...TECHNIQUE_NAMES[kind] }));
