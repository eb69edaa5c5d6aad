export const thisWeekHasNotBeen = 'This week has not been sent yet; its loads may still change.';
export const sessionHead = (
  name: string,
  blockName: string,
  kind: string,
  day: string,
  name2: string,
  span: string,
  more: string,
) => `${name} · ${blockName}, ${kind} · ${day} · ${name2} · ${span} min${more}`;
export const optional = ' · optional';
export const date = 'Date';
export const plan = 'plan';
export const rest = 'rest';
export const doneLoadRepsRir = 'done: load × reps @RIR';
export const notesSorenessJoints = 'Notes, soreness, joints:';
export const oneAfterTheOtherOn = ', one after the other on one clock';
export const supersetWithTheExerciseAbove = (group: string) => `Superset with the exercise above (${group}).`;
export const firstOfA = (group: string) => `First of a ${group}.`;
export const warmUp = (slot: string) => `Warm-up ${slot}.`;
export const tempo = (tempo: string) => `Tempo ${tempo}.`;
export const bandsTakeOff = (weight: string) => `Bands take ${weight} off the bar at the bottom.`;
export const rangeOfMotion = (motion: string) => `Range of motion: ${motion}.`;
export const setUp = (setUp: string) => `Set-up: ${setUp}`;
export const breakOfMinBeforeIt = (breakBefore: number) => `Break of ${breakBefore} min before it.`;
export const stopWhenPerformanceFalls = (stopFall: number) =>
  `Stop when performance falls by ${stopFall} %: fewer reps, less load, or equal reps much harder.`;
export const thenStretchForS = (seconds: number, note: string) => `Then stretch for ${seconds} s. ${note}`;
export const alternatives = (more: string) => `Alternatives: ${more}.`;
export const restSeconds = (rest: number) => `${rest} s`;
export const tempoText = (tempo: string) => `tempo ${tempo}`;
export const ifEnergyIsLeft = ' (if energy is left)';
