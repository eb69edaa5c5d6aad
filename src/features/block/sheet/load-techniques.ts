/** Fetches the picker of techniques; asked for early, so that it opens at once. */
export const loadTechniques = () => import('../dialogs/technique-picker');
