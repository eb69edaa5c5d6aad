/** What a load is called where it is typed. */
export function loadLabel(loading: string, unit: string): string {
  if (loading === 'bodyweight') return `${unit} added`;
  if (loading === 'band') return `${unit} band`;
  return loading === 'dumbbell' ? `${unit} each` : unit;
}
