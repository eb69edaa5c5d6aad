export const week = (week: number, name: string) => `Week ${week}, ${name}`;
export const notStarted = 'Not started.';
export const setsOnDay = (day: string, counted: number, planned: number) =>
  `${day}, ${counted} of ${planned} sets`;
export const inProgress = ', in progress.';
export const afterTheLastSet = 'after the last set';
export const extra = 'Extra';
export const notSaved = (said: string) => `Not saved. ${said}`;
export const doneAs = (exercise: string) => `done as ${exercise}`;
export const whatWasDone = (name: string) => `${name}: what was done`;
export const alsoLogged = (one: string) => `also logged: ${one}`;
export const notLogged = 'not logged';
export const withHelp = (assisted: number) => `${assisted} with help`;
export const leftAndRight = (left: number, right: number) => `L ${left} / R ${right}`;
export const notClean = 'not clean';
export const byACoach = (when: string) => `by a coach, ${when}`;
export const details = 'details';
export const enteredBy = 'entered';
