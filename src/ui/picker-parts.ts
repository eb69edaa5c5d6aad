/** What picking from a list takes: fetched together, when somebody is about to. */
export { exerciseChoices } from './exercise-choices';
export { Picker } from './picker';
