import type { Unit } from '@/core';

/** Questions the load tool understands. Weights as written; the current unit if none is given. */
export type Question =
  | { readonly kind: 'loads'; readonly reps: number; readonly rir: number; readonly about: string }
  | { readonly kind: 'make'; readonly load: number; readonly unit: Unit | null; readonly about: string }
  | {
      readonly kind: 'strength';
      readonly load: number;
      readonly unit: Unit | null;
      readonly reps: number;
      readonly rir: number;
      readonly about: string;
    };

const NUMBER = String.raw`(\d+(?:[.,]\d+)?)`;
const ABOUT = String.raw`(?:\s+(?:of|for|on|in|with|at)?\s*(.+?))?\s*\??`;
const LOADS = new RegExp(
  String.raw`^(?:what(?:’s|'s| is)\s+)?(\d+)\s*(?:reps?)?\s*(?:at|@|with)\s*${NUMBER}\s*(?:left|rir|in reserve)?${ABOUT}$`,
);
const MAKE = new RegExp(
  String.raw`^(?:how (?:do i|to)\s+)?make\s+([-+]?\d+(?:[.,]\d+)?)\s*(kg|lb)?${ABOUT}$`,
);
const STRENGTH = new RegExp(
  String.raw`^(?:what(?:’s|'s| is)\s+)?${NUMBER}\s*(kg|lb)?\s*[x×*]\s*(\d+)(?:\s*(?:@|at|with)\s*${NUMBER}(?:\s*(?:left|rir|in reserve))?)?${ABOUT}$`,
);

const number = (text: string | undefined) => Number((text ?? '0').replace(',', '.'));
const unitOf = (text: string | undefined): Unit | null => (text === 'kg' || text === 'lb' ? text : null);

/**
 * Reads a question for the load tool: `8 at 2 left hack squat`, `make 87.5`, `100x8@2`.
 * @returns undefined if it is not one; it may still be a search
 */
export function readQuestion(text: string): Question | undefined {
  const tidy = text.trim().toLowerCase().replaceAll('−', '-');
  const strength = STRENGTH.exec(tidy);
  if (strength !== null) {
    const [, load, unit, reps, rir, about] = strength;
    return {
      kind: 'strength',
      load: number(load),
      unit: unitOf(unit),
      reps: Number(reps),
      rir: number(rir),
      about: about ?? '',
    };
  }
  const make = MAKE.exec(tidy);
  if (make !== null) {
    const [, load, unit, about] = make;
    return { kind: 'make', load: number(load), unit: unitOf(unit), about: about ?? '' };
  }
  const loads = LOADS.exec(tidy);
  if (loads === null) return undefined;
  const [, reps, rir, about] = loads;
  return { kind: 'loads', reps: Number(reps), rir: number(rir), about: about ?? '' };
}
