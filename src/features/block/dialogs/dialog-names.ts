/** Dialogs that open over any tab of the block; the address names the open one. */
export const DIALOGS = [
  'replace',
  'balance',
  'history',
  'conventions',
  'template',
  'simulation',
  'spreadsheet',
] as const;
export type DialogName = (typeof DIALOGS)[number];
