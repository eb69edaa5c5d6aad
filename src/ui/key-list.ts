/** A key with what it does. */
export type KeyList = readonly (readonly [key: string, does: string])[];
