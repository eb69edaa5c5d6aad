import { type Band, ok, type PlatePairs, type Result, refused, steps } from '@/core';
import { figure } from '@/ui/words/figures';

const NUMBER = String.raw`(\d+(?:\.\d+)?)`;
const MOST = 100;

/**
 * Parts of a list, separated by commas, semicolons or spaces; a comma without a space after it is a decimal comma.
 */
function parts(text: string): string[] {
  return text
    .trim()
    .replace(/(\d),(\d)/g, '$1.$2')
    .split(/[;,\s]+/)
    .filter(Boolean);
}

function tidy(weights: readonly number[]): readonly number[] {
  return [...new Set(weights)].sort((a, b) => a - b);
}

/**
 * Reads weights: `1.25 2.5 5`, and ranges as `2-10/1` (first, last, step).
 * @param least fewest weights required
 */
export function readWeights(text: string, least = 0): Result<readonly number[]> {
  const weights: number[] = [];
  for (const part of parts(text.replace(/\s*([-–/])\s*/g, '$1'))) {
    const run = new RegExp(`^${NUMBER}[-–]${NUMBER}/${NUMBER}$`).exec(part);
    if (run !== null) {
      const [first, last, step] = run.slice(1).map(Number) as [number, number, number];
      if (step > 0 && (last - first) / step <= MOST) weights.push(...steps(first, last, step));
      continue;
    }
    if (!new RegExp(`^${NUMBER}$`).test(part) || Number(part) <= 0)
      return refused({
        code: 'not-understood',
        path: 'weights',
        text: part,
        example: '1.25 2.5 5 or 2-10/1',
      });
    weights.push(Number(part));
  }
  if (weights.length < least)
    return refused({
      code: 'not-understood',
      path: 'weights',
      text: text.trim(),
      example: '1.25 2.5 5 or 2-10/1',
    });
  return ok(tidy(weights).slice(0, MOST));
}

/** Writes a list, with three or more even steps as a range. */
export function weightsText(weights: readonly number[]): string {
  const written: string[] = [];
  let at = 0;
  while (at < weights.length) {
    const first = weights[at] as number;
    const step = Math.round(((weights[at + 1] ?? first) - first) * 100) / 100;
    let end = at;
    while (step > 0 && Math.abs((weights[end + 1] ?? Number.NaN) - (weights[end] as number) - step) < 1e-9)
      end++;
    if (end - at >= 3) {
      written.push(`${figure(first)}-${figure(weights[end] as number)}/${figure(step)}`);
      at = end + 1;
    } else {
      written.push(figure(first));
      at++;
    }
  }
  return written.join(' ');
}

/** Reads plates as weight x pairs, `25x3 20x2 1.25`; a weight alone is one pair. */
export function readPlates(text: string): Result<readonly PlatePairs[]> {
  const plates = new Map<number, number>();
  for (const part of parts(text.replace(/\s*[x×*]\s*/g, 'x'))) {
    const found = new RegExp(`^${NUMBER}(?:x(\\d+))?$`).exec(part);
    const pairs = Number(found?.[2] ?? 1);
    if (found === null || Number(found[1]) <= 0 || pairs < 1 || pairs > 20)
      return refused({ code: 'not-understood', path: 'plates', text: part, example: '25x3 20x2 1.25' });
    plates.set(Number(found[1]), (plates.get(Number(found[1])) ?? 0) + pairs);
  }
  return ok([...plates].map(([weight, pairs]) => ({ weight, pairs })).sort((a, b) => b.weight - a.weight));
}

export function platesText(plates: readonly PlatePairs[]): string {
  return plates.map(({ weight, pairs }) => `${figure(weight)}×${pairs}`).join(' ');
}

/** Reads bands as name and pull, `light 7, medium 15`. */
export function readBands(text: string): Result<readonly Band[]> {
  const bands: Band[] = [];
  for (const part of text.split(/[,;]\s*(?=[^\d])/)) {
    if (part.trim() === '') continue;
    const found = /^(.*\D)\s+(\d+(?:[.,]\d+)?)$/.exec(part.trim());
    const weight = Number((found?.[2] ?? '').replace(',', '.'));
    if (found === null || !(weight > 0))
      return refused({
        code: 'not-understood',
        path: 'bands',
        text: part.trim(),
        example: 'light 7, medium 15',
      });
    bands.push({ name: (found[1] as string).trim(), weight });
  }
  if (bands.length === 0)
    return refused({
      code: 'not-understood',
      path: 'bands',
      text: text.trim(),
      example: 'light 7, medium 15',
    });
  return ok(bands.sort((a, b) => a.weight - b.weight));
}

export function bandsText(bands: readonly Band[]): string {
  return bands.map(({ name, weight }) => `${name} ${figure(weight)}`).join(', ');
}
