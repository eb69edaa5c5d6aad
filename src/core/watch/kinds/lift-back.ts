import type { Athlete } from '../../athlete/athlete';
import { exchangeExercise } from '../../block/exchange-exercise';
import { addDays, type LocalDate } from '../../calendar';
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
/** Days at the start of a cut in which costly lifts are usually still done. */
const EARLY_DAYS = 28;

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
    if (next === undefined || input === undefined) return [];
    const begun = cutBefore(athlete, next.plan.startDate, addDays(today, -7 * conventions.samePlanWeeks));
    if (begun === undefined) return [];
    const planned = new Set(block.sessions.flatMap(({ slots }) => slots.map(({ exercise }) => exercise.id)));
    // Done before or early in the cut, and not any more.
    const given = [
      ...new Set(
        exposures.filter(({ date }) => date <= addDays(begun, EARLY_DAYS)).map((one) => one.exerciseId),
      ),
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
    const offered = options.slice(0, MOST);
    if (offered.length === 0) return [];
    const subject = 'lift back';
    return [
      {
        kind: 'lift back',
        id: callId(
          subject,
          offered.map(({ id }) => id),
        ),
        subject,
        week: next.plan.week,
        evidence: {
          kind: 'lift back',
          lifts: offered.flatMap(({ does }) => (does.kind === 'lift back' ? [does.to] : [])),
        },
        options: [...offered, NOTED],
      },
    ];
  },
};

/** The first day of the cut before a gaining phase that began since a day; undefined if there is none. */
function cutBefore({ phases }: Athlete, day: LocalDate, since: LocalDate): LocalDate | undefined {
  const at = phases.findLastIndex(({ from }) => from <= day);
  const gaining = phases[at];
  if (gaining?.phase !== 'gaining' || gaining.from < since) return undefined;
  return phases.slice(0, at).findLast(({ phase }) => phase === 'cutting')?.from;
}

/** Whether a lift stands where a costlier one like it stood. */
function replaces(now: Exercise, lift: Exercise): boolean {
  return (
    now.pattern === lift.pattern &&
    contributionSimilarity(now, lift) >= IN_ITS_PLACE &&
    now.fatigue < lift.fatigue &&
    payoff(now) > payoff(lift)
  );
}
