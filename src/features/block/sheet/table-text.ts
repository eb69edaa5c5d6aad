import Papa from 'papaparse';

export { guessExercise } from '@/ui/guess-exercise';

/** Cells as spreadsheets expect them: tabs between columns, lines between rows, quotes where needed. */
export function writeTable(cells: readonly (readonly string[])[]): string {
  return Papa.unparse(cells as string[][], { delimiter: '\t', newline: '\n' });
}

/** The cells of a spreadsheet's text; a final empty line is not a row. */
export function parseTable(text: string): readonly (readonly string[])[] {
  const { data } = Papa.parse<string[]>(text.replace(/\r?\n$/, ''), { delimiter: '\t' });
  return data.map((row) => row.map((cell) => cell.trim()));
}
