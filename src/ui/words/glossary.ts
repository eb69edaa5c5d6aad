/** The interface's own words and abbreviations, each in one sentence. Said on hover and focus, and on a page of their own. */
export const GLOSSARY = {
  RIR: 'Reps in reserve: how many more reps could have been done when a set ends; 0 is failure.',
  'hard set':
    'A working set that ends near enough to failure to count, usually with four reps or fewer in reserve.',
  goal: 'What a muscle is trained for in this block: to grow, to grow before others, or to be held.',
  hold: 'The weekly hard sets that keep a muscle as it is; also a muscle that is only to be kept.',
  floor: 'The weekly hard sets from which a muscle just begins to grow.',
  ceiling: 'The most weekly hard sets that a muscle can recover from.',
  budget: 'The hard sets a week that the whole body can bear, each counted once.',
  credit:
    'The share of a hard set that a muscle gets: 1 for what moves the load, 0.5 for clear help, 0.25 for little.',
  priority: 'A muscle that comes first: it starts with more sets and gets new ones before others.',
  e1RM: 'Estimated one-rep max: the load that could be lifted once, reckoned from a set with its reps and reserve.',
  payoff: 'Stimulus divided by fatigue: what an exercise gives for what it costs.',
  stimulus: 'How much an exercise does for the muscles it trains, 1 to 5.',
  hardest:
    'Where in the range of motion the exercise is hardest: with the muscle stretched, in the middle, or short.',
  call: 'A decision that waits for you: what the log proposes, with what it rests on.',
  finding: 'What a check has to say about the plan as it stands, with edits that mend it.',
  drift: 'Reps lost from set to set at one load, because rest does not bring all of them back.',
  tempo: 'Seconds of lowering, pause, lifting, pause: 3110; X is as fast as possible.',
  'from set': 'The set from which the first load is found: 110×8@2 is 110 for 8 reps with 2 in reserve.',
  find: 'No load is known yet: in week 1 work up until the asked reps leave the asked reserve.',
  how: 'The set technique: straight sets, a top set with back-offs, rest-pause and so on.',
  'low sets': 'Two working sets an exercise at most; then more of them may knowingly go past failure.',
  deload: 'A lighter week in which fatigue falls and what was gained stays.',
  issued: 'Handed to the athlete: such a week stays as it was given.',
  hours: 'Hours since the muscle was last trained: 96h is four days.',
  block: 'Building weeks and the deload behind them, planned as a whole.',
  slot: 'One exercise’s place in a session, with its prescription.',
  cycle: 'The days after which the sessions come round again; seven are a week.',
  'under tension': 'Seconds in which the muscle works, of one side: reps × tempo over all sets.',
  'on the spine': 'Hard sets times the load on the spine, 0 to 3: a heavy squat is 3 a set.',
  work: 'Load × reps × share of the range, over all sets of the week, in thousands.',
} as const;

export type Word = keyof typeof GLOSSARY;
export const WORDS = Object.keys(GLOSSARY) as Word[];
