export const allOfThese = 'all of these';
export const simulateTheBlock = 'Simulate the block';
export const numberOfRuns = 'Number of runs';
export const runs = (value: string) => `${value} runs`;
export const compareWith = (value: string) => `compare with: ${value}`;
export const simulate = 'Simulate';
export const stop = 'Stop';
export const runsDone = 'Runs done';
export const theSimulationCouldNotRun = 'The simulation could not run in this browser.';
export const countRunsDone = (done: number) => `${done} runs done`;
export const accurateRir = 'accurate RIR';
export const rirReportedRepsToo = (value: string, more: string) => `RIR reported ${value} reps too ${more}`;
export const aModelNotAMeasurement = (gain: string, left: string, missed: string) =>
  `A model, not a measurement. It assumes a strength gain of ${gain} % a week with enough volume, fatigue that rises steeply above a maximum that may be off by a fifth, ${left}, good and bad days, and ${missed} % missed sessions. Every proposed change is applied, except unplanned deloads.`;
export const noMuscleIsBelowTarget = 'no muscle is below target in two sessions in a row';
export const firstToFail = 'first to fail';
export const week = (muscle: string, share: string, week: number) => `${muscle} ${share}, week ${week}`;
export const anEarlyDeloadIsProposed = 'an early deload is proposed';
export const shareInWeek = (share: string, week: number) => `${share}, week ${week}`;
export const strengthGain = 'strength gain';
export const middleAndRange = (middle: string, low: string, high: string) =>
  `${middle} % (${low} to ${high})`;
export const sessionMinutesInTheLast = 'session minutes in the last week';
export const asPlannedAndChanged = 'As planned and changed';
export const applyThis = (variant: string) => `Use this: ${variant}`;
export const sessionsBelowTarget = 'Sessions below target';
export const sessionsBelowTargetText = 'sessions below target';
export const weekNumber = (week: number) => `week ${week}`;
export const actual = 'actual';
export const firstLoadsOfTheLast = (unit: string) =>
  `First loads of the last building week as planned, ${unit}; nine of ten runs fall in this range`;
export const rangeInBrackets = (low: string, high: string) => `(${low} to ${high})`;
