import { type Exercise, ok, type Result, refused, type StartSet, type Unit } from '@/core';

const HOLD = /^(\d+)\s*s?(?:\s*(?:@|\s)\s*(?:rir\s*)?(\d+(?:\.\d+)?)(?:\s*(?:rir|left))?)?$/;
const LIFT =
  /^(bw\s*[+-]\s*\d+(?:\.\d+)?|bw|[+-]?\d+(?:\.\d+)?)\s*(kg|lb)?\s*(?:x|×|\*|\s)\s*(\d+)\s*s?\s*(kg|lb)?(?:\s*(?:@|\s)\s*(?:rir\s*)?(\d+(?:\.\d+)?)(?:\s*(?:rir|left))?)?$/;
/** `bw` is 0, `bw+10` is 10, `bw-15` is -15. */
const loadOf = (load: string) => (load === 'bw' ? 0 : Number(load.replace(/bw|\s/g, '')));

/**
 * Reads a set as shown, `60 × 10 @3`, or as coaches type it: `60x10@3`, `60 10 3`, `135 lb × 8 @1`, `105 x 5 rir 2`,
 * `bw+10 x 8 @2`; a hold without a load, `30 s @2`. Reps left are required.
 * @param unit the load's unit if none is written
 * @returns null for an empty text
 */
export function readSet(
  text: string,
  exercise: Pick<Exercise, 'loading'>,
  unit: Unit,
  path: string,
): Result<StartSet | null> {
  const tidy = text.trim().toLowerCase().replaceAll('−', '-').replace(/,/g, '.').replace(/^~/, '');
  if (tidy === '' || tidy === '–') return ok(null);
  const loadless = exercise.loading === 'none';
  const hold = loadless ? HOLD.exec(tidy) : null;
  if (hold?.[2] !== undefined)
    return ok({ load: { value: 0, unit }, reps: Number(hold[1]), rir: Number(hold[2]) });
  if (hold !== null) return refused({ code: 'reserve-missing', path, example: `${hold[1]} s @2` });
  const lift = LIFT.exec(tidy);
  if (lift === null)
    return refused({
      code: 'not-understood',
      path,
      text: text.trim(),
      example: loadless ? '30 s @2' : '60 × 10 @3',
    });
  const [, load = '', before, reps, after, rir] = lift;
  if (rir === undefined) return refused({ code: 'reserve-missing', path, example: `${load} × ${reps} @2` });
  const written = (before ?? after ?? unit) as Unit;
  return ok({
    load: { value: loadOf(load), unit: written },
    reps: Number(reps),
    rir: Number(rir),
  });
}
