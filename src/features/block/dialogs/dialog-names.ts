/** Dialogs that open over any face of the block; the address names the one that is open. */
export const DIALOGS = [
  'replace',
  'balance',
  'history',
  'conventions',
  'template',
  'rehearsal',
  'spreadsheet',
] as const;
export type DialogName = (typeof DIALOGS)[number];
