import { ok, ownSet, type Result, refused, type SetTarget, type Slot } from '@/core';

type Own = Pick<SetTarget, 'rir' | 'tempo' | 'cue'>;

/** `last 0`, `set 2: 31X0`, `back-offs squeeze`: a set, and its own value. */
export function readOwnSet(
  text: string,
): { readonly set: SetTarget['set']; readonly rest: string } | undefined {
  const parts = /^\s*(?:set\s+)?(last|back-?offs?|\d+)\s*:?\s+(.+)$/is.exec(text);
  const [, name, rest] = parts ?? [];
  if (name === undefined || rest === undefined) return undefined;
  const set = /^last$/i.test(name) ? 'last' : /^b/i.test(name) ? 'back-offs' : Number(name);
  return { set, rest: rest.trim() };
}

/** Single sets with one value changed; their other values stay, and sets without values are left out. */
export function withOwn<F extends keyof Own>(
  { setTargets }: Pick<Slot, 'setTargets'>,
  field: F,
  given: ReadonlyMap<SetTarget['set'], Own[F]>,
): readonly SetTarget[] {
  const none = ownSet('last', {});
  const names = new Set([...setTargets.map(({ set }) => set), ...given.keys()]);
  return [...names].flatMap((name) => {
    const before = setTargets.find(({ set }) => set === name) ?? ownSet(name, {});
    const own: SetTarget = { ...before, [field]: given.get(name) ?? none[field] };
    return own.rir === null && own.tempo === null && own.cue === '' ? [] : [own];
  });
}

/** Cues of single sets as typed: `back-offs: hold each squeeze; last: slowly down`. */
export function cuesText({ setTargets }: Pick<Slot, 'setTargets'>): string {
  return setTargets.flatMap(({ set, cue }) => (cue === '' ? [] : [`${set}: ${cue}`])).join('; ');
}

/** Reads what cuesText writes; empty: no cues. */
export function readCues(text: string): Result<ReadonlyMap<SetTarget['set'], string>> {
  const cues = new Map<SetTarget['set'], string>();
  for (const one of text.split(';').filter((part) => part.trim() !== '')) {
    const own = readOwnSet(one);
    if (own === undefined)
      return refused({
        code: 'not-understood',
        path: 'cues',
        text: one.trim(),
        example: 'last: hold each squeeze',
      });
    cues.set(own.set, own.rest);
  }
  return ok(cues);
}
