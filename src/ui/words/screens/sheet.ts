export const exerciseToAdd = 'Exercise to add';
export const nameOfTheSession = 'Name of the session';
export const dayOfTheSession = 'Day of the session';
export const weekOnly = (name: string, week: number) => `${name}, week ${week} only`;
export const exercise = (at: number) => `Exercise ${at}`;
export const techniqueOfExercise = (at: number) => `Technique of exercise ${at}`;
export const usualPlace = 'usual place';
export const week = (week: number) => `week ${week}`;
export const allSetsStayWithinThese = (conventions: string) =>
  `All sets stay within these reps; the load follows so that they end at the week’s RIR. Trains ${conventions}. An arrow means the phase moved the range.`;
export const seconds = (text: string) => `${text} s`;
export const secondsOfRestAfterEach =
  'Seconds of rest after each set. Shorter rests cost more reps from set to set.';
export const repsInReserveWeekFollows =
  'Reps in reserve. “week” follows the block; +1 or −1 is relative to it; a number applies in every week.';
export const workingSets35Goes =
  'Working sets. 3-5 goes from three to five over the building weeks. Sets added later are shown in the weeks.';
export const basedOn = 'based on';
export const theSetTheFirstLoad =
  'The set the first load is based on: load × reps @RIR. If empty, the athlete’s best set. Or a share of the one-rep max, such as 70 %, or 70 % +2.5 a week. Or bodyweight, without belt or assistance.';
export const bodyweightAlone = 'bodyweight';
export const secondsDownInTheStretch =
  'Seconds down, in the stretch, up, in the squeeze. X is as fast as possible. Tempos for single sets after commas: 31X0, back-offs 31X2, last 5010.';
export const dragToMove = 'Drag to move';
export const oneClock = ', one clock';
export const spanMinutes = (span: string) => `${span} min`;
export const openTheSessionAsIt = 'Open the session as it was done';
export const noSessionsYet = 'No sessions yet';
export const aBlockHasSessionsAnd =
  'A block has sessions, and a session has exercises with sets, reps and rest. Loads, minutes and the coming weeks are worked out from them.';
export const addFirstSession = 'Add first session';
export const bestFit = 'best fit';
export const loadFirstThenReps = 'load first, then reps';
export const doubleProgressionAllSetsReach = 'double progression, all sets reach the top';
export const doubleProgressionFirstSetReaches = 'double progression, first set reaches the top';
export const doubleProgressionPastTheTop = 'double progression, past the top';
export const percentAWeek = 'percent a week';
export const afterTwoSessionsInA = 'after two sessions in a row on target';
export const nextHarderVariation = 'next harder variation';
export const progressionRule = 'Progression rule';
export const step = 'Step, %';
export const setProgression = 'Set progression';
export const laterSets = 'Later sets';
export const fewerRepsSameRir = 'fewer reps, same RIR';
export const sameRepsCloserToFailure = 'same reps, closer to failure';
export const rangeOfMotion = 'Range of motion';
export const superset = 'Superset';
export const withTheExerciseAbove = 'with the exercise above';
export const optionalRounds = 'Optional rounds';
export const optionalSets = 'Optional sets';
export const optionalAtTheEnd = (more: string) => `Optional ${more} at the end`;
export const roundsOfTheGroup = 'rounds of the group';
export const optionalSetsText = 'optional sets';
export const ifEnergyIsLeft = 'if energy is left';
export const alternatingSetUps = 'Alternating set-ups';
export const setUpsThatChangeFrom = 'Set-ups that change from set to set';
export const bandsLess = (weight: string) => `bands −${weight}`;
export const bandsTakeOff = 'Bands take off';
export const bandsTakeOffAtBottom = (unit: string) => `Taken off the bar by bands at the bottom, ${unit}`;
export const atTheBottom = (unit: string) => `${unit} at the bottom`;
export const breakBefore = 'Break before';
export const breakBeforeMinutes = 'Break before, minutes';
export const minText = 'min';
export const stopWhenPerformanceFalls = 'Stop when performance falls by';
export const percentOfTheFirstSets = 'Percent of the first set’s reps';
export const ofTheFirstSet = '% of the first set';
export const howFailureIsMadeSafe = 'How failure is made safe';
export const stretchAtTheEnd = 'Stretch at the end';
export const secondsOfStretch = 'Seconds of stretch';
export const noteOnTheStretch = 'Note on the stretch';
export const note = 'Note';
export const noteForTheAthlete = 'Note for the athlete';
export const cuesForSets = 'Cues for sets';
export const cuesForSingleSets = 'Cues for single sets';
export const backOffsHoldEachSqueeze = 'back-offs: hold each squeeze; last: lower slowly';
export const warmUp = 'Warm-up';
export const noneTheMusclesAreWarm = 'none: the muscles are warm, or the load is unknown';
export const alternatives = 'Alternatives';
export const addAnAlternative = 'Add an alternative';
export const addAnExercise = 'add an exercise';
export const removeFromTheList = 'Remove from the list';
export const detailsOf = (name: string) => `Details of ${name}`;
export const details = (name: string) => `${name}: details`;

export const guessedFrom = (text: string) => `guess for “${text}”`;
export const guessHelp = (text: string) =>
  `No exercise is called “${text}”, so the most similar name was used. Ctrl Z undoes the paste.`;
export const technique = 'technique';
export const rest = 'rest';
export const tempo = 'tempo';
export const weekFacts = (rir: number, sets: string) => `RIR ${rir} · ${sets} sets`;

export const howToDoIt = 'how to do it';
