export const startTheBlock = 'Start the block';
export const youAddSessionsAndExercises = 'You add sessions and exercises yourself.';
export const loadingTheBlock = 'Loading the block';
export const requirements = (list: string) => `Requirements: ${list}.`;
export const cleanRepsOf = (reps: number, exercise: string, more: string) =>
  `${reps} clean reps of ${exercise} (${more})`;
export const noneOnRecord = 'none on record';
export const onRecord = (best: number) => `${best} on record`;
export const week1 = 'Week 1';
export const hardSets = (hardSets: string) => `${hardSets} hard sets`;
export const spanMinutes = (span: string) => `${span} min`;
export const maintained = 'Maintained';
export const willBeMaintainedThisSchedule = (held: string) =>
  `${held} will be maintained: this schedule has no room for the minimum over two days.`;
export const noProblemsOrWarnings = 'No problems or warnings.';
export const andMoreTheSplitTab = (mOST_FINDINGS: number) =>
  `And ${mOST_FINDINGS} more; the Split tab shows them all.`;
export const theBlock = 'The block';
export const youCanChangeAllOf = 'you can change all of this later';
export const beginsOn = 'Begins on';
export const inTimeZone = (more: string, timeZone: string) => `${more}, in time zone ${timeZone}`;
export const aMonday = 'a Monday';
export const anyDay = 'any day';
export const thenWord = 'Then';
export const noDeload = 'no deload';
export const aDeload = (text: string) => `a deload: ${text}`;
export const afterTimeAway = 'After time away';
export const isTheAthleteComingBack = 'Is the athlete coming back after two weeks off or more';
export const lastTrainedBeforeTheStart = (days: string) => `last trained ${days} before the start`;
export const toWeeksAtOfThe = (
  least: number,
  most: number,
  value: string,
  returnRir: number,
  returnLoad: number,
) =>
  `${least} to ${most} weeks at ${value} % of the sets and RIR ${returnRir}, loads from ${returnLoad} % back to 100 %; no deload after it`;
export const priority = 'Priority';
export const priorityMuscles = 'Priority muscles';
export const maintain = 'Maintain';
export const musclesToMaintain = 'Muscles to maintain';
export const startFrom = 'Start from';
export const continueFrom = 'Continue from';
export const aSplit = 'A split';
export const days = (cycleDays: number) => `, ${cycleDays} days`;
export const yourTemplates = 'Your templates';
export const other = 'Other';
export const anotherAthletesBlock = 'Another athlete’s block';
export const blockToCopy = 'Block to copy';
export const empty = 'Empty';
export const anEmptyBlock = 'an empty block';
export const aChangeOfTheProfile =
  'A change of the profile is not saved yet; this block uses the saved profile.';
export const openProfile = 'Open profile';
export const paragraphKey = (value: number) => `p${value}`;
export const theBlockOrTemplateTo =
  'The block or template to start from no longer exists. Choose another one.';
export const yourChoicesAreStillHere = (answer: string) => `Your choices are still here. ${answer}`;
export const theBlockCannotBeRead = 'The block cannot be read right now. Please try again.';
export const met = 'met';
export const earlier = 'earlier';
export const twoWeeksOrMore = 'two weeks or more';
