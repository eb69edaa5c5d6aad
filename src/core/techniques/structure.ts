import type { RepRange } from '../block/rep-range';
import { CONVENTIONS } from '../conventions/conventions';
import { EPLEY } from '../effort/rep-max';
import { type TechniqueParameters, techniqueParts } from './registry';
import { fixedMinis, lighterBy } from './stamina';
import type { Manner, Role } from './technique';

/** A bar of a technique's drawing: reps at a load, how they are done, and the pause after them. */
export interface Bar {
  readonly reps: number;
  /** Load relative to the heaviest. */
  readonly share: number;
  readonly role: Role;
  readonly manner: Manner;
  /** Past failure. */
  readonly past: boolean;
  /** The set or round it belongs to, from 1. */
  readonly round: number;
  /** Seconds until the next bar: 0 if it follows without a pause. */
  readonly pause: number;
}

/**
 * The reps that a technique writes itself, fewest and most of its parts, in place of the slot's range; null if it uses
 * the slot's.
 */
export function ownReps(technique: TechniqueParameters, rest: number): RepRange | null {
  const parts = techniqueParts(technique);
  const [only] = parts;
  if (only === undefined || parts.some(({ range }) => range === undefined)) return null;
  if (parts.length === 1 && only.minis === undefined && only.rises === undefined) return only.range ?? null;
  const reps = techniqueStructure(technique, { low: 1, high: 1 }, rest).map((bar) => bar.reps);
  return { low: Math.min(...reps), high: Math.max(...reps) };
}

const lighter = lighterBy(EPLEY);

/** RIR of the drawing if the technique has none of its own. */
const USUAL_RIR = 2;
/** Load share drawn for a set that stays easy. */
const EASY_SHARE = 0.5;

/**
 * The structure of a technique in the middle of a range with typical effort: for drawing, not for planning.
 * @param rest seconds between its sets
 */
export function techniqueStructure(
  technique: TechniqueParameters,
  range: RepRange,
  rest: number,
): readonly Bar[] {
  const bars: Bar[] = [];
  let round = 0;
  for (const part of techniqueParts(technique)) {
    const own = part.range ?? { low: range.low + part.repOffset, high: range.high + part.repOffset };
    const reps = Math.floor((own.low + own.high) / 2);
    const rir = part.rir ?? USUAL_RIR;
    const back = CONVENTIONS.roundBack.default;
    const reach = reps + (part.leadRir?.(rir, back) ?? rir);
    const load = part.role === 'easy' ? EASY_SHARE : 1 - (part.drop ?? 0);
    const after = part.rest?.(rest) ?? rest;
    for (let set = 1; set <= part.sets; set++) {
      round++;
      const rise = part.rises?.[set - 1];
      const heaviest = part.rises?.at(-1)?.share ?? 1;
      const at = load * ((rise?.share ?? 1) / heaviest);
      const minis =
        rise === undefined
          ? (part.minis?.({ reps, rir, reach, lighter, back }) ?? [])
          : fixedMinis(rise.reps.slice(1), rise.pause);
      const last = round === techniqueParts(technique).reduce((sum, one) => sum + one.sets, 0);
      const sections = part.sections?.(last, 'long half') ?? [];
      const pieces: Bar[] = [
        {
          reps: rise?.reps[0] ?? reps,
          share: at,
          role: part.role,
          manner: part.manner ?? 'full',
          past: false,
          round,
          pause: after,
        },
        ...sections.map(
          (section): Bar => ({
            reps: section.reps,
            share: at,
            role: part.role,
            manner: section.manner,
            past: section.past === true,
            round,
            pause: after,
          }),
        ),
        ...minis.map(
          (mini): Bar => ({
            reps: mini.reps,
            share: at * mini.share,
            role: part.role,
            manner: mini.manner ?? part.manner ?? 'full',
            past: false,
            round,
            pause: after,
          }),
        ),
      ];
      pieces.forEach((bar, k) => {
        const next = k < sections.length ? 0 : minis[k - sections.length]?.pause;
        bars.push({ ...bar, pause: next ?? after });
      });
    }
  }
  return bars;
}
