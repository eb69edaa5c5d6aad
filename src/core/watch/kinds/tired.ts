import { placeFor } from '../../athlete/place';
import { exchangeExercise } from '../../block/exchange-exercise';
import { callId } from '../../calls/call';
import { type Exercise, payoff } from '../../exercises/exercise';
import { swapCandidates } from '../../exercises/similarity';
import { asPlanned, type CheckInput } from '../../findings/finding';
import { type Placed, substitutesFor } from '../../findings/swap-slots';
import { fatigueSigns } from '../../recovery/check-in';
import { fatigueScore } from '../../recovery/signs';
import { checkInputForWeek, nextBuilding, type Watch, type WatchKind } from '../alert-kind';
import { NOTED, type WatchOption } from '../watch-call';

const MOST_SWAPS = 3;

/**
 * High fatigue in check-in after check-in, with free weights in the plan that load the spine: suggests supported
 * lifts and machines with better payoff.
 */
export const tired: WatchKind = {
  kind: 'tired',
  propose: (watch) => {
    const { checkIns, conventions } = watch;
    const next = nextBuilding(watch);
    const input = next === undefined ? undefined : checkInputForWeek(watch, next.plan);
    const latest = [...checkIns].sort((a, b) => a.date.localeCompare(b.date)).slice(-conventions.tiredTimes);
    const last = latest.at(-1);
    if (next === undefined || input === undefined || last === undefined) return [];
    if (latest.length < conventions.tiredTimes || !latest.every(({ date }) => isTiring(date, watch)))
      return [];
    const options = watch.block.sessions
      .flatMap((session) => session.slots.map((slot): Placed => ({ session, slot })))
      .map((placed) => ({ placed, exercise: input.exerciseOf(asPlanned(placed.slot)) }))
      .filter(({ exercise }) => isFree(exercise))
      .sort(
        (a, b) =>
          b.exercise.axialLoad - a.exercise.axialLoad || a.exercise.name.localeCompare(b.exercise.name),
      )
      .flatMap(({ placed, exercise }) => swapFor(placed, exercise, watch, input))
      .slice(0, MOST_SWAPS);
    if (options.length === 0) return [];
    const subject = 'tired';
    return [
      {
        kind: 'tired',
        id: callId(
          subject,
          latest.map(({ id }) => id),
        ),
        subject,
        week: next.plan.week,
        evidence: { kind: 'tired', times: latest.length, lifts: options.flatMap(fromOf) },
        options: [...options, NOTED],
      },
    ];
  },
};

/** Whether a check-in's fatigue score is high. */
function isTiring(date: string, { checkIns, blockPlan, conventions }: Watch): boolean {
  const score = fatigueSigns(checkIns, blockPlan.observations, date);
  return score !== null && fatigueScore(score, false, conventions).sum >= conventions.signsHoldBack;
}

/** A free-weight exercise that loads the spine. */
function isFree({ equipment, axialLoad }: Exercise): boolean {
  return axialLoad >= 2 && (equipment.includes('barbell') || equipment.includes('dumbbells'));
}

function swapFor(
  placed: Placed,
  exercise: Exercise,
  { athlete }: Watch,
  input: CheckInput,
): readonly WatchOption[] {
  const suits = (one: Exercise) => one.axialLoad < exercise.axialLoad && payoff(one) > payoff(exercise);
  const [best] = swapCandidates(exercise, substitutesFor(placed, input, suits), {
    athlete,
    place: placeFor(athlete, placed.session.place),
    date: input.week.startDate,
    reason: 'tired',
  });
  if (best === undefined) return [];
  const { exercise: to, ...parts } = best;
  return [
    {
      id: `swap ${placed.slot.id}`,
      does: { kind: 'swap', from: exercise.id, to: to.id, parts },
      edit: { kind: 'batch', edits: exchangeExercise(placed.slot, exercise, to) },
    },
  ];
}

const fromOf = ({ does }: WatchOption): readonly string[] => (does.kind === 'swap' ? [does.from] : []);
