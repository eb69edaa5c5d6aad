/** Readers of unchecked data: separate from the engine, so that a browser only loads them when needed. */
export * from './athlete/athlete-codec';
export * from './block/block-codec';
export * from './block/edit-schema';
export * from './block/templates/new-block-settings-schema';
export * from './block/templates/prerequisites-codec';
export * from './calls/answer-codec';
export * from './conventions/conventions-codec';
export * from './exercises/exercise-codec';
export * from './log/log-codec';
export * from './on-the-day/session-note-codec';
export * from './plan/issued-codec';
export * from './recovery/check-in-codec';
export * from './watch/watch-codec';
