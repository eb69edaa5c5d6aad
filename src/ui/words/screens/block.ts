export const blockTabs = 'Block tabs';
export const redo = 'Redo';
export const history = 'History';
export const altC = 'Alt C';
export const allSettings = 'All settings';
export const explanation = 'Explanation';
export const revision = (revision: number) => `revision ${revision}`;
export const thisBlockCannotBeRead = 'This block cannot be read';
export const theStoredBlockBreaksA =
  'The stored block breaks a rule that every block must keep. No data is lost.';
export const moreChanges = (mOST: number) => `${mOST} more.`;
export const noRevisionOfThisBlock =
  'No revision of this block can be read. Contact the person who runs this installation.';
export const goBackToRevisionThe = (revision: number) =>
  `Go back to revision ${revision}, the last one that can be read`;
export const selectAnyFigureToSee = 'Select any figure to see where it comes from.';
export const hardSets = (kind: string, sets: string) => `${kind} · ${sets} hard sets`;
export const g = 'G';
export const p = 'P';
export const h = 'H';
export const allHardSets = 'All hard sets';
export const week = (week: number) => `week ${week}`;
export const undoReversesIt = (value: string) => `${value}. Undo reverses it.`;
export const noSingleChangeFixesThis = 'No single change fixes this.';
export const ifApplied = 'If applied';
export const ctrlZ = 'Ctrl Z';
export const undo = 'undo';
export const changeInWeek = (change: string, week: number) => `${change}, week ${week}`;
export const thisExerciseWasNotIn = 'This exercise was not in the week when it was sent.';
export const rirSetsFrom = (rir: number, hardSets: string, day: string) =>
  `RIR ${rir} · ${hardSets} sets · from ${day}`;
export const altI = 'Alt I';
export const sendNextWeek = 'send next week';
export const spanMinutes = (span: string) => `${span} min`;
export const sets = (session: string, sets: number) => `${session} · ${sets} sets`;
export const trainedAtLoadsUseThe = (name: string, more: string) =>
  `Trained at ${name}${more}. Loads use the equipment there.`;
export const theUsualPlace = ', the usual place';
export const equipment = (value: string) => `Equipment: ${value}.`;
export const session = (letter: string) => `session ${letter}`;
export const trainedOnTypeAWeekday = (day: string) => `Trained on ${day}. Type a weekday to move it.`;
export const enterRenamesTheSessionDelete = 'Enter renames the session, Delete removes it.';
export const addExercise = 'add exercise';
export const alt = 'Alt ↑↓';
export const del = 'Del';
export const aHardSetCountsToward = (value: string, more: string, cues: string) =>
  `A hard set counts toward ${value}. ${more}${cues}`;
export const notSafeToFailAlone = 'Not safe to fail alone: keep reps in reserve or use safeties. ';
export const stimulusFatigueHardest = (
  more: string,
  more2: string,
  stimulus: number,
  fatigue: number,
  hardest: string,
) => `${more}${more2}Stimulus ${stimulus}, fatigue ${fatigue}; hardest ${hardest}.`;
export const setUp = (setUp: string) => `Set-up: ${setUp} `;
export const endingWithRepsLeft = (value: string) => `, ending with ${value} reps left`;
export const plannedReps = (value: string, left: string) => `Planned reps: ${value}${left}.`;
export const theTopSetKeepsMore = (target: number, target2: number) =>
  ` The top set keeps ${target} more in reserve than the week’s ${target2} RIR.`;
export const keepTheLastOne = 'keep the last one';
export const thisAthleteReportsRirReps = (value: string, more: string) =>
  `This athlete reports RIR ${value} reps too ${more}.`;
export const lowSoThisLoadIs = 'low, so this load is probably light';
export const highSoThisLoadIs = 'high, so this load is probably heavy';
export const gettingStarted = 'Getting started';
export const arrowsMoveEnterEditsEverything =
  'Arrows move, Enter edits. Everything updates at once; Ctrl Z undoes.';
export const theLineAtTheBottom = 'The line at the bottom explains the selected figure.';
export const ctrlKSearchesEverythingShows = 'Ctrl K searches everything; ? shows the shortcuts.';
export const closeTheseHintsForGood = 'Close these hints for good';
export const nextOrPreviousSession = 'next or previous session';
export const altAlt = 'Alt ←, Alt →';
export const moveTheSessionByA = 'move the session by a day';
export const altShiftAltShift = 'Alt Shift ←, Alt Shift →';
export const swapDaysWithTheSession =
  'swap days with the session before or after, or drop it on that session';
export const pickUpMoveAndDrop = 'pick up, move and drop the session';
export const enterOnASession = 'Enter on a session';
export const openItInTheSheet = 'open it in the Sheet';
export const deleteOnASession = 'Delete on a session';
export const removeIt = 'remove it';
export const inTheMuscleTable = '↑, ↓ in the muscle table';
export const nextOrPreviousMuscle = 'next or previous muscle';
export const arrowsHomeEnd = 'arrows, Home, End';
export const moveInTheTableWith = 'move in the table; with Shift select';
export const enterOrF2 = 'Enter or F2';
export const editTheCellOnA =
  'edit the cell; on a week with a proposed change: apply it; on a done session: open it';
export const aLetterOrDigit = 'a letter or digit';
export const replaceTheCellAWeek =
  'replace the cell; a week takes 60 × 8 @2, also 4 × 8 at 60, for that week only';
export const enterTab = 'Enter, Tab';
export const saveAndGoOnWith = 'save and go on; with Shift backwards';
export const esc = 'Esc';
export const cancelTheEditClearThe = 'cancel the edit; clear the selection';
export const removeAnExerciseOrSession =
  'remove an exercise or session; clear a week’s own value; on a proposed change: dismiss';
export const ctrlCCtrlXCtrl = 'Ctrl C, Ctrl X, Ctrl V';
export const copyCutAndPasteCells = 'copy, cut and paste cells or exercises, also to and from a spreadsheet';
export const ctrlDCtrlR = 'Ctrl D, Ctrl R';
export const fillDownFillAcrossThe = 'fill down, fill across the weeks';
export const altAltText = 'Alt ↑, Alt ↓';
export const moveTheExerciseAtThe = 'move the exercise; at the end of a session into the next one';
export const toVolumeProposedChangesAnd = 'to volume, proposed changes and checks';
export const fromLadderToLadderThen = 'from ladder to ladder, then weeks, deloads and loads';
export const onALadderWeekOr = 'on a ladder, week or exercise: open its cell in the Sheet';
export const nextFindingApplyOrDismiss = 'next suggestion; apply or dismiss it';
export const gPHOnA = 'G, P, H on a muscle';
export const growPriorityMaintain = 'grow, priority, maintain';
export const aKOnAProposed = 'A, K on a proposed change';
export const applyDismiss = 'apply, dismiss';
export const notSavedYetTheDatabase = 'not saved yet: the database is not responding';
export const notSavedYetNoConnection = 'not saved yet: no connection';
export const notSavedYetYouAre = 'not saved yet: you are signed out; sign in in another tab';
export const revisionNote = (more: string, more2: string, revision: number) =>
  `${more}${more2} · rev ${revision}`;
export const changesMadeElsewhereWereAdded = 'Changes made elsewhere were added. ';
export const saved = (time: string) => `saved ${time}`;
export const tryingAgain = (value: string, pending: number, more: string) =>
  `${value}; ${pending} ${more}, trying again`;
export const savedOnThisDevice = 'saved on this device';
export const onlyOnThisPageKeep = 'only on this page, keep it open';
export const anotherTabChangedTheSame = 'Another tab changed the same thing.';
export const theServerCannotReadWhat = (pending: number) =>
  `The server cannot read what this page sends; ${pending} saved on this device.`;
export const thisBlockNoLongerExists = 'This block no longer exists.';
export const savedAsYourOwnTemplate = 'Saved as your own template. New blocks can start from it.';
export const printWeek = (shownWeek: number) => `Print week ${shownWeek}`;
export const recallWeek = (last: number) => `Recall week ${last}`;
export const sendWeek = (week: number | '…') => `Send week ${week}`;
export const sendTheDeload = 'Send the deload';
export const shortcuts = 'shortcuts';
export const savedText = 'saved';
export const block = 'block';

export const takeTheirs = 'Take theirs';
export const keepMine = 'Keep mine';
export const copyAsText = 'Copy as text';
