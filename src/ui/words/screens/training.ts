import type { RampVerdict } from '@/core';
import { plural } from '../figures';

export const howWasIt = 'How was it?';
export const aLineToYourCoach = 'A line to your coach';
export const send = 'Send';
export const sent = 'Sent';
export const youWillBeAskedAbout =
  'You will be asked about soreness before your next session for these muscles.';
export const thisDateIsInThe = 'This date is in the future.';
export const enterTheTimeAs17 = 'Enter the time as 17:30.';
export const trainedOn = (day: string, more: string, more2: string) => `Trained on ${day}${more}${more2}.`;
export const fromTime = (time: string) => `, from ${time}`;
export const thePhoneHad = (day: string) => ` (the phone had ${day})`;
export const correctThis = 'Correct this';
export const day = 'Day';
export const fromLabel = 'From';
export const aFifthLessLoad = 'A fifth less load';
export const aThirdFewerSets = 'A third fewer sets';
export const eachSetInTwoHalves = 'Each set in two halves';
export const howDidYouSleep = 'How did you sleep?';
export const howDoYouFeel = 'How do you feel?';
export const today = 'Today';
export const asPlanned = 'As planned';
export const dizzyIllOrInPain = 'Dizzy, ill or in pain: do not train today.';
export const noSetGoesToFailure =
  'No set goes to failure. Your coach sees the change, and it does not count as a bad session.';
export const where = 'Where?';
export const start = 'Start';
export const restingHeartRateMustBe = 'Resting heart rate must be a whole number from 25 to 220.';
export const mustBeANumberFrom = (kind: string) => `${kind} must be a number from 1 to 1000.`;
export const thankYou = 'Thank you.';
export const yourCoachHasYourCheck = 'Your coach has your check-in.';
export const yourCheckInIsSaved =
  'Your check-in is saved on this phone and will be sent when you are back online.';
export const yourCheckInIsOnly = 'Your check-in is only on this page. Keep it open.';
export const backToTheWeek = 'Back to the week';
export const howWasTheWeek = 'How was the week?';
export const yourFirst = 'your first';
export const last = (day: string) => `last ${day}`;
export const sleep = 'Sleep';
export const motivation = 'Motivation';
export const appetite = 'Appetite';
export const soreness = 'Soreness';
export const achingJointsTapOneThen = 'Aching joints: tap one, then say how much';
export const restingHeartRate = 'Resting heart rate';
export const afterWaking = 'after waking';
export const anythingElse = 'Anything else';
export const fillInSleepMotivationAppetite =
  'Fill in sleep, motivation, appetite and soreness; the rest is optional.';
export const whatIsFree = 'What is free?';
export const hasNoEquipmentForIt = (name: string) => `${name} has no equipment for it. Alternatives:`;
export const skipIt = 'Skip it';
export const swap = 'Swap';
export const pain = 'Pain';
export const skip = 'Skip';
export const doLater = 'Do later';
export const extraSet = 'Extra set';
export const changeThisSet = 'Change this set';
export const reason = 'Reason';
export const backTo = (name: string) => `Back to ${name}`;
export const howBad = 'How bad?';
export const anythingYourCoachShouldKnow = 'Anything your coach should know';
export const stop = (name: string) => `Stop ${name}`;
export const sessionFinished = 'Session finished.';
export const allSetsAreLogged = 'All sets are logged.';
export const notLogged = (sets: string, more: string) => `${sets} ${more} not logged.`;
export const finishingTellsYourCoachThat =
  'Finishing tells your coach that the session is over. You can still correct sets.';
export const finishSession = 'Finish session';
export const noWeekSentYet = 'No week sent yet';
export const yourCoachHasNotSent = 'Your coach has not sent you a week. It appears here once it is sent.';
export const checkInHowWasThe = 'Check in: how was the week?';
export const noWeekHasBeenSent = 'No week has been sent yet.';
export const backToTheDesk = 'Back to the Desk';
export const checkIn = 'Check in';
export const yourLifts = 'Your lifts';
export const loggedOfSets = (logged: number, sets: number) => `${logged} of ${sets}`;
export const optional = 'optional';
export const toDo = 'to do';
export const setsMin = (day: string, sets: number, minutes: string, more: string) =>
  `${day}, ${sets} sets, ${minutes} min${more}`;
export const startsInS = (since: number) => `starts in ${since} s`;
export const secondsToGo = (since: number) => `${since} s to go`;
export const time = 'Time';
export const secondsOver = (value: number) => `${value} s over`;
export const startTheClockS = (value: number) => `Start the clock: ${value} s`;
export const tapToStop = (words: string) => `${words}, tap to stop`;
export const isFinishedForToday = (name: string) => `${name} is finished for today.`;
export const yourCoachWillSeeThis = (more: string) => `Your coach will see this${more}.`;
export const without = 'Exercises that do not load the';
export const ifYouWantToContinue = ', if you want to continue';
export const continueWithTheRest = 'Continue with the rest';
export const thisAlsoLoads = (list: string) => `This also loads ${list}.`;
export const yourCoachsChoice = 'your coach’s choice';
export const noAlternativeFitsHereSkip = 'No alternative fits here. Skip it or ask your coach.';
export const findYourLoad = 'find your load';
export const fromLoad = (load: string) => `from ${load}`;
export const aboutEstimatedFrom = (load: string, more: string) => `about ${load}, estimated from ${more}`;
export const aSimilarExercise = 'a similar exercise';
export const extraExercise = 'Extra exercise';
export const addedUnit = (unit: string) => `${unit} added`;
export const band = (unit: string) => `${unit} band`;
export const eachDumbbell = (unit: string) => `${unit} each`;
export const partialRepsAfter = 'partial reps after';
export const repsWithHelp = 'reps with help';
export const secondsHeldAfter = 'seconds held after';
export const loweredRepsAfter = 'lowered reps after';
export const secondsTaken = 'seconds taken';
export const repsLeftSide = 'reps left side';
export const repsRightSide = 'reps right side';
export const savedOnThisPhone = (notes: string) => `${notes} saved on this phone`;
export const sending = 'Sending';
export const sentWhenYouAreBack = (kept: string) => `${kept}, sent when you are back online. `;
export const notAcceptedOpenASession = (notes: string) =>
  `${notes} not accepted: open a session to resolve it.`;
export const pauseInTheStretch = 'pause in the stretch';
export const pauseInTheSqueeze = 'pause in the squeeze';
export const metronome = (written: string) => `Metronome: ${written}`;
export const firstRepInS = (since: number) => `First rep in ${since} s`;
export const repOf = (rep: number, reps: number, value: string, left: number) =>
  `Rep ${rep} of ${reps}, ${value} ${left}`;
export const thesePhonesAreSignedIn =
  'These phones are signed in as you. Sign out any that are lost or not yours.';
export const thisOne = ', this one';
export const signOut = (name: string) => `Sign out ${name}`;
export const sinceLastUsed = (day: string, day2: string) => `since ${day}, last used ${day2}`;
export const codeForAnotherPhone = 'Code for another phone';
export const onTheOtherPhoneOpen = 'On the other phone open this address, choose to enter a code, and type';
export const itWorksOnceWithinTen = '. It works once, within ten minutes.';
export const signOutThisPhone = 'Sign out this phone';
export const exportMyData = 'Export my data';
export const belongsToASessionThat = 'belongs to a session that no longer exists';
export const wasAlreadySentForAnother = 'was already sent for another session';
export const couldNotBeReadBy = 'could not be read by the server';
export const saved = (sets: string) => `${sets} saved`;
export const onThisPhone = (what: string) => `${what} on this phone.`;
export const onThisPageOnlyKeep = (what: string) => `${what} on this page only. Keep it open.`;
export const signedOutSignInAgain = (kept: string) => `Signed out. Sign in again in another tab. ${kept}`;
export const noConnection = (kept: string) => `No connection. ${kept}`;
export const aSetOf = (reps: number) => `A set of ${reps}`;
export const aNote = 'A note';
export const notAcceptedByTheServer = 'Not accepted by the server';
export const wasRefused = 'was refused';
export const sendAgain = 'Send again';
export const showTheseSetsAsText = 'Show these sets as text';
export const warmUpDone = (more: string) => `Warm-up done${more}`;
/** How the last warm-up set felt, and what that changes beyond one step of the load. */
export function warmUpFelt(verdict: RampVerdict): string {
  switch (verdict) {
    case 'very light':
      return `: ${verdict}, so up to 10 % more for the same reps`;
    case 'very heavy':
      return `: ${verdict}, so up to 10 % less for the same reps`;
    default:
      return `: ${verdict}`;
  }
}
export const showAgain = 'Show again';
export const warmUpOf = (value: number, sets: number) => `Warm-up ${value} of ${sets}`;
export const done = 'Done';
export const next = 'Next';
export const howDidItFeel = 'How did it feel?';
export const noRestContinue = 'no rest: continue';
export const rest = 'Rest';
export const timeOfLimit = (time: string, time2: string, more: string) => `${time} of ${time2}${more}`;
export const go = ', go';
export const holdSeconds = (reps: number) => `${reps} s`;
export const startTheMinutes = (total: number) => `Start the minutes: ${total}`;
export const startTheRoundParts = (total: number) => `Start the round: ${total} parts`;
export const partInSeconds = (value: string, since: number) => `${value} in ${since} s`;
export const roundFinishedLogIt = 'Round finished: log it';
export const partOfTotal = (more: string, value: number, total: number) => `${more} ${value} of ${total}`;
export const minute = 'Minute';
export const part = 'Part';
export const restSThen = (left: number, piece: string) => `Rest ${left} s, then ${piece}`;
export const supersetWith = (list: string) => `Superset with ${list}.`;
export const setUp = (setUp: string) => ` Set-up: ${setUp}`;
export const tempo = (more: string) => ` Tempo ${more}.`;
export const bandsTakeOff = (weight: string) => ` Bands take ${weight} off the bar at the bottom.`;
export const rangeOfMotion = (motion: string) => ` Range of motion: ${motion}.`;
export const thenPart = (value: string) => ` Then ${value}.`;
export const stopWhenPerformanceFalls = (stopFall: number) =>
  ` Stop when performance falls by ${stopFall} %: fewer reps, less load, or equal reps much harder.`;
export const thenStretchForS = (seconds: number, note: string) => ` Then stretch for ${seconds} s. ${note}`;
export const eachSide = ' each side';
export const repsLeft = 'reps left';
export const lastTimeWas = (set: string, rir: string, date: string) =>
  `${set} @${rir}${date === '' ? '' : `, ${date}`}`;
export const lastTime = 'Last time';
export const toBeat = 'To beat';
export const soFar = 'So far';
export const beatReps = (reps: number) => plural(reps, 'rep');
export const beat = (reps: number, partials: number) => `${reps}+${partials}`;
export const beatInTotal = (sum: number) => `${sum} in total`;
export const theLoadIsNew = 'the load is new';
export const noHoldLoggedYetHold = (rir: string) =>
  `No hold logged yet: hold until you could do about ${rir} tenths more, then log the seconds.`;
export const noLoadKnownYetWork = (reps: number, rir: string) =>
  `No load known yet: work up until ${reps} reps leave ${rir} in reserve, then log what you used.`;
export const reps = 'Reps';
export const repsLeftText = 'Reps left';
export const mustBeANumberNot = (value: string, value2: string) =>
  `${value} must be a number, not “${value2}”.`;
export const mustBeANumberBetween = (value: string, low: number, high: number, more: string) =>
  `${value} must be a number from ${low} to ${high}${more}.`;
export const theEquipmentHereGivesNot = (value: string, unit: string, load: string) =>
  `The equipment here gives ${value} ${unit}, not ${load}. Log it if that is what you lifted.`;
export const ifDifferent = 'if different';
export const formWasNotClean = 'form was not clean';
export const noteOnThisSet = 'note on this set';
export const addDetails = 'Add details';
export const loggedTwiceTheLaterOne = ', logged twice: the later one counts';
export const askedSet = (set: string) => `asked ${set}`;
export const wasExercise = (slot: string) => `was ${slot}`;
export const endSessionHere = 'End session here';
export const skippedToday = 'Skipped today';
export const setsDone = (sets: string) => `, ${sets} done`;
export const enteredByMistake = 'Entered by mistake';
export const doItAfterAll = 'Do it after all';
export const log = 'Log';
export const saveCorrection = 'Save correction';
export const mustBeAWholeNumber = (value: string) => `${value} must be a whole number. `;
export const logAsPlanned = 'Log as planned';
export const noEnergyLeftSkipIt = 'No energy left: skip it';
export const todayInTwoHalvesS = (value: string, bETWEEN_HALVES: number) =>
  `Today in two halves: ${value}, ${bETWEEN_HALVES} s apart; log them as one set.`;
export const nothingToFailureToday = 'Nothing to failure today.';
export const todayNothingToFailure = (value: string) => `${value} today, nothing to failure.`;
export const secondsApart = (value: string) => `, ${value} s apart`;
export const logAllAsPlanned = (list: string, between: string) => `Log all as planned: ${list}${between}`;
export const week = (athleteName: string, week: number, name: string) =>
  `${athleteName}, week ${week}, ${name}`;
export const whenWasTheSorenessGone = 'When was the soreness gone?';
export const muscleFromDay = (muscle: string, day: string) => `${muscle}, from ${day}`;
export const noSoreness = 'No soreness';
export const stillSore = 'Still sore';
export const lessOf = (label: string) => `less ${label}`;
export const moreOf = (label: string) => `more ${label}`;
export const stopHere = ', stop here';
export const startTheStopwatchUpTo = (time: string) => `Start the stopwatch: up to ${time}`;
export const endsHerePerformanceFell = (data: string, stopFall: number) =>
  `${data} ends here: performance fell by ${stopFall} %.`;
export const setsOfAll = (size: number, beside: number) => `${size} of ${beside} sets`;
export const yourCoachChangedThisWeek =
  'Your coach changed this week. Your logs are saved. Open the week again to see the new plan.';
export const allSets = 'All sets';
export const yourCoachHasAllSets = 'Your coach has all sets.';
export const yourLiftsAppearHereOnce = 'Your lifts appear here once you log sets.';
export const heaviest = (more: string, load: string, reps: number, more2: string, more3: string) =>
  `${more}heaviest ${load} × ${reps}${more2}${more3}`;
export const estimatedMax = (oneRepMax: string, unit: string, today: string) =>
  `estimated max ${oneRepMax} ${unit}, ${today}; `;
export const includingYourBodyWeight = ' (including your body weight)';
export const mostRepsAt = (reps: number, load: string) => `; most reps ${reps} at ${load}`;
export const enterYourWeightInA = 'Enter your weight in a check-in to see it here.';
export const whatTheWordsMean = 'What the words mean';

export const logThisSet = (verb: string, set: string) => `${verb} ${set}`;
export const setLine = (date: string, name: string, set: string) => `${date} ${name}: ${set}`;
