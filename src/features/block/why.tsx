import { useDeferredValue, useMemo } from 'react';
import { say } from './focus';
import type { BlockScreenUse } from './use-block-screen';
import { WhyStrip } from './why-strip';

/** Why the figure in focus is what it is. It follows the focus when there is time: moving on never waits for it. */
export default function Why({ screen }: { readonly screen: BlockScreenUse }) {
  const { shown, weekState } = screen;
  const focus = useDeferredValue(screen.table.focus);
  const { block, athlete, catalogue, blockPlan, findings, rows } = shown;
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
        lookAt: shown.lookAt,
      }),
    [focus, block, athlete, catalogue, blockPlan, findings, rows, weekState],
  );
  return <WhyStrip said={said} />;
}
