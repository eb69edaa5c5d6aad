import {
  type Deload,
  type DeloadAdvice,
  type DeloadMeasure,
  defaultDeload,
  ok,
  type Result,
  refused,
} from '@/core';
import { figure, plural } from './figures';

/** A kind of deload as it is typed and shown: `fewer sets × 0.4`. */
export function measureText(measure: DeloadMeasure): string {
  switch (measure.kind) {
    case 'fewer sets':
      return `fewer sets × ${figure(measure.sets)}${measure.reps === 'kept' ? ', reps kept' : ''}`;
    case 'lighter':
      return measure.half ? 'lighter, half max' : `lighter × ${figure(measure.load)}`;
    case 'both':
      return `both × ${figure(measure.sets)}`;
    case 'easier':
      return `easier RIR ${measure.rir}`;
    case 'fewer days':
    case 'fewer exercises':
    case 'one heavy touch':
      return measure.kind;
    case 'less time':
      return `less time ${measure.minutes} min`;
    case 'active rest':
      return `active rest ${measure.weeks} wk`;
  }
}

export function deloadText(deload: Deload | null): string {
  return deload === null ? 'none' : deload.map(measureText).join(' + ');
}

/** What a kind of deload does, in a sentence. */
export function measureSentence(measure: DeloadMeasure): string {
  switch (measure.kind) {
    case 'fewer sets':
      return `Sets × ${figure(measure.sets)}, at least one per exercise, at the same loads; ${measure.reps === 'cut' ? 'fewer reps, so that 4 are left' : 'same reps'}. The usual choice.`;
    case 'lighter':
      return `${measure.half ? 'Half of the one-rep max' : `Loads × ${figure(measure.load)}`}, same sets and reps. For technique practice, or between two blocks.`;
    case 'both':
      return `Sets × ${figure(measure.sets)}, half the reps, half of the one-rep max. After long, hard training.`;
    case 'easier':
      return `Same sets with ${measure.rir} reps left. For athletes who rate effort well.`;
    case 'fewer days':
      return 'Fewer sessions; each muscle is still trained once. When life is busy.';
    case 'fewer exercises':
      return 'Only the first compound for each muscle. When joints ache.';
    case 'less time':
      return `Sessions of ${measure.minutes} min at most; the last exercises are cut first.`;
    case 'one heavy touch':
      return 'Work up in big jumps to one usual top set of each session’s first compound. Before a strength test.';
    case 'active rest':
      return `${plural(measure.weeks, 'week')} off, or a different activity. Once a year at most.`;
  }
}

const EXAMPLE = 'fewer sets × 0.4';

function readMeasure(text: string): DeloadMeasure | undefined {
  const tidy = text.trim().toLowerCase().replace(',', '.');
  const number = Number(/\d+(?:\.\d+)?/.exec(tidy)?.[0] ?? Number.NaN);
  const share = /%/.test(tidy) ? number / 100 : number;
  const has = (value: number) => !Number.isNaN(value);
  const made = (kind: DeloadMeasure['kind'], changes: object = {}) =>
    ({ ...defaultDeload(kind), ...changes }) as DeloadMeasure;
  if (/^(fewer )?sets/.test(tidy) || /^[×x*]?\s*\d/.test(tidy))
    return made('fewer sets', {
      ...(has(share) ? { sets: share } : {}),
      ...(/reps kept/.test(tidy) ? { reps: 'kept' } : {}),
    });
  if (/^light/.test(tidy))
    return made('lighter', /half|max/.test(tidy) ? { half: true } : has(share) ? { load: share } : {});
  if (/^both/.test(tidy)) return made('both', has(share) ? { sets: share } : {});
  if (/^eas/.test(tidy)) return made('easier', has(number) ? { rir: number } : {});
  if (/^(fewer )?(days|sessions)/.test(tidy)) return made('fewer days');
  if (/^(fewer exercises|first compounds?)/.test(tidy)) return made('fewer exercises');
  if (/^(less time|time)/.test(tidy)) return made('less time', has(number) ? { minutes: number } : {});
  if (/^(one )?heavy/.test(tidy)) return made('one heavy touch');
  if (/^(active )?rest/.test(tidy)) return made('active rest', has(number) ? { weeks: number } : {});
  return undefined;
}

/** Reads `fewer sets × 0.4 + easier RIR 5`, or `none`. */
export function readDeload(text: string, path: string): Result<Deload | null> {
  if (/^\s*(no|none|off|–|)\s*$/i.test(text)) return ok(null);
  const measures: DeloadMeasure[] = [];
  for (const part of text.split('+')) {
    const measure = readMeasure(part);
    if (measure === undefined)
      return refused({ code: 'not-understood', path, text: part.trim(), example: EXAMPLE });
    measures.push(measure);
  }
  return ok(measures);
}

/** What a kind of deload is good for. */
export const SUITS: Readonly<Record<DeloadMeasure['kind'], string>> = {
  'fewer sets': 'most athletes',
  lighter: 'technique, between blocks',
  both: 'deep fatigue',
  easier: 'athletes who rate effort well',
  'fewer days': 'a busy life',
  'fewer exercises': 'aching joints',
  'less time': 'little time',
  'one heavy touch': 'before a test',
  'active rest': 'once a year',
};

/** Whether a deload is needed and why, in a sentence. */
export function adviceSentence({ sum, verdict, because }: DeloadAdvice): string {
  const total = `Fatigue score ${sum} of 14`;
  switch (because) {
    case 'signs':
      return `${total}: ${verdict === 'urge' ? 'deload urgently recommended' : 'time for a deload'}.`;
    case 'eager and fresh':
      return `${total}, and motivation is high: probably no deload needed.`;
    case 'weeks':
      return `${total}, but enough weeks of building for a deload.`;
    case 'novice':
      return `${total}: novices rarely need a planned deload.`;
    case 'not yet':
      return `${total}: no deload needed yet.`;
  }
}
