import { useMemo } from 'react';
import { blockExposures, chosenCurve, conventionsOf, rirBias } from '@/core';
import { useDeferred } from '@/ui/use-deferred';
import { say } from './focus';
import type { BlockScreenUse } from './use-block-screen';
import { WhyStrip } from './why-strip';

/** The reason for the focused figure. It renders a frame later, so that neither navigation nor edits wait for it. */
export default function Why({ screen }: { readonly screen: BlockScreenUse }) {
  const { shown } = screen;
  const now = useMemo(
    () => ({ focus: screen.table.focus, weekState: screen.weekState, shown: screen.shown }),
    [screen.table.focus, screen.weekState, screen.shown],
  );
  const {
    focus,
    weekState,
    shown: { block, athlete, catalogue, blockPlan, findings, rows },
  } = useDeferred(now);
  const bias = useMemo(() => {
    const near = rirBias(
      blockExposures(blockPlan.weeks, athlete, catalogue.newest),
      chosenCurve(athlete.effort),
      conventionsOf({ own: athlete.conventions, block: block.conventions }),
    );
    return near?.steady === true ? near.mean : null;
  }, [blockPlan, athlete, catalogue, block.conventions]);
  // biome-ignore lint/correctness/useExhaustiveDependencies: what an edit would come to follows from block and plan
  const said = useMemo(
    () =>
      say(focus, {
        block,
        athlete,
        catalogue,
        blockPlan,
        findings,
        rows,
        weekState,
        bias,
        lookAt: shown.lookAt,
      }),
    [focus, block, athlete, catalogue, blockPlan, findings, rows, weekState, bias],
  );
  return <WhyStrip said={said} />;
}
