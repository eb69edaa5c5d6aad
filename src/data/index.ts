import 'server-only';

/** The only door to the database. Repositories take who is asking and return core values. */
export type { Asker } from './asker';
export { database, isUnavailable } from './database';
export * from './repositories/athletes';
export * from './repositories/blocks';
export * from './repositories/calls';
export { reloadTraining } from './repositories/changes';
export * from './repositories/check-ins';
export * from './repositories/coach-conventions';
export * from './repositories/coaches';
export * from './repositories/entries';
export * from './repositories/exercises';
export * from './repositories/issuing';
export * from './repositories/keep-check-in';
export * from './repositories/last-done';
export * from './repositories/logging';
export * from './repositories/measurements';
export { ownExercises } from './repositories/own-exercises';
export * from './repositories/pain';
export * from './repositories/phones';
export * from './repositories/refused-items';
export * from './repositories/revisions';
export { Unreadable } from './repositories/stored';
export * from './repositories/strength';
export * from './repositories/templates';
export { findHistory, findIssuedWeek, findTraining, newestIssued } from './repositories/training';
