import { MUSCLES, type Muscle } from '../anatomy/muscle';
import type { Session } from '../block/block';
import { contribution, payoff } from '../exercises/exercise';
import { startingSets } from '../volume/landmarks';
import { mostWhileMaintained } from '../volume/maintained';
import { type BalanceInput, balanceChoices, type Choice, weeklySets } from './choices';
import type { LinearProgram, LinearRow, Term, Variable } from './linear';

/**
 * Costs: moving a growing muscle further from its target outweighs everything; then each set below target, double for
 * a priority muscle; then sets of a maintained muscle far above maintenance; then each changed set.
 */
const PRICE = { loss: 50_000, short: 1000, priority: 2000, over: 400, held: 20, change: 1, fill: 0.05 };

/** The week as a program: choices, costs and limits. */
export interface Model {
  readonly program: LinearProgram;
  readonly choices: readonly Choice[];
  readonly targets: ReadonlyMap<Muscle, number>;
}

/** Seconds of a session outside its sets: warm-ups and time between exercises. */
function fixedSeconds(session: Session, choices: readonly Choice[], { week }: BalanceInput): number {
  const planned = week.sessions.find(({ sessionId }) => sessionId === session.id);
  const sets = choices
    .filter((one) => one.session.id === session.id)
    .reduce((total, { now, seconds }) => total + now * seconds, 0);
  return Math.max(0, (planned?.seconds.high ?? 0) - sets);
}

/** The program of a week. */
export function balanceProgram(input: BalanceInput): Model {
  const { block, athlete, week, conventions, near } = input;
  const perWeek = 7 / block.cycleDays;
  const choices = balanceChoices(input);
  const targets = new Map<Muscle, number>();
  const minimise: Term[] = [];
  const rows: LinearRow[] = [];
  const variables: Variable[] = [];
  const term = (variable: string, factor: number): Term => ({ variable, factor });
  const real = (name: string) => variables.push({ name, least: 0, most: null, whole: false });

  for (const { sets, taken, least, most, now, exercise } of choices) {
    variables.push({ name: sets, least: taken === null ? least : 0, most, whole: true });
    if (taken !== null) {
      variables.push({ name: taken, least: 0, most: 1, whole: true });
      rows.push({ name: `need_${sets}`, terms: [term(sets, 1), term(taken, -most)], most: 0 });
      rows.push({ name: `some_${sets}`, terms: [term(sets, 1), term(taken, -least)], least: 0 });
      minimise.push(term(sets, PRICE.change), term(taken, PRICE.fill * (6 - payoff(exercise))));
      continue;
    }
    const [up, down] = [`u_${sets}`, `d_${sets}`];
    real(up);
    real(down);
    const moved = [term(sets, 1), term(up, -1), term(down, 1)];
    rows.push({ name: `move_${sets}`, terms: moved, least: now, most: now });
    minimise.push(term(up, PRICE.change), term(down, PRICE.change));
  }

  const ofUnfilled = new Map<string, Choice[]>();
  for (const choice of choices) {
    if (choice.taken !== null)
      ofUnfilled.set(choice.slot.id, [...(ofUnfilled.get(choice.slot.id) ?? []), choice]);
  }
  [...ofUnfilled.values()].forEach((list, at) => {
    const terms = list.map(({ taken }) => term(taken as string, 1));
    rows.push({ name: `one_${at}`, terms, least: 1, most: 1 });
  });
  // An exercise fills at most one open slot of a session.
  const twice = new Map<string, Term[]>();
  for (const { session, exercise, taken } of choices) {
    const key = `${session.id}/${exercise.id}`;
    if (taken !== null) twice.set(key, [...(twice.get(key) ?? []), term(taken, 1)]);
  }
  [...twice.values()].forEach((terms, at) => {
    if (terms.length > 1) rows.push({ name: `once_${at}`, terms, most: 1 });
  });

  MUSCLES.forEach((muscle, at) => {
    const { goal, landmarks } = week.muscles[muscle];
    const terms = choices.flatMap(({ sets, exercise, credit }) => {
      const share = contribution(exercise, muscle) * credit * perWeek;
      return share === 0 ? [] : [term(sets, share)];
    });
    if (terms.length > 0) {
      const over = `over_${at}`;
      real(over);
      minimise.push(term(over, PRICE.over));
      rows.push({ name: `ceiling_${at}`, terms: [...terms, term(over, -1)], most: landmarks.ceiling });
    }
    if (goal === 'hold') {
      // Maintained muscles are reduced if their direct work is far above maintenance.
      if (!choices.some(({ exercise }) => contribution(exercise, muscle) === 1)) return;
      const most = mostWhileMaintained(landmarks.hold, conventions);
      const held = `held_${at}`;
      real(held);
      minimise.push(term(held, PRICE.held));
      rows.push({ name: `hold_${at}`, terms: [...terms, term(held, -1)], most });
      return;
    }
    const target = Math.min(startingSets(landmarks, goal), landmarks.ceiling);
    targets.set(muscle, target);
    const short = `short_${at}`;
    real(short);
    minimise.push(term(short, goal === 'priority' ? PRICE.priority : PRICE.short));
    rows.push({ name: `target_${at}`, terms: [...terms, term(short, 1)], least: target });
    // A muscle does not gain sets at the cost of another that needs them.
    const now = weeklySets(muscle, choices, block.cycleDays, (choice) => choice.now);
    if (now === 0) return;
    const loss = `loss_${at}`;
    real(loss);
    minimise.push(term(loss, PRICE.loss));
    rows.push({ name: `kept_${at}`, terms: [...terms, term(loss, 1)], least: Math.min(now, target) });
  });

  for (const [at, session] of block.sessions.entries()) {
    const here = choices.filter((one) => one.session.id === session.id);
    if (here.length === 0) continue;
    // A session that is already too long gets no longer; existing sets may always stay.
    const now = here.reduce((sum, one) => sum + one.now * one.seconds, 0);
    const limit = Math.max(athlete.minutes * 60 - fixedSeconds(session, choices, input), now);
    rows.push({
      name: `time_${at}`,
      terms: here.map(({ sets, seconds }) => term(sets, seconds)),
      most: limit,
    });
    MUSCLES.forEach((muscle, k) => {
      const terms = here.flatMap(({ sets, exercise, credit }) => {
        const share = contribution(exercise, muscle) * credit;
        return share === 0 ? [] : [term(sets, share)];
      });
      const now = here.reduce(
        (sum, one) => sum + contribution(one.exercise, muscle) * one.credit * one.now,
        0,
      );
      if (terms.length > 0)
        rows.push({ name: `cap_${at}_${k}`, terms, most: Math.max(near.ofMuscle(muscle).sessionCap, now) });
    });
  }
  rows.push({
    name: 'budget',
    terms: choices.map(({ sets, credit }) => term(sets, credit * perWeek)),
    most: Math.max(
      week.budget,
      choices.reduce((sum, { now, credit }) => sum + now * credit * perWeek, 0),
    ),
  });
  return { program: { minimise, rows, variables }, choices, targets };
}
