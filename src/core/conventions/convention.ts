/**
 * Every number of the practice that a coach may argue with: its name, unit, default and reason. Rules read these and
 * hold no figures of their own. Tables with one value per muscle (landmarks) stand beside the rule that reads them.
 */
export interface Convention {
  readonly name: string;
  readonly unit: string;
  readonly default: number;
  readonly reason: string;
}
