import type { Muscle } from '../../anatomy/muscle';
import { missingEquipment, placeFor } from '../../athlete/place';
import { newSlot } from '../../block/new-slot';
import { callId } from '../../calls/call';
import { slotsForMore } from '../../calls/slots-with-room';
import { contribution, type Exercise, payoff } from '../../exercises/exercise';
import { LIBRARY } from '../../exercises/library';
import type { CheckInput } from '../../findings/finding';
import { wantedSets } from '../../progression/set-response';
import type { Observation } from '../../recovery/observation';
import { withSetCount } from '../../techniques/registry';
import { setCost } from '../../timing/set-cost';
import { muscleGoal } from '../../volume/goal';
import { checkInputForWeek, nextBuilding, type WatchKind } from '../alert-kind';
import { NOTED, type WatchOption } from '../watch-call';

const SETS = 2;
const MOST = 2;

/**
 * A muscle tolerates more sets, but none of its exercises has room for another one in its range: a further exercise,
 * the best payoff at the place that no session has yet, with two sets.
 */
export const furtherExercise: WatchKind = {
  kind: 'further exercise',
  propose: (watch) => {
    const { block, athlete, blockPlan } = watch;
    const next = nextBuilding(watch);
    const input = next === undefined ? undefined : checkInputForWeek(watch, next.plan);
    if (next === undefined || input === undefined || block.landmarks === 'fixed dose') return [];
    const latest = blockPlan.observations.filter(({ week }) => week === next.plan.week - 1);
    const proposed = new Set<Muscle>();
    return latest.flatMap((observation) => {
      const { muscle, sessionId } = observation;
      if (
        proposed.has(muscle) ||
        muscleGoal(block, athlete, muscle) === 'hold' ||
        !wantsMore(observation, input)
      )
        return [];
      const slots = slotsForMore(muscle, sessionId, {
        block,
        next: next.plan,
        exerciseOf: input.exerciseOf,
        near: input.near,
      });
      if (slots.length === 0 || slots.some(({ room }) => room > 0)) return [];
      const options = furtherFor(muscle, sessionId, input);
      if (options.length === 0) return [];
      proposed.add(muscle);
      const subject = `further exercise/${muscle}`;
      return [
        {
          kind: 'further exercise' as const,
          id: callId(subject, [next.plan.week]),
          subject,
          week: next.plan.week,
          evidence: { kind: 'further exercise' as const, muscle },
          options: [...options, NOTED],
        },
      ];
    });
  },
};

function wantsMore(observation: Observation, { athlete }: CheckInput): boolean {
  const wanted = wantedSets({ ...observation, verdict: observation.performance.verdict }, athlete.style);
  return wanted !== 'recover' && wanted > 0;
}

function furtherFor(muscle: Muscle, sessionId: string, input: CheckInput): readonly WatchOption[] {
  const { block, athlete, week, near } = input;
  const session = block.sessions.find(({ id }) => id === sessionId);
  const planned = week.sessions.find((one) => one.sessionId === sessionId);
  const { measured, landmarks } = week.muscles[muscle];
  if (session === undefined || planned === undefined) return [];
  const perWeek = (SETS * 7) / block.cycleDays;
  if (measured + perWeek > landmarks.ceiling || week.hardSets + perWeek > week.budget) return [];
  const taken = new Set(block.sessions.flatMap(({ slots }) => slots.map(({ exercise }) => exercise.id)));
  const sore = new Set(athlete.joints.map(({ joint }) => joint));
  const place = placeFor(athlete, session.place);
  const value = (exercise: Exercise) => (athlete.level === 'novice' ? exercise.stimulus : payoff(exercise));
  return LIBRARY.filter(
    (one) =>
      contribution(one, muscle) === 1 &&
      one.measure === 'reps' &&
      one.skill === null &&
      !taken.has(one.id) &&
      missingEquipment(one, place).length === 0 &&
      !one.joints.some((joint) => sore.has(joint)),
  )
    .sort((a, b) => value(b) - value(a) || a.name.localeCompare(b.name))
    .flatMap((exercise): WatchOption[] => {
      const fresh = newSlot(`further-${muscle.replaceAll(' ', '-')}-${week.week}`, exercise);
      const slot = { ...fresh, technique: withSetCount(fresh.technique, SETS) };
      const seconds = SETS * setCost(slot, exercise, near.whole);
      if (planned.seconds.high + seconds > athlete.minutes * 60) return [];
      return [
        {
          id: `add ${exercise.id}`,
          does: { kind: 'further exercise', exerciseId: exercise.id, sets: SETS, session: session.name },
          edit: { kind: 'slot/add', session: session.id, after: session.slots.at(-1)?.id ?? null, slot },
        },
      ];
    })
    .slice(0, MOST);
}
