/** Something found by any of its names. */
export interface Named {
  readonly label: string;
  /** Its other names. */
  readonly names: readonly string[];
  /** Its facts, searched last. */
  readonly facts: string;
}

/** A match with the other name it was found by; null: its own name or a fact. */
export interface Found<T> {
  readonly item: T;
  readonly by: string | null;
}

/** Letters and digits only: “pull-up”, “pull up” and “pullup” are the same. */
const plain = (text: string) =>
  text
    .toLowerCase()
    .normalize('NFD')
    .replace(/[^a-z0-9 /-]/g, '')
    .replace(/[-/]/g, ' ')
    .replace(/\s+/g, ' ')
    .trim();
const joined = (text: string) => plain(text).replaceAll(' ', '');

/** Grades of a match, best first. */
const IS_IT = 0;
const BEGINS = 1;
const IN_ORDER = 2;
const ANY_ORDER = 3;
const NONE = 4;

/** How well a name matches a search. */
function grade(name: string, search: string): number {
  const [it, wanted] = [plain(name), plain(search)];
  if (it === wanted || joined(name) === joined(search)) return IS_IT;
  if (it.startsWith(wanted) || joined(name).startsWith(joined(search))) return BEGINS;
  const words = wanted.split(' ');
  if (isInOrder(it, words)) return IN_ORDER;
  return words.every((word) => it.includes(word)) ? ANY_ORDER : NONE;
}

/** Whether the words appear in order: “low to high” is not “high to low”. */
function isInOrder(text: string, words: readonly string[]): boolean {
  let from = 0;
  for (const word of words) {
    const at = text.indexOf(word, from);
    if (at < 0) return false;
    from = at + word.length;
  }
  return true;
}

/** Finds names similar to a text. */
export type Near = <T extends Named>(list: readonly T[], search: string) => readonly Found<T>[];

/**
 * Search by what people type: own names before others; whole names, then beginnings, then words in order, then words
 * in any order; then facts; and if nothing has all words, similar names. Equal matches keep their order.
 * @param near the matcher of misspellings; null while loading
 */
export function findNamed<T extends Named>(
  list: readonly T[],
  search: string,
  near: Near | null,
): readonly Found<T>[] {
  if (plain(search) === '') return list.map((item) => ({ item, by: null }));
  const ranked = list.flatMap((item) => {
    const own = grade(item.label, search);
    const other = item.names
      .map((name) => ({ name, grade: grade(name, search) }))
      .reduce<{ name: string; grade: number } | null>(
        (best, one) => (best === null || one.grade < best.grade ? one : best),
        null,
      );
    const by = other !== null && other.grade < own ? other.name : null;
    const best = Math.min(own, other === null ? NONE : other.grade);
    // With equal grades the own name wins.
    if (best < NONE) return [{ item, by, rank: 2 * best + (by === null ? 0 : 1) }];
    const text = plain(`${item.label} ${item.names.join(' ')} ${item.facts}`);
    const isSaid = plain(search)
      .split(' ')
      .every((word) => text.includes(word));
    return isSaid ? [{ item, by: null, rank: 2 * NONE }] : [];
  });
  if (ranked.length > 0) return [...ranked].sort((a, b) => a.rank - b.rank);
  return near === null ? [] : near(list, search);
}
