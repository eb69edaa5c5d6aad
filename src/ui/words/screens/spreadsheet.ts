export const theTextInItsCells = 'the text in its cells was not saved';
export const theFilesOwnRecordIs = 'the file’s own record is damaged';
export const itWasNotSavedFrom =
  'it was not saved from a block; use Import and export to create a new block from it';
export const spreadsheet = 'Spreadsheet';
export const aSheetPerSessionA =
  'A sheet per session, a line per exercise, a column per week. Edit it in any spreadsheet program and import it here; your changes become one step that can be undone.';
export const saveAsSpreadsheet = 'Save as spreadsheet';
export const importASpreadsheet = 'Import a spreadsheet';
export const noDifferencesFromTheBlock = 'No differences from the block.';
export const toTheBlock = (changes: string) => `${changes} to the block.`;
export const weekDeload = (week: number) => `week ${week} deload`;
export const week = (week: number) => `week ${week}`;
export const weeklySets = 'weekly sets';
export const couldNotBeReadAnd = (cells: string, more: string) =>
  `${cells} could not be read and ${more} left out:`;
export const guessedExercises = 'Guessed from similar names, please check:';
export const guessedAs = (text: string, exercise: string) => `“${text}” → ${exercise}`;
