/** A finger that rests on a thing lifts it; one that moves at once scrolls the page. */
export const TOUCH = { delay: 250, tolerance: 8 } as const;
