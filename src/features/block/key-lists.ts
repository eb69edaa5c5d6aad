import type { Face } from '@/client/commands';
import type { KeyList } from '@/ui/key-list';
import { keysOn } from '@/ui/words/commands';
import * as words from '@/ui/words/screens/block';

/** Keys that navigate or act on the focus; keys of commands are defined with the commands. */
const MOVES: Readonly<Record<Face, KeyList>> = {
  Split: [
    ['←, →', words.nextOrPreviousSession],
    [words.altAlt, words.moveTheSessionByA],
    [words.altShiftAltShift, words.swapDaysWithTheSession],
    ['Space, arrows, Space', words.pickUpMoveAndDrop],
    [words.enterOnASession, words.openItInTheSheet],
    [words.deleteOnASession, words.removeIt],
    [words.inTheMuscleTable, words.nextOrPreviousMuscle],
  ],
  Sheet: [
    [words.arrowsHomeEnd, words.moveInTheTableWith],
    [words.enterOrF2, words.editTheCellOnA],
    [words.aLetterOrDigit, words.replaceTheCellAWeek],
    [words.enterTab, words.saveAndGoOnWith],
    [words.esc, words.cancelTheEditClearThe],
    ['Delete', words.removeAnExerciseOrSession],
    [words.ctrlCCtrlXCtrl, words.copyCutAndPasteCells],
    [words.ctrlDCtrlR, words.fillDownFillAcrossThe],
    [words.altAltText, words.moveTheExerciseAtThe],
    ['Tab', words.toVolumeProposedChangesAnd],
  ],
  Ladder: [
    ['Tab', words.fromLadderToLadderThen],
    ['Enter', words.onALadderWeekOr],
  ],
  Review: [['Tab', words.nextFindingApplyOrDismiss]],
};

const RAIL: KeyList = [
  [words.gPHOnA, words.growPriorityMaintain],
  [words.aKOnAProposed, words.applyDismiss],
];

/** All keys of a tab, for its list of keys. */
export function keyList(face: Face): KeyList {
  return [...MOVES[face], ...RAIL, ...keysOn(face)];
}
