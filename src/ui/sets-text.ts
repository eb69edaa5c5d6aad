/** Sets as typed, by part. A part that is not written is absent. */
export interface TypedSets {
  readonly sets?: number;
  /** Reps of the first set, or its seconds. */
  readonly reps?: number;
  /** `bw` is 0; assistance is negative. */
  readonly load?: number;
  readonly rir?: number;
}

const NUMBER = String.raw`\d+(?:[.,]\d+)?`;
const LOAD = String.raw`find|bw\s*(?:[+-]\s*${NUMBER})?|~?[+-]?\s*${NUMBER}`;
const TIMES = String.raw`\s*[x×*]\s*`;
/** A set's reps with what follows them: `12`, `12+5`, `8+8+3`, `30 s`, `9~`; further sets after commas. */
const REPS = String.raw`\d+\s*(?:s\b)?[^,;@]*`;
/** The same without a load before it. */
const ALONE = String.raw`\d+\s*(?:s\b)?[^,;@x×*]*`;
/** Reps left; `5+` names none. */
const RIR = String.raw`(?:\s*@\s*(?:5\+|(\d+(?:[.,]5)?))(?:\s*,\s*(?:5\+|\d+))*)?`;

/** `107.5 × 10 @2`, `100 × 13, 12, 11`, `bw+10 × 6`, `find × 8`. */
const LOAD_FIRST = new RegExp(
  String.raw`^(${LOAD})\s*(?:kg|lb)?${TIMES}(${REPS}(?:,\s*${REPS})*)${RIR}$`,
  'i',
);
/** `3 × 12 at 60 @2`, `3 × 12`. */
const SETS_FIRST = new RegExp(String.raw`^(\d+)${TIMES}(\d+)\s*s?(?:\s+at\s+(${LOAD}))?${RIR}$`, 'i');
/** `4 sets`, `4 sets at 60`, as earlier versions wrote it `4×`. */
const SETS_ONLY = new RegExp(String.raw`^(\d+)\s*(?:sets?|[x×])(?:\s*at\s+(${LOAD}))?${RIR}$`, 'i');
/** `12, 11, 10`, `12`, `at 60`, `@2`, `12 @2`. */
const BARE = new RegExp(String.raw`^(${ALONE}(?:,\s*${ALONE})*)?(?:\s*at\s+(${LOAD}))?${RIR}$`, 'i');
/** As earlier versions wrote it, reps before the load: `4×8·60@2`, `10·107.5`, `12 11 10·45`, `3×8 −15`. */
const REPS_FIRST = new RegExp(
  String.raw`^(?:(\d+)\s*[x×]\s*)?(\d+(?:\s+\d+)*)?\s*s?\s*(?:[·]\s*|\s+(?=[+-]))([+-]?${NUMBER}|bw)${RIR}$`,
  'i',
);

/** Largest plausible number of sets. */
const MOST_SETS = 20;

const decimal = (text: string) => Number(text.replace(/[~\s]/g, '').replace(',', '.'));

function loadOf(text: string | undefined): number | undefined {
  if (text === undefined || /^find$/i.test(text)) return undefined;
  const bodyweight = /^bw\s*(.*)$/i.exec(text);
  if (bodyweight === null) return decimal(text);
  return bodyweight[1] === undefined || bodyweight[1] === '' ? 0 : decimal(bodyweight[1]);
}

/** Reps of the first set and the number of sets listed. A single set leaves the number open. */
function listed(text: string | undefined): Pick<TypedSets, 'sets' | 'reps'> {
  if (text === undefined) return {};
  const each = text.split(/,|\s+(?=\d)/).filter((one) => one.trim() !== '');
  const reps = Number.parseInt(each[0] ?? '', 10);
  return each.length > 1 ? { sets: each.length, reps } : { reps };
}

function made(parts: {
  readonly sets?: number | undefined;
  readonly reps?: number | undefined;
  readonly load?: number | undefined;
  readonly rir?: string | undefined;
}): TypedSets {
  const { sets, reps, load, rir } = parts;
  return {
    ...(sets === undefined ? {} : { sets }),
    ...(reps === undefined ? {} : { reps }),
    ...(load === undefined ? {} : { load }),
    ...(rir === undefined ? {} : { rir: decimal(rir) }),
  };
}

/**
 * Reads sets as shown (`107.5 × 10 @2`, `100 × 13, 12, 11`, `3 × 12 at 60`, `bw−15 × 8`, `40 s`) and as earlier
 * versions wrote them (`4×8·60@2`). Of several parts (`107.5 × 10; 100 × 13, 12`) the first counts.
 * @param isSets whether `4 × 8` without a load means four sets of eight, not eight reps at 4
 * @returns undefined if it cannot be read
 */
export function readSets(text: string, isSets: (first: number) => boolean): TypedSets | undefined {
  const tidy = text
    .replaceAll('−', '-')
    .split(';')[0]
    ?.replace(/\s*=\d+|\s+\d+:\d\d|\s*\+\?|\s*[▲▼]/g, '')
    .trim();
  if (tidy === undefined || tidy === '') return undefined;
  const old = REPS_FIRST.exec(tidy);
  if (old !== null) {
    const each = listed(old[2]);
    return made({
      ...each,
      ...(old[1] === undefined ? {} : { sets: Number(old[1]) }),
      load: loadOf(old[3]),
      rir: old[4],
    });
  }
  const setsOnly = SETS_ONLY.exec(tidy);
  if (setsOnly !== null && Number(setsOnly[1]) <= MOST_SETS)
    return made({ sets: Number(setsOnly[1]), load: loadOf(setsOnly[2]), rir: setsOnly[3] });
  const setsFirst = SETS_FIRST.exec(tidy);
  if (setsFirst !== null && (setsFirst[3] !== undefined || isSets(Number(setsFirst[1]))))
    return made({
      sets: Number(setsFirst[1]),
      reps: Number(setsFirst[2]),
      load: loadOf(setsFirst[3]),
      rir: setsFirst[4],
    });
  const loadFirst = LOAD_FIRST.exec(tidy);
  if (loadFirst !== null)
    return made({ ...listed(loadFirst[2]), load: loadOf(loadFirst[1]), rir: loadFirst[3] });
  const bare = BARE.exec(tidy);
  if (bare === null || (bare[1] === undefined && bare[2] === undefined && bare[3] === undefined))
    return undefined;
  return made({ ...listed(bare[1]), load: loadOf(bare[2]), rir: bare[3] });
}
