export const comparedWithThePreviousBlock = 'Compared with the previous block';
export const setsDone = 'sets done';
export const sessionTimeAgainstPlan = 'session time against plan';
export const gain = (exerciseId: string) => `${exerciseId}, gain`;
export const mostSetsAWeek = (muscle: string) => `${muscle}, most sets a week`;
export const belowTargetAt = (most: string, sets: string) => `${most}, below target at ${sets}`;
export const applied = 'applied';
export const theAthleteWasChangedMeanwhile =
  'The athlete was changed meanwhile. Check again and repeat your decision.';
export const thisFindingNoLongerApplies =
  'This finding no longer applies. The page now shows the current state.';
export const whatWeLearned = 'What we learned';
export const about = (name: string) => `about ${name}`;
export const nothingNewThatStandsOut = 'Nothing new that stands out.';
export const estimatesFromFirstSetsA = (unit: string) =>
  `estimates from first sets, ${unit}; a tick marks a change`;
export const theSideIsRepsWeaker = (weaker: string, value: string) =>
  `the ${weaker} side is ${value} reps weaker`;
export const deload = (day: string) => `deload ${day}`;
export const from = (phase: string, day: string) => `${phase} from ${day}`;
export const replacedOn = (exercise: string, day: string) => `replaced ${exercise} on ${day}`;
export const replacedByOn = (exercise: string, day: string) => `replaced by ${exercise} on ${day}`;
export const muscles = 'Muscles';
export const weeklySetsOutlinePlannedBar = 'weekly sets; outline planned, bar done';
export const week = (week: number) => `week ${week}`;
export const aboveTarget = 'above target';
export const belowTarget = 'below target';
export const tolerated = 'tolerated';
export const belowTargetTwiceInA = 'below target twice in a row at';
export const ofWord = (ahead: number, judged: number) => `${ahead} of ${judged}`;
export const weekOf = (sets: string, week: number) => `${sets}, week ${week}`;
export const planned = (planned: string, more: string) => `planned ${planned}${more}`;
export const done = (done: string) => `, done ${done}`;
export const theReviewStartsWhenThe = 'The review starts when the first week is done or over.';
export const allAreOver = (weeks: string) => `All ${weeks} are over`;
export const ofAreOver = (over: number, weeks: string) => `${over} of ${weeks} are over`;
export const ofDone = (done: number, sessions: string) => `${done} of ${sessions} done`;
export const ofSets = (share: string) => `${share} % of sets`;
export const sessionsTookOfTheirPlanned = (share: string) => `sessions took ${share} % of their planned time`;
export const endsSetsWithRepsLeft = (value: string, more: string) =>
  `ends sets with ${value} reps ${more} left than reported`;
export const suggestionsForTheNextBlock = 'Suggestions for the next block';
export const tickedSuggestionsAreUsedIn = 'ticked suggestions are used in it';
export const noChangesSuggestedContinueAs = 'No changes suggested: continue as it is.';
export const createNextBlock = 'Create next block';
export const sameDesignLoadsFromCurrent = (more: string) =>
  `Same design${more}; loads from current strength, RIR and sets back to week 1, same exercises.`;
export const withWord = (changes: string) => ` with ${changes}`;
export const weeks = 'Weeks';
export const plannedMin = 'planned min';
export const actualMin = 'actual min';
export const missed = 'missed';
export const noSessionWasLoggedWhile = 'No session was logged while training, so actual times are unknown.';
export const alsoInThisBlock = 'Also in this block';
export const of14 = (value: string) => `${value} (of 14)`;
export const on = (sum: number, day: string) => `${sum} on ${day}`;
export const daysUntilSorenessWasGone = 'Days until soreness was gone';
export const insteadOf = (to: string, exercise: string) => `${to} instead of ${exercise}`;
export const noCheckInsSwapsOr = 'No check-ins, swaps or measurements.';
export const stalled = 'stalled';
export const fell = 'declining';
