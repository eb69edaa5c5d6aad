import { useMemo } from 'react';
import type { BlockSession } from '@/client/block-session';
import { nextToIssue, ok, type WeekState } from '@/core';
import { useDeferred } from '@/ui/use-deferred';
import { useStableCallback } from '@/ui/use-stable-callback';
import type { BlockState } from '../../client/block-state';
import type { Seen } from './focus';
import { columnsOf, rowsOf } from './sheet/layout';
import { useSoundFixes } from './use-sound-fixes';

/** Milliseconds without changes before checks run again. */
const FINDINGS_REST_MS = 100;

/** The block's computed data for display, on any tab. */
export function useBlockFigures(session: BlockSession, state: BlockState) {
  const { training } = state;
  const { block } = state.document;
  const catalogue = session.catalogue();
  const blockPlan = session.plan();
  // Checks may appear later than the figures.
  const judged = useDeferred(
    useMemo(() => ({ block, training, blockPlan }), [block, training, blockPlan]),
    FINDINGS_REST_MS,
  );
  const found = useMemo(() => session.findingsIn(judged), [session, judged]);
  const findings = useSoundFixes(session, found);
  const rows = useMemo(() => rowsOf(block), [block]);
  const weeks = blockPlan.weeks.length;
  // biome-ignore lint/correctness/useExhaustiveDependencies: the columns follow the number of weeks alone
  const columns = useMemo(() => columnsOf(blockPlan), [weeks]);
  const calls = blockPlan.proposals;
  const callCells = useMemo(
    () => new Set(calls.flatMap((call) => ('slotId' in call ? [`${call.week}/${call.slotId}`] : []))),
    [calls],
  );
  const lookAt: Seen['lookAt'] = useStableCallback((edit) => {
    const looked = session.lookAt(edit);
    if (!looked.ok) return looked;
    return ok({ blockPlan: looked.value.blockPlan, findings: session.findingsIn(looked.value) });
  });
  const { athlete } = training;
  return useMemo(
    () => ({
      block,
      athlete,
      catalogue,
      blockPlan,
      findings,
      rows,
      columns,
      calls,
      callCells,
      lookAt,
      /** The first week that can still change. */
      unissued: blockPlan.weeks.find(({ issued }) => issued === null),
      next: nextToIssue(blockPlan),
    }),
    [block, athlete, catalogue, blockPlan, findings, rows, columns, calls, callCells, lookAt],
  );
}

export type BlockFigures = ReturnType<typeof useBlockFigures>;

/**
 * The week whose figures are shown beside a tab: on the Split one that can still change, on the Sheet the cursor's.
 */
export function panelWeek(
  { blockPlan, unissued }: BlockFigures,
  isFrame: boolean,
  week: number | null,
): WeekState | undefined {
  const shown = blockPlan.weeks.find(({ plan }) => plan.week === (week ?? blockPlan.currentWeek));
  return (isFrame ? (unissued ?? shown) : shown) ?? blockPlan.weeks[0];
}
