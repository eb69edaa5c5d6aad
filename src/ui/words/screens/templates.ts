export const saveAsAFile = 'Save as a file';
export const sharedByAnotherCoachIn =
  'Shared by another coach in the team: you can start blocks from it; it stays theirs.';
export const theWholeTeamSeesIt = 'The whole team sees it. ';
export const onlyYouSeeIt = 'Only you see it. ';
export const requirements = 'Requirements';
export const cleanRepsCheckedWhenA = 'clean reps, checked when a block starts from it';
export const noRequirements = 'No requirements.';
export const cleanRepsOf = (cleanReps: string, exercise: string) => `${cleanReps} of ${exercise}`;
export const removeRequirement = (exercise: string) => `Remove requirement ${exercise}`;
export const exerciseOfTheRequirement = 'Exercise of the requirement';
export const cleanRepsRequired = 'Clean reps required';
export const addRequirement = 'Add requirement';
export const notRenamed = (said: string) => `Not renamed. ${said}`;
export const rename = 'Rename';
export const notRemoved = (said: string) => `Not removed. ${said}`;
export const confirmRemoveForGood = (name: string) => `Confirm: remove ${name} for good`;
export const removeTheTemplate = (name: string) => `Remove the template ${name}`;
export const removeForGood = 'Remove for good';
export const blocksMadeFromItAre = 'Blocks made from it are kept.';
export const fromLevelUp = (shape: string, from: string) => `${shape}, from ${from} up`;
export const requirementsOf = (list: string) => `Requirements: ${list}.`;
export const dayCycle = (cycleDays: number) => `${cycleDays}-day cycle`;
export const eachRowUsesWhatThe =
  'Each row uses what the athlete’s place has and no irritated joint forbids; sets start at the minimum, within time and budget. A muscle that cannot reach its minimum is maintained, and the new block says so.';
export const startABlockFromThis = 'Start a block from this template';
export const adjustedToDaysTimeAnd = 'adjusted to days, time and place';
export const builtIn = 'Built in';
export const yourOwn = 'Your own';
export const fromTheTeam = 'from the team';
export const noneYetSaveABlock = 'None yet. Save a block as a template in its settings.';
export const templateNotFound = 'Template not found';
export const itWasRemovedOrThe =
  'It was removed, or the link is incomplete. Choose a template from the list.';
