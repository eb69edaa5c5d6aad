/**
 * Every number of the practice that a coach may disagree with: name, unit, default and reason. Rules read these and
 * contain no figures of their own. Tables with a value per muscle (volume ranges) are beside the rule that reads
 * them.
 */
export interface Convention {
  readonly name: string;
  readonly unit: string;
  readonly default: number;
  readonly reason: string;
}
