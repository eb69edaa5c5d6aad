/** Nouns that are counted on screen, as one and as several. The key is the noun the code uses. */
const NOUNS = {
  alert: ['alert', 'alerts'],
  athlete: ['athlete', 'athletes'],
  'archived athlete': ['archived athlete', 'archived athletes'],
  'big set': ['big set', 'big sets'],
  block: ['block', 'blocks'],
  call: ['proposed change', 'proposed changes'],
  cell: ['cell', 'cells'],
  change: ['change', 'changes'],
  'check-in': ['check-in', 'check-ins'],
  'clean rep': ['clean rep', 'clean reps'],
  convention: ['number', 'numbers'],
  day: ['day', 'days'],
  drop: ['drop', 'drops'],
  'earlier week': ['earlier week', 'earlier weeks'],
  'easy set': ['easy set', 'easy sets'],
  exercise: ['exercise', 'exercises'],
  field: ['field', 'fields'],
  finding: ['check', 'checks'],
  'full day': ['full day', 'full days'],
  'growing muscle': ['growing muscle', 'growing muscles'],
  'hard set': ['hard set', 'hard sets'],
  hold: ['hold', 'holds'],
  'irritated joint': ['irritated joint', 'irritated joints'],
  landmark: ['volume limit', 'volume limits'],
  'less urgent alert': ['less urgent alert', 'less urgent alerts'],
  line: ['line', 'lines'],
  load: ['load', 'loads'],
  'logged set': ['logged set', 'logged sets'],
  measurement: ['measurement', 'measurements'],
  'more line': ['more line', 'more lines'],
  muscle: ['muscle', 'muscles'],
  note: ['note', 'notes'],
  number: ['number', 'numbers'],
  'own exercise': ['own exercise', 'own exercises'],
  pair: ['pair', 'pairs'],
  partial: ['partial', 'partials'],
  'planned load': ['planned load', 'planned loads'],
  'recovery code': ['recovery code', 'recovery codes'],
  rep: ['rep', 'reps'],
  report: ['check-in', 'check-ins'],
  revision: ['revision', 'revisions'],
  round: ['round', 'rounds'],
  rule: ['rule', 'rules'],
  session: ['session', 'sessions'],
  set: ['set', 'sets'],
  'set proposal': ['set change', 'set changes'],
  slot: ['exercise', 'exercises'],
  'straight set': ['straight set', 'straight sets'],
  technique: ['technique', 'techniques'],
  template: ['template', 'templates'],
  week: ['week', 'weeks'],
} as const satisfies Readonly<Record<string, readonly [one: string, several: string]>>;

export type Noun = keyof typeof NOUNS;

const RULES = new Intl.PluralRules('en');

/** The noun alone, in the form that goes with a number: `set`, `sets`. */
export function nounFor(many: number, noun: Noun): string {
  const [one, several] = NOUNS[noun];
  return RULES.select(many) === 'one' ? one : several;
}
