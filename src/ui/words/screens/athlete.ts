export const decisions = 'Decisions';
export const andWhatCameOfThem = 'and what came of them';
export const noDecisionsYet = 'No decisions yet.';
export const keptAsItWas = 'kept as it was';
export const valueInWeek = (more: string, week: number) => `${more} in week ${week}`;
export const hideLoads = 'Hide loads';
export const showLoads = 'Show loads';
export const strength = 'Strength';
export const body = 'Body';
export const rules = 'Rules';
export const checkIns = 'Check-ins';
export const progress = 'Progress';
export const alt1ToAlt8 = 'Alt 1 to Alt 8';
export const profileEquipmentStrengthVolumeBody =
  'Profile, Equipment, Strength, Volume, Body, Rules, Check-ins, Progress';
export const nextFieldWhatYouType = 'next field; what you type is used at once';
export const save = 'save';
export const archived = ', archived';
export const athleteTabs = 'Athlete tabs';
export const sharedAthlete = 'Shared athlete';
export const readOnly = 'Read only';
export const sharesThisAthleteWithYou = (coach: string) =>
  `${coach} shares this athlete with you. Only ${coach} can change anything here.`;
export const withAllLogsAndDecisions = (measurements: string, more: string) =>
  `${measurements}, ${more}, with all logs and decisions`;
export const noBlock = 'no block';
export const theBlockAndAllEarlier = (name: string) => `the block “${name}” and all earlier ones`;
export const phaseFrom = (value: string, set: string) => `${value} from ${set}`;
export const secondsAtMost = (seconds: string) => `${seconds} s at most`;
export const tooManyRepsForAn = 'too many reps for an estimate';
export const bestSet = 'best set';
export const bestSets = 'Best sets';
export const heavierThanThePlaceMakes = (place: string, heaviest: string) =>
  `${place} makes at most ${heaviest}: enter its loads under Equipment, or plan another exercise.`;
export const exerciseForTheBestSet = 'Exercise for the best set';
export const noBestSetsYetEnter =
  'No best sets yet. Enter one, for example 60 × 10 @2, and all loads are worked out from it. Without one, week 1 finds the load.';
export const date = 'date';
export const e1rm = 'e1RM';
export const currentEstimate = 'current estimate';
export const bestRepRange = 'best rep range';
export const setUpSeatPinsStance = 'set-up: seat, pins, stance, gear';
export const rangeOfMotionAgreed = 'range of motion agreed';
export const bestSetLabel = (name: string) => `Best set: ${name}`;
export const dateOfTheBestSet = (name: string) => `Date of the best set: ${name}`;
export const bestRepRangeLabel = (name: string) => `Best rep range: ${name}`;
export const setUp = (name: string) => `Set-up: ${name}`;
export const rangeOfMotionAgreedLabel = (name: string) => `Range of motion agreed: ${name}`;
export const forExampleBarToChest = 'for example bar to chest, thighs parallel';
export const remove = (name: string) => `Remove ${name}`;
export const notSaved = (answer: string) => `Not saved. ${answer}`;
export const enterTheValueFirst = 'Enter the value first.';
export const inUseSince = (more: string, value: string, inUse: string, day: string) =>
  `${more}${value} ${inUse} since ${day}`;
export const measurement = 'Measurement';
export const aChartAppearsHereFrom = 'A chart appears here from the second measurement on.';
export const measurements = 'Measurements';
export const dateOfTheMeasurement = 'Date of the measurement';
export const newValue = (kind: string) => `New value: ${kind}`;
export const unitOfTheMeasurement = 'Unit of the measurement';
export const noMeasurementsYet = 'No measurements yet.';
export const removeFrom = (kind: string, day: string) => `Remove ${kind} from ${day}`;
export const calendar = 'Calendar';
export const createPrivateLink = 'Create private link';
export const createNewLink = 'Create new link';
export const shownOnlyNowAnyoneWith =
  'Shown only now. Anyone with this link can see the sessions. Add it to a calendar app as a subscription.';
export const noCalendarIsSubscribed = 'No calendar is subscribed.';
export const linkCreated = (day: string, more: string) => `Link created ${day}, ${more}.`;
export const notUsedYet = 'not used yet';
export const lastUsed = (day: string) => `last used ${day}`;
export const removeLink = 'Remove link';
export const cannotSeeThisAthlete = 'cannot see this athlete';
export const canEditEverything = 'can edit everything';
export const saved = 'Saved.';
export const otherCoachesInTheTeam = 'Other coaches in the team';
export const theAthlete = 'the athlete';
export const oneMuscle = 'one muscle';
export const oneExercise = 'one exercise';
export const rulesForThisAthlete = 'Rules for this athlete';
export const theMostSpecificSettingApplies =
  'the most specific setting applies: your account, the athlete, a muscle, an exercise, a block';
export const appliesTo = 'Applies to';
export const goalChanged = (muscle: string) => `${muscle}, changed`;
export const exerciseWithItsOwnSettings = 'Exercise with its own settings';
export const chooseAnotherExercise = 'Choose another exercise';
export const chooseAnExerciseFirst = 'Choose an exercise first.';
export const blocks = 'Blocks';
export const fromDay = (day: string) => `from ${day}`;
export const copyBlockLabel = (name: string) => `Copy ${name}`;
export const archive = 'Archive';
export const planAnotherBlockTheRunning = 'Plan another block. The running one is not affected.';
export const inTheBinFor30 = 'in the bin for 30 days';
export const archivedText = 'archived';
export const runningWeekOf = (week: number, weeks: number) => `running, week ${week} of ${weeks}`;
export const copiedName = (name: string) => `${name}, copy`;
export const nameOfTheCopy = 'Name of the copy';
export const startDate = 'Start date';
export const doneOfPlanned = (done: number, planned: number) => `${done} of ${planned}`;
export const aDeletedSession = 'a deleted session';
export const doneAndPlanned = 'Done and planned';
export const noWeekIsOverYet = 'no week is over yet';
export const percentOfSetsIn = (value: string, weeks: string) => `${value} % of sets in ${weeks}`;
export const missedSessions = 'missed sessions';
export const running = ', running';
export const bestEstimatedMaxOfEach = 'best estimated max of each week, oldest first';
export const ifTheAthleteIsHealthy = (stallWeeks: number) =>
  `If the athlete is healthy, progressing and motivated, change nothing. A lift needs at least ${stallWeeks} weeks before it can be judged.`;
export const pain = ', pain';
export const tooEarly = 'too early';
export const stalled = (by: string) => `stalled, ${by}`;
export const progressing = (by: string) => `progressing, ${by}`;
export const epley = 'Epley';
export const brzycki = 'Brzycki';
export const activity = 'Activity';
export const aFormerCoach = 'a former coach';
export const showAll = (deeds: number) => `Show all ${deeds}`;
export const epley11N30 = 'Epley: 1 / (1 + n/30)';
export const brzycki37N36Up = 'Brzycki: (37 − n)/36 up to ten reps';
export const tableWithCautiousDefaults = 'table, with cautious defaults';
export const personalFromLoggedSets = 'personal, from logged sets';
export const aPersonalCurveNeeds6 =
  'A personal curve needs 6 logged sets with 3 different rep counts, at least two in the same week and exercise.';
export const itPredictsLoadsBetterThan = 'It predicts loads better than the default';
export const itDoesNotPredictLoads = 'It does not predict loads better than the default yet';
export const basedOnLoggedSetsOf = (
  sets: number,
  from: string,
  to: string,
  slope: string,
  error: string,
  epleyError: string,
  verdict: string,
) =>
  `Based on ${sets} logged sets of ${from} to ${to} reps: slope ${slope}, error ${error} % (Epley ${epleyError} %). ${verdict}.`;
export const repsToFailureAndLoad = 'Reps to failure and load';
export const curveForLoads = 'Curve for loads';
export const repMaxCurve = 'Rep-max curve';
export const percentOf1rmByReps = (fit: string) =>
  `Percent of 1RM by reps to failure. Points are logged sets. ${fit}`;
export const useThePersonalCurve = 'Use the personal curve';
export const tablePercentOf1rm = 'Table: percent of 1RM';
export const resetToDefaults = 'Reset to defaults';
export const percentAtReps = (value: number) => `Percent at ${value} reps`;
export const accuracyOfReportedRir = 'Accuracy of reported RIR';
export const notEnoughDataYetThis =
  'Not enough data yet: this needs four exercises whose next session ended at least a rep nearer to failure.';
export const reportsRepsLeftAboutOff = (name: string, more: string, mean: string, pairs: number) =>
  `${name} reports ${more} reps left: about ${mean} off, over ${pairs} pairs of sessions.`;
export const theAthleteText = 'The athlete';
export const tooFew = 'too few';
export const tooMany = 'too many';
export const accurateSoFarRepsOn = (more: string, mean: string, pairs: number) =>
  `Accurate so far: ${more}${mean} reps on average over ${pairs} pairs of sessions.`;
export const deleteWord = (name: string) => `Delete ${name}`;
export const thisDeletesIn14Days = (holds: string) =>
  `This deletes ${holds} in 14 days. Until then the athlete is listed under archived athletes on the Desk and can be restored; phones are signed out now. Archiving keeps everything. Export a copy first under Import and export.`;
export const typeTheNameToConfirm = 'Type the name to confirm';
export const deleteIn14Days = 'Delete in 14 days';
export const transferTo = 'Transfer to';
export const movesToWithAllData = (name: string, name2: string) =>
  `${name} moves to ${name2} with all data and leaves your Desk.`;
export const transfer = 'Transfer';
export const transferAthlete = 'Transfer athlete';
export const unsavedChanges = 'Unsaved changes';
export const notSavedYet = 'Not saved yet';
export const noChanges = 'No changes';
export const weeksInRunning = (running: string) => `in ${running}`;
export const noRunningBlock = 'no running block';
export const cannotBeSavedYetThe = (fields: string) =>
  `${fields} cannot be saved yet. The message is beside each field.`;
export const noBlockIsRunningSo = 'No block is running, so nothing else changes.';
export const changesShowHereWhatThey = (more: string) =>
  `Changes show here what they affect in the running block before you save.${more}`;
export const thisAthleteBelongsToAnd = (coach: string) =>
  ` This athlete belongs to ${coach} and is shared with you.`;
export const discard = 'Discard';
export const alt18 = 'Alt 1–8';
export const tabs = 'tabs';
export const search = 'search';
export const noviceLessThanAYear = 'novice: less than a year';
export const intermediateAFewSteadyYears = 'intermediate: a few steady years';
export const advancedProgressIsSlow = 'advanced: progress is slow';
export const machinesCablesBarsDumbbells = 'machines, cables, bars, dumbbells';
export const barRackBenchDumbbellsBands = 'bar, rack, bench, dumbbells, bands';
export const pullUpBarAndBands = 'pull-up bar and bands';
export const bodyWeight = 'body weight';
export const neededForBodyweightExercisesAn = 'Needed for bodyweight exercises. An estimate is enough.';
export const yourEntriesAreStillHere = (answer: string) => `Your entries are still here. ${answer}`;
export const chooseTrainingDays = 'Choose the days on which they can train.';
export const addYourFirstAthlete = 'Add your first athlete';
export const sevenThingsToStartWith =
  'Seven things to start with. You can change all of them later; week 1 finds what you do not know yet.';
export const level = 'Level';
export const phase = 'Phase';
export const trainsAt = 'Trains at';
export const weightUnit = 'Weight unit';
export const addAthleteAndStartA = 'Add athlete and start a block';
export const addAthleteAndFillIn = 'Add athlete and fill in the profile';
export const cautiousOneSetAtA = 'cautious: one set at a time';
export const boldAddsSetsSooner = 'bold: adds sets sooner';
export const askMeAboutEverything = 'ask me about everything';
export const applyLoadsAskMeAbout = 'apply loads, ask me about the rest';
export const applyEverythingAndListIt = 'apply everything and list it on the Desk';
export const startsLater = 'starts later';
export const months = (months: number) => `${months} months`;
export const yearsMonths = (years: number, value: number) => `${years} years ${value} months`;
export const affectsVolumeRangesWeeklyBudget = 'affects volume ranges, weekly budget and projected gains';
export const trainingSince = 'Training since';
export const unitOfBodyWeight = 'Unit of body weight';
export const replacedByTheLatestMeasurement = 'replaced by the latest measurement';
export const displayUnit = 'Display unit';
export const equipmentKeepsItsOwnUnit = 'equipment keeps its own unit';
export const timeZone = 'Time zone';
export const noSuchTimeZoneWrite = 'No such time zone. Write it like Europe/Oslo.';
export const addingSets = 'Adding sets';
export const whoDecidesOnProposedChanges = 'Who decides on proposed changes';
export const trainingTime = 'Training time';
export const days = 'Days';
export const trainingDays = 'Training days';
export const longestSession = 'Longest session';
export const longestSessionInMinutes = 'Longest session in minutes';
export const archiveOrDelete = 'Archive or delete';
export const archivingTakesOffYourList = (value: string) =>
  `Archiving takes ${value} off your list and keeps everything. Deleting removes blocks, logs, measurements and decisions for good after 14 days.`;
export const willBeDeletedForGood = (day: string) =>
  `Will be deleted for good on ${day}. Until then you can restore everything.`;
export const deleteWordText = 'Delete';
export const otherSportAndCardio = 'Other sport and cardio';
export const noneEachHardSessionLowers = 'None. Each hard session lowers the weekly budget by 4 sets.';
export const sport = (value: number) => `Sport ${value}`;
export const sessionsAWeekOfSport = (value: number) => `Sessions a week of sport ${value}`;
export const intensityOfSport = (value: number) => `Intensity of sport ${value}`;
export const irritatedJoints = 'Irritated joints';
export const none = 'None.';
export const joint = (value: number) => `Joint ${value}`;
export const sinceText = 'since';
export const startDateOfJoint = (value: number) => `Start date of joint ${value}`;
export const noteOnJoint = (value: number) => `Note on joint ${value}`;
export const whereWhenSeenByWhom = 'where, when, seen by whom';
export const phases = 'Phases';
export const fromText = 'from';
export const startOfPhase = (value: number) => `Start of phase ${value}`;
export const phaseLabel = (value: number) => `Phase ${value}`;
export const events = 'Events';
export const noneAContestOrTest = 'None. A contest or test can justify specializing during a cut.';
export const dateOfEvent = (value: number) => `Date of event ${value}`;
export const nameOfEvent = (value: number) => `Name of event ${value}`;
export const contestTestPhotoShoot = 'contest, test, photo shoot';
export const removeEvent = (value: number) => `Remove event ${value}`;
export const jan = 'Jan';
export const feb = 'Feb';
export const mar = 'Mar';
export const apr = 'Apr';
export const may = 'May';
export const jun = 'Jun';
export const jul = 'Jul';
export const aug = 'Aug';
export const sep = 'Sep';
export const oct = 'Oct';
export const nov = 'Nov';
export const dec = 'Dec';
export const phasesOverTheYear = 'Phases over the year';
export const createPersonalLink = 'Create personal link';
export const qrCodeOfTheLink = (name: string) => `QR code of the link for ${name}`;
export const personalLinkFor = (name: string) => `Personal link for ${name}`;
export const worksOnceUntilWhoeverOpens = (day: string, name: string) =>
  `Works once, until ${day}. Anyone who opens it on a phone trains as ${name}, so send it to them only. A new link replaces this one.`;
export const noPhoneIsSignedIn = 'No phone is signed in yet.';
export const sinceLastUsed = (day: string, day2: string) => `since ${day}, last used ${day2}`;
export const signOut = (name: string) => `Sign out ${name}`;
export const signOutAll = 'Sign out all';
export const addAPlace = 'Add a place:';
export const availableLoads = 'Available loads';
export const weights12525 = 'weights: 1.25 2.5 5; steps: 2-10/1; plates: 20×2';
export const dumbbellsBothOfAPair = 'Dumbbells, both of a pair';
export const belt = 'belt';
export const platesForTheBelt = 'Plates for the belt';
export const assistance = 'assistance';
export const assistanceByMachineOrBand = 'Assistance by machine or band';
export const bandsByNameAndPull = 'Bands by name and pull';
export const unnamedPlace = 'Unnamed place';
export const setAsUsualPlace = 'Set as usual place';
export const nameOfThePlace = 'Name of the place';
export const equipmentAtThisPlace = 'Equipment at this place';
export const unitOf = (value: string) => `Unit of ${value}`;
export const makesLoads = (grid: string) => `gives ${grid}`;
export const pairsOfPlates = 'pairs of plates';
export const pairsOfPlatesLabel = (name: string) => `${name}, pairs of plates`;
export const stacks = 'Machines';
export const heavyStacks = 'Heavy machines';
export const cables = 'Cables';
export const stackField = (name: string, field: string) => `${name}, ${field}`;
export const addOnWeights = 'add-on weights';
export const stackAddOnWeights = (name: string) => `${name}, add-on weights`;
export const extraPlatesOnTopOf = 'extra plates on top of the stack';
export const stackExtraPlates = (name: string) => `${name}, extra plates`;
export const checkALoad = 'Check a load';
export const kindOfLoad = 'Kind of load';
export const loadToCheck = 'Load to check';
export const leftAndRight = 'Left and right';
export const differencesInRecentSessions = 'differences in recent sessions';
export const noDifferencesLoggedForOne =
  'No differences logged. For one-sided sets the app asks for both sides where they differ.';
export const lastLeftRight = 'last left, right';
export const difference = 'difference';
export const advice = 'advice';
export const noConsistentDifferenceIn = (sessions: string) => `no consistent difference in ${sessions}`;
export const isWeakerStartWithIt = (weaker: string) =>
  `${weaker} is weaker: start with it and match its reps on the other side`;
export const checkInsAndMessagesAppear = 'Check-ins and messages appear here once you have sent a week.';
export const noteForWeek = (week: number) => `Note for week ${week}`;
export const shownAboveTheWeekOn = 'shown above the week on the phone';
export const notSavedPleaseTryAgain = 'Not saved. Please try again.';
export const noteToTheAthlete = 'Note to the athlete';
export const messages = 'Messages';
export const newestFirst = 'newest first';
export const withWeek = (week: number) => `with week ${week}`;
export const withACheckIn = 'with a check-in';
export const afterWeek = (name: string, week: number) => `after ${name}, week ${week}`;
export const aboutExercise = (exercise: string) => `about ${exercise}`;
export const notAcceptedFromAPhone = 'Not accepted from a phone';
export const thePhoneKeepsTheseSets = 'the phone keeps these sets until the athlete removes them';
export const markAsResolved = 'Mark as resolved';
export const signs0To2Each = 'signs, 0 to 2 each';
export const noCheckInInThe = 'No check-in in the last ten days.';
export const scoreOf14 = (day: string, sum: number, value: string) => `${day}: ${sum} of 14, ${value}`;
export const restedAndMotivatedProbablyNo = 'rested and motivated: probably no deload needed';
export const noDeloadNeededYet = 'no deload needed yet';
export const timeForADeload = 'time for a deload';
export const deloadUrgentlyRecommended = 'deload urgently recommended';
export const checkInForm = 'Check-in form';
export const howOftenAndWhatTo = 'how often, and what to measure besides body weight';
export const checkIn = 'Check-in';
export const everyDays = (days: string) => `every ${days} days`;
export const twiceAWeek = 'twice a week';
export const onceAWeek = 'once a week';
export const everyTwoWeeks = 'every two weeks';
export const everyFourWeeks = 'every four weeks';
export const sessions = 'Sessions';
export const deviationsFromThePlanNewest =
  'deviations from the plan, newest first; open a session to see every set';
export const noSessionsLoggedYet = 'No sessions logged yet.';
export const week = (week: number, more: string) => `Week ${week}, ${more}`;
export const aSession = 'a session';
export const thisAthleteWasAlsoChanged =
  'This athlete was also changed elsewhere. Both changes are shown. Check them, then save.';
export const alsoChangedElsewhereSavingKeeps = (value: string) =>
  `Also changed elsewhere: ${value}. Saving keeps what is shown here.`;
export const nothingYouTypedIsLost = (notice: string) => `Nothing you typed is lost. ${notice}`;
export const weeklyHardSetsPerMuscle = 'Weekly hard sets per muscle';
export const budgetHardSetsAWeek = (level: string, phase: string, budget: string) =>
  `${level}, ${phase}; budget ${budget} hard sets a week`;
export const rangeNow = 'range now';
export const start = 'start';
export const weekNumber = (week: number) => `week ${week}`;
export const whereItComesFrom = 'where it comes from';
export const goalFor = (muscle: string) => `Goal for ${muscle}`;
export const markForMuscle = (mark: string, muscle: string) => `${mark} for ${muscle}`;
export const levelFactor = (level: string) => `level × ${level}`;
export const minimumMaximum = (phase: string, phase2: string, phase3: string) =>
  `${phase}: minimum × ${phase2}, maximum × ${phase3}`;
export const aWeekOfThisBlock = 'A week of this block has been sent, so its dates cannot change.';
export const thisBlockWasRemovedOr =
  'This block was removed or changed meanwhile. The page now shows the current state.';
export const year = 'Year';
export const dragABlockThatHas = 'drag a block that has not started, or use ← and →';
export const earlier = 'Earlier';
export const later = 'Later';
export const startsToday = (day: string) => `today, ${day}`;
export const phaseSpan = (day: string, day2: string, weeks: string, more: string, value: string) =>
  `${day} to ${day2}, ${weeks}${more}${value}`;
export const deloadFrom = ', deload from ';
export const you = 'you';
export const unnamed = 'unnamed';
export const usual = 'usual';
export const sleep = 'sleep';
export const motivation = 'motivation';
export const appetite = 'appetite';
export const soreness = 'soreness';
export const achingJoints = 'aching joints';
export const measured = 'measured';
export const notes = 'note';
export const breakText = 'break';
export const deload = 'deload';
export const repsToFailureOf = (reps: string) => `${reps} reps to failure`;

export const plateMachines = 'Plate machines';
