/** Shown for a common password, or one made of the coach's own name. */
export const EASY_PASSWORD = 'This password is easy to guess. A few unrelated words are safer.';
