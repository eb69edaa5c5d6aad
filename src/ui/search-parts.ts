/** What looking for an exercise takes beside its own name: fetched together with the first letter. */
export { describedAs, searchNames } from '@/core/names';
export { default as near } from './near';
