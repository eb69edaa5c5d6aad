import { join } from 'node:path';
import { sentences } from './sentences';

const ALL = sentences(join(__dirname, '..', 'ui', 'words'));
/** Cues and set-ups may say floor, hold and call, as they speak of the body; the rest of the interface may not. */
const SAID = ALL.filter(({ file }) => file !== 'core/exercises' && file !== 'core/block/templates');

/** Words that were replaced, each with its replacement. */
const RETIRED: readonly (readonly [word: RegExp, now: string])[] = [
  [/\breckon/i, 'estimate, work out'],
  [/\b(bore|borne|bears?)\b/i, 'tolerated'],
  [/\btold\b/i, 'reported, messages'],
  [/\bmend(s|ed)?\b/i, 'fix'],
  [/\b(whoever|lest|hitherto)\b/i, 'plain words'],
  [/\bof late\b/i, 'recently'],
  [/\btake(n|s)? up\b|\btake (it|over|out)\b|\btaken over\b/i, 'apply, remove'],
  [/\b(let in|lets? .* in|come in)\b/i, 'invite, continue'],
  [/\bbeing kept\b|\bkept here\b/i, 'saving, saved on this device'],
  [/\bso so\b/i, 'OK'],
  [/\bcannot be had\b/i, 'not available'],
  [/\blandmarks?\b/i, 'volume range'],
  [/\bheld\b(?! (for|after|counts))/i, 'maintained'],
  [/\bfloor\b/i, 'minimum; the athlete’s app'],
  [/\bceilings?\b/i, 'maximum'],
  [/\bslots?\b/i, 'exercise'],
  [/\bfrom set\b(?! to)/i, 'based on'],
  [/\bfindings?\b/i, 'check'],
  [/\bneeds you\b|\bput aside\b/i, 'needs attention, dismissed'],
  [/\bcalls?\b(?! off)/i, 'proposed change, alert'],
  [/\b(issue|issued|issues)\b/i, 'send, sent'],
  [/\bhand(ed|s)? (out|over)\b/i, 'send, transfer'],
  [/\bdrift\b/i, 'drop-off'],
  [/\bchange-?overs?\b/i, 'time between exercises'],
  [/\bstrained\b/i, 'harder than planned'],
  [/\btwice running\b|\bsessions running\b/i, 'twice in a row'],
  [/\bin turn\b/i, 'superset, alternating'],
  [/\b(rehears|lived\b)/i, 'simulate'],
  [/\bhouse\b/i, 'team'],
  [/\bframe\b/i, 'Split'],
  [/\bin and out\b/i, 'Import and export'],
  [/\bconventions:/i, 'rules and numbers'],
  [/\berase/i, 'delete'],
  [/\bbring back\b|\bbrought back\b/i, 'restore'],
  [/\bnot so\b|\bleave it\b/i, 'dismiss, cancel'],
  [/\bas their rules have it\b|\bsaid again\b/i, 'plain words'],
  [/\beager\b|\bpoorly\b|\bdrive to train\b/i, 'motivation: high, OK, poor'],
  [/\bnobody (here|is called)\b|\bnothing is called\b/i, 'no athletes yet, no matches'],
  [/\bdone as asked\b/i, 'log as planned'],
  [/\bwk \b/i, 'week'],
];

/** Keys and internal codes that appear as literals in the modules of words. */
const CODES = new Set(['floor', 'ceiling', 'slot', 'held', 'call', 'finding', 'landmark', 'issued', 'frame']);

test.each(RETIRED)('nothing on screen says %s', (word, now) => {
  const left = SAID.filter(({ text }) => word.test(text) && !CODES.has(text));
  expect(left.map(({ text, file }) => `${file}: ${text} (say: ${now})`)).toEqual([]);
});

test('a set is never written reps before load', () => {
  const odd = ALL.filter(({ text }) =>
    /\d+·\d|\d ?[x×] ?\d+ ?@|\d@\d/.test(text.replace(/\d+ × \d+ @\d/g, '')),
  );
  expect(odd.map(({ text }) => text)).toEqual([]);
});

test('sentences start with a capital, and labels end without a full stop', () => {
  const sentence = SAID.filter(({ text }) => /^[a-z][a-z’]+( [a-z’]+){6,}.*\.$/.test(text));
  expect(sentence.map(({ text }) => text)).toEqual([]);
});

test('the list has screens, sentences made of data, conventions, exercises and templates', () => {
  const files = new Set(ALL.map(({ file }) => file));
  for (const file of [
    'ui/words/screens/sheet.ts',
    'ui/words/findings.ts',
    'core/conventions',
    'core/exercises',
  ])
    expect(files).toContain(file);
  expect(ALL.length).toBeGreaterThan(2500);
  expect(new Set(ALL.map(({ text }) => text)).size).toBe(ALL.length);
});
