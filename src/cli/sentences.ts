import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { parseSync } from '@swc/core';
import { CONVENTION_IDS, CONVENTIONS, LIBRARY, TEMPLATES } from '@/core';
import { describedAs } from '@/core/names';

/** A text the interface can show, and its file. `…` stands for a filled-in value. */
export interface Sentence {
  readonly text: string;
  readonly file: string;
}

interface Node {
  readonly type: string;
  readonly [key: string]: unknown;
}

const isNode = (value: unknown): value is Node =>
  typeof value === 'object' && value !== null && typeof (value as { type?: unknown }).type === 'string';

/** Syntax that names things and is not shown. */
const NOT_SHOWN = new Set(['ImportDeclaration', 'TsLiteralType', 'TsTypeAnnotation', 'SwitchCase']);

/** Texts in a piece of syntax: whole strings, and templates with `…` for values. */
function textsIn(value: unknown): readonly string[] {
  if (Array.isArray(value)) return value.flatMap(textsIn);
  if (typeof value !== 'object' || value === null) return [];
  if (!isNode(value)) return Object.values(value).flatMap(textsIn);
  if (value.type === 'SwitchCase') return textsIn(value.consequent);
  if (NOT_SHOWN.has(value.type)) return [];
  if (value.type === 'StringLiteral') return [String(value.value)];
  if (value.type === 'KeyValueProperty') return textsIn(value.value);
  if (value.type === 'BinaryExpression' && /^[!=]=/.test(String(value.operator))) return [];
  if (value.type === 'TemplateLiteral') {
    const quasis = value.quasis as readonly { readonly cooked: string }[];
    const whole = quasis.map(({ cooked }) => cooked).join('…');
    return [whole, ...textsIn(value.expressions)];
  }
  return Object.values(value).flatMap(textsIn);
}

function filesIn(folder: string): readonly string[] {
  return readdirSync(folder, { recursive: true, encoding: 'utf8' })
    .filter((name) => name.endsWith('.ts') && !name.endsWith('.test.ts'))
    .sort();
}

/** Texts of a folder's modules. */
function written(folder: string): readonly Sentence[] {
  return filesIn(folder).flatMap((name) => {
    const { body } = parseSync(readFileSync(join(folder, name), 'utf8'), { syntax: 'typescript' });
    return textsIn(body).map((text) => ({ text, file: `ui/words/${name}` }));
  });
}

/** Texts in the core's data: conventions, exercises, templates. */
function shipped(): readonly Sentence[] {
  const conventions = CONVENTION_IDS.flatMap((id) => [CONVENTIONS[id].name, CONVENTIONS[id].reason]);
  const exercises = LIBRARY.flatMap(({ id, name, cues, variants }) => [
    name,
    cues,
    describedAs(id) ?? '',
    ...variants.map((variant) => variant.name),
  ]);
  const templates = TEMPLATES.flatMap(({ name, suits, badly, sessions }) => [
    name,
    suits,
    badly,
    ...sessions.map((session) => session.name),
  ]);
  const of = (texts: readonly string[], file: string) => texts.map((text) => ({ text, file }));
  return [
    ...of(conventions, 'core/conventions'),
    ...of(exercises, 'core/exercises'),
    ...of(templates, 'core/block/templates'),
  ];
}

/**
 * Every distinct text the interface can show, to be read in one go.
 * @param words the folder `src/ui/words`
 */
export function sentences(words: string): readonly Sentence[] {
  const seen = new Map<string, Sentence>();
  for (const one of [...written(words), ...shipped()]) {
    const text = one.text.trim();
    if (/[A-Za-z]{2}/.test(text) && !seen.has(text)) seen.set(text, { ...one, text });
  }
  return [...seen.values()];
}
