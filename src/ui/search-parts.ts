/** What searching exercises needs besides their names: loaded with the first letter. */
export { describedAs, searchNames } from '@/core/names';
export { default as near } from './find-similar';
