/** A linear program with integer variables, and its text in the CPLEX LP format read by solvers. */
export interface LinearProgram {
  readonly minimise: readonly Term[];
  readonly rows: readonly LinearRow[];
  readonly variables: readonly Variable[];
}

export interface Term {
  readonly variable: string;
  readonly factor: number;
}

/** `terms <= bound`, `terms >= bound`, or both if they are equal. */
export interface LinearRow {
  readonly name: string;
  readonly terms: readonly Term[];
  readonly least?: number;
  readonly most?: number;
}

export interface Variable {
  readonly name: string;
  readonly least: number;
  readonly most: number | null;
  readonly whole: boolean;
}

/** Values of the variables by name; null if no values satisfy all rows. */
export type Solution = Readonly<Record<string, number>> | null;

/** Solves a program's text; passed in, so that the core needs no solver. */
export type Solve = (program: string) => Promise<Solution>;

/** Terms per line: the format limits the length of lines. */
const PER_LINE = 8;

function sum(terms: readonly Term[]): string {
  if (terms.length === 0) return '0 nothing';
  const parts = terms.map(({ variable, factor }) => {
    const sign = factor < 0 ? '-' : '+';
    return `${sign} ${Number(Math.abs(factor).toFixed(9))} ${variable}`;
  });
  const lines: string[] = [];
  for (let at = 0; at < parts.length; at += PER_LINE) lines.push(parts.slice(at, at + PER_LINE).join(' '));
  return lines.join('\n  ');
}

/** The program as text. */
export function programText({ minimise, rows, variables }: LinearProgram): string {
  const constraints = rows.flatMap(({ name, terms, least, most }) => [
    ...(least === undefined ? [] : [` ${name}_l: ${sum(terms)} >= ${least}`]),
    ...(most === undefined ? [] : [` ${name}_m: ${sum(terms)} <= ${most}`]),
  ]);
  const bounds = variables.map(({ name, least, most }) =>
    most === null ? ` ${name} >= ${least}` : ` ${least} <= ${name} <= ${most}`,
  );
  const whole = variables.filter((variable) => variable.whole).map(({ name }) => ` ${name}`);
  return [
    'Minimize',
    ` obj: ${sum(minimise)}`,
    'Subject To',
    ...constraints,
    'Bounds',
    ...bounds,
    ...(whole.length === 0 ? [] : ['General', ...whole]),
    'End',
    '',
  ].join('\n');
}
