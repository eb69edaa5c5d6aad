/** A long press picks something up; moving at once scrolls the page. */
export const TOUCH = { delay: 250, tolerance: 8 } as const;
