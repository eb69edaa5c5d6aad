import Papa from 'papaparse';

export { likelyExercise } from '@/ui/likely-exercise';

/** Cells as a spreadsheet takes them: tabs between columns, lines between rows, quotes where a cell needs them. */
export function writeTable(cells: readonly (readonly string[])[]): string {
  return Papa.unparse(cells as string[][], { delimiter: '\t', newline: '\n' });
}

/** The cells of a spreadsheet's text; a last empty line is no row. */
export function parseTable(text: string): readonly (readonly string[])[] {
  const { data } = Papa.parse<string[]>(text.replace(/\r?\n$/, ''), { delimiter: '\t' });
  return data.map((row) => row.map((cell) => cell.trim()));
}
