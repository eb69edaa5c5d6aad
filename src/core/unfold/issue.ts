import { conventionsOf } from '../conventions/own-conventions';
import type { Exercise } from '../exercises/exercise';
import type { BlockPlan } from '../plan/block-plan';
import type { SessionPlan } from '../plan/session';
import type { IssuedWeek } from '../plan/week-state';
import type { Problem } from '../problem';
import { ENGINE_VERSION, type UnfoldInput } from './input';
import { unfold } from './unfold';

/** Why a week cannot be sent. */
export type IssueRefusal =
  | { readonly code: 'no-such-week' }
  | { readonly code: 'already-issued' }
  | { readonly code: 'earlier-week-unissued'; readonly week: number }
  | Problem;

/** The next week that may be sent: the first unsent one; undefined if all are sent. */
export function nextToIssue(blockPlan: BlockPlan): number | undefined {
  return blockPlan.weeks.find(({ issued }) => issued === null)?.plan.week;
}

/** The facts of all exercises in some sessions, by id. */
export function exerciseFacts(
  sessions: readonly SessionPlan[],
  lookup: UnfoldInput['exercises'],
): Readonly<Record<string, Exercise>> {
  const exercises: Record<string, Exercise> = {};
  for (const slot of sessions.flatMap((session) => session.slots)) {
    const exercise = lookup({ id: slot.exerciseId, revision: slot.exerciseRevision });
    if (exercise !== undefined) exercises[exercise.id] = exercise;
  }
  return exercises;
}

/**
 * Freezes a week for sending: its sets with reasons, the rules, the exercise facts and the engine version. Weeks are
 * sent in order.
 */
export function freezeWeek(
  input: UnfoldInput,
  week: number,
  issue: { readonly id: string; readonly at: string },
):
  | { readonly ok: true; readonly value: IssuedWeek }
  | { readonly ok: false; readonly refusal: IssueRefusal } {
  const refuse = (refusal: IssueRefusal) => ({ ok: false, refusal }) as const;
  const { sessions } = input.block;
  if (sessions.length === 0) return refuse({ code: 'no-sessions', path: 'block/sessions' });
  const bare = sessions.find((session) => session.slots.length === 0);
  if (bare !== undefined)
    return refuse({ code: 'session-without-slots', path: `session/${bare.id}`, session: bare.name });
  const blockPlan = unfold(input);
  const weekState = blockPlan.weeks.find(({ plan }) => plan.week === week);
  if (weekState === undefined) return refuse({ code: 'no-such-week' });
  if (weekState.issued !== null) return refuse({ code: 'already-issued' });
  const next = nextToIssue(blockPlan);
  if (next !== undefined && next < week) return refuse({ code: 'earlier-week-unissued', week: next });
  return {
    ok: true,
    value: {
      id: issue.id,
      week,
      issuedAt: issue.at,
      engine: ENGINE_VERSION,
      conventions: conventionsOf({ own: input.athlete.conventions, block: input.block.conventions }),
      exercises: exerciseFacts(weekState.plan.sessions, input.exercises),
      plan: weekState.plan,
    },
  };
}
