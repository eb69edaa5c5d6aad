/** The third door: what exercises are called in a gym, which only looking for one needs. */
export { everydayNames } from './exercises/library/everyday-names';
