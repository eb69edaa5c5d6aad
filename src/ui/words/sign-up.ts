/** Said of a password that many have, or that follows from what is known of a coach. */
export const EASY_PASSWORD = 'This is soon guessed. A few words that do not belong together are not.';
