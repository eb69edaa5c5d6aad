import {
  type Deload,
  type DeloadAdvice,
  type DeloadMeasure,
  deloadStart,
  ok,
  type Result,
  refused,
} from '@/core';
import { figure, plural } from './figures';

/** A way of deloading as it is typed and read: `fewer sets × 0.4`. */
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

/** What a way of deloading does, in a sentence. */
export function measureSentence(measure: DeloadMeasure): string {
  switch (measure.kind) {
    case 'fewer sets':
      return `× ${figure(measure.sets)} of the sets, at least one each, at the usual loads; ${measure.reps === 'cut' ? 'reps cut until 4 are left' : 'reps kept'}. The usual case.`;
    case 'lighter':
      return `${measure.half ? 'Half of the one-rep max' : `Loads × ${figure(measure.load)}`}, sets and reps kept. For practice, or as a bridge between blocks.`;
    case 'both':
      return `× ${figure(measure.sets)} of the sets, half the reps, half of the one-rep max. After long hard stretches.`;
    case 'easier':
      return `The same sets with ${measure.rir} left. For honest raters.`;
    case 'fewer days':
      return 'Sessions left out as long as each muscle is trained once. When life is full.';
    case 'fewer exercises':
      return 'Only the first compound of each muscle. When joints ache.';
    case 'less time':
      return `Sessions of ${measure.minutes} min at most; what comes last goes first.`;
    case 'one heavy touch':
      return 'Big jumps up to one usual top set of each session’s first compound. Before a test of strength.';
    case 'active rest':
      return `${plural(measure.weeks, 'week')} off, or of something unlike training. Once a year at most.`;
  }
}

const EXAMPLE = 'fewer sets × 0.4';

function readMeasure(text: string): DeloadMeasure | undefined {
  const tidy = text.trim().toLowerCase().replace(',', '.');
  const number = Number(/\d+(?:\.\d+)?/.exec(tidy)?.[0] ?? Number.NaN);
  const share = /%/.test(tidy) ? number / 100 : number;
  const has = (value: number) => !Number.isNaN(value);
  const made = (kind: DeloadMeasure['kind'], changes: object = {}) =>
    ({ ...deloadStart(kind), ...changes }) as DeloadMeasure;
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

/** Whom or what a way of deloading suits. */
export const SUITS: Readonly<Record<DeloadMeasure['kind'], string>> = {
  'fewer sets': 'the usual case',
  lighter: 'practice, between blocks',
  both: 'deep fatigue',
  easier: 'honest raters',
  'fewer days': 'a full life',
  'fewer exercises': 'aching joints',
  'less time': 'little time',
  'one heavy touch': 'before a test',
  'active rest': 'stale, once a year',
};

/** Whether a deload is needed and why, in a sentence. */
export function adviceSentence({ sum, verdict, because }: DeloadAdvice): string {
  const total = `Signs add up to ${sum} of 14`;
  switch (because) {
    case 'signs':
      return `${total}: a deload is ${verdict === 'urge' ? 'urgent' : 'due'}.`;
    case 'eager and fresh':
      return `${total} and the athlete is eager to train: probably no deload is needed now.`;
    case 'weeks':
      return `${total}, and the building weeks are enough for one.`;
    case 'novice':
      return `${total}: a novice needs none planned.`;
    case 'not yet':
      return `${total}: not yet needed.`;
  }
}
