/** A key with its effect. */
export type KeyList = readonly (readonly [key: string, does: string])[];
