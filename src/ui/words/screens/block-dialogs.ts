export const noSolutionFoundAnOpen =
  'No solution found: an open row asks for a pattern that its place has no exercise for, or there is nothing to balance yet.';
export const fillAndRebalance = 'Fill and rebalance';
export const workingOutSetsTimeAnd = 'Working out sets, time and recovery';
export const everyGrowingMuscleIsAs =
  'Every growing muscle is as close to its target as the limits allow. Nothing to change.';
export const bringTheGrowingMusclesTo = (changes: string) =>
  `${changes} bring the growing muscles to their targets within session time, sets per session, maximums and budget. Apply all or only some.`;
export const setsAWeek = 'Sets a week';
export const targetSets = (target: string) => `target ${target}`;
export const rulesAndNumbersOfThis = 'Rules and numbers of this block';
export const defaultsEachWithItsReason =
  'Defaults, each with its reason. What you change here applies to this block and is copied with it. Numbers for an athlete, a muscle or an exercise are on the athlete’s Rules tab, those for all athletes in your account. The block takes precedence.';
export const undone = 'undone: ';
export const redone = 'redone: ';
export const theBlockAlreadyLooksLike = 'The block already looks like this.';
export const historyOfTheBlock = 'History of the block';
export const loadingHistory = 'Loading history';
export const noChangesYet = 'No changes yet.';
export const goBackToBeforeChange = (revision: number) => `Go back to before change ${revision}`;
export const goBackToBeforeThis = 'Go back to before this';
export const replaceAnExerciseEverywhere = 'Replace an exercise everywhere';
export const exerciseToReplace = 'Exercise to replace';
export const inSlots = (slots: string) => `in ${slots}`;
export const replaceWith = 'Replace with';
export const setsRepsRirRestAnd =
  'Sets, reps, RIR, rest and technique stay the same; loads are worked out again. Sent weeks do not change.';
export const replace = 'Replace';
export const searchTechniques = 'Search techniques';
export const setsThatCount = 'sets that count';
export const totalReps = 'total reps';
export const timeUnderTension = 'time under tension';
export const timeForThisExercise = 'time for this exercise';
export const inWeek1 = 'in week 1';
export const now = 'now';
export const newWord = 'new';
export const sameRepsInEverySet = 'same reps in every set, each closer to failure';
export const notSaved = (said: string) => `Not saved. ${said}`;
export const savesSessionsExercisesAndSettings =
  'Saves sessions, exercises and settings, without the athlete, dates and loads.';
