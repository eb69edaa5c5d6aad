/** The picker's parts, loaded together shortly before they are needed. */
export { exerciseChoices } from './exercise-choices';
export { Picker } from './picker';
