/** Loads the technique picker, early enough to open at once. */
export const loadTechniques = () => import('../dialogs/technique-picker');
