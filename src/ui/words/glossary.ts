/** Terms that need a sentence: shown on hover, focus and long press, and together on a page of their own. */
export const GLOSSARY = {
  'based on': 'The set that the first load is worked out from: 110 × 8 @2 means 8 reps at 110 with 2 left.',
  'drop-off': 'Reps lost from set to set at the same load, because rest does not restore everything.',
  'estimated max':
    'The load that could be lifted once (e1RM), estimated from a set with its reps and the reps left.',
  'fatigue score':
    'Seven signs of fatigue from check-ins and the log, 0 to 2 points each: 6 of 14 suggest a deload, 9 urge one.',
  'hard set':
    'A working set that ends close enough to failure to count: with four reps or fewer left by default.',
  'low-volume plan': 'At most two working sets per exercise; in return more exercises may go past failure.',
  payoff: 'Stimulus divided by fatigue: what an exercise gives for what it costs.',
  'proposed change':
    'A change of loads or sets that the log suggests. Nothing changes until you apply or dismiss it.',
  'spine load': 'Hard sets times the load on the spine, 0 to 3: a heavy squat counts 3 per set.',
  'volume range':
    'Weekly hard sets of a muscle: the minimum at which it starts to grow, and the maximum it can recover from.',
  'weekly budget': 'The hard sets a week the whole body can recover from, each set counted once.',
  work: 'Load × reps × share of the range of motion, over all sets of the week, in thousands.',
} as const;

export type Word = keyof typeof GLOSSARY;
export const WORDS = Object.keys(GLOSSARY) as Word[];

/** Terms on the athlete's phone, each with its meaning. */
export const ATHLETE_TERMS: readonly (readonly [term: string, meaning: string])[] = [
  ['Reps left (RIR)', 'How many more reps you could have done at the end of a set. 0 is failure.'],
  ['Tempo', 'Seconds down, in the stretch, up, in the squeeze: 3110. X is as fast as possible.'],
  ['Find your load', 'Work up until the reps shown leave the reps left that are shown, then log that set.'],
  ['Estimated max', GLOSSARY['estimated max']],
  ['Deload', 'A lighter week that lets fatigue drop and keeps what you gained.'],
];
