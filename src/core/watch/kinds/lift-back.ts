import { phaseOn } from '../../athlete/athlete';
import { exchangeExercise } from '../../block/exchange-exercise';
import { addDays } from '../../calendar';
import { callId } from '../../calls/call';
import { type Exercise, payoff } from '../../exercises/exercise';
import { exerciseById } from '../../exercises/library';
import { contributionSimilarity } from '../../exercises/similarity';
import { asPlanned } from '../../findings/finding';
import { substitutesFor } from '../../findings/swap-slots';
import { checkInputForWeek, nextBuilding, type WatchKind } from '../alert-kind';
import { NOTED, type WatchOption } from '../watch-call';

/** A lift that costs this much is given up first in a cut. */
const COSTLY = 4;
/** Least likeness of the lift that took its place. */
const IN_ITS_PLACE = 0.8;
const MOST = 2;

/**
 * The athlete gains again after a cut: costly big lifts that were given up for cheaper ones may return, each in the
 * place of what replaced it.
 */
export const liftBack: WatchKind = {
  kind: 'lift back',
  propose: (watch) => {
    const { athlete, block, exposures, today, conventions } = watch;
    const next = nextBuilding(watch);
    const input = next === undefined ? undefined : checkInputForWeek(watch, next.plan);
    const since = addDays(today, -7 * conventions.samePlanWeeks);
    const cut = athlete.phases.filter(
      ({ from, phase }) => phase === 'cutting' && from >= since && from <= today,
    );
    const begun = cut.at(-1)?.from;
    if (next === undefined || input === undefined || begun === undefined) return [];
    if (phaseOn(athlete, next.plan.startDate) !== 'gaining') return [];
    const planned = new Set(block.sessions.flatMap(({ slots }) => slots.map(({ exercise }) => exercise.id)));
    // Done before or early in the cut, and not any more.
    const given = [
      ...new Set(exposures.filter(({ date }) => date <= addDays(begun, 28)).map((one) => one.exerciseId)),
    ]
      .filter((id) => !planned.has(id))
      .flatMap((id) => exerciseById(id) ?? [])
      .filter(({ fatigue, kind }) => kind === 'compound' && fatigue >= COSTLY);
    const options = given.flatMap((lift): WatchOption[] => {
      const placed = block.sessions
        .flatMap((session) => session.slots.map((slot) => ({ session, slot })))
        .find((one) => {
          const now = input.exerciseOf(asPlanned(one.slot));
          return replaces(now, lift) && substitutesFor(one, input).some(({ id }) => id === lift.id);
        });
      if (placed === undefined) return [];
      const from = input.exerciseOf(asPlanned(placed.slot));
      return [
        {
          id: `swap ${lift.id}`,
          does: { kind: 'lift back', from: from.id, to: lift.id },
          edit: { kind: 'batch', edits: exchangeExercise(placed.slot, from, lift) },
        },
      ];
    });
    if (options.length === 0) return [];
    const subject = 'lift back';
    return [
      {
        kind: 'lift back',
        id: callId(
          subject,
          options.map(({ id }) => id),
        ),
        subject,
        week: next.plan.week,
        evidence: {
          kind: 'lift back',
          lifts: options.flatMap(({ does }) => (does.kind === 'lift back' ? [does.to] : [])),
        },
        options: [...options.slice(0, MOST), NOTED],
      },
    ];
  },
};

/** Whether a lift stands where a costlier one like it stood. */
function replaces(now: Exercise, lift: Exercise): boolean {
  return (
    now.pattern === lift.pattern &&
    contributionSimilarity(now, lift) >= IN_ITS_PLACE &&
    now.fatigue < lift.fatigue &&
    payoff(now) > payoff(lift)
  );
}
