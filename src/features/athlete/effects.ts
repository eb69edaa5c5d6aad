import { type Athlete, type Catalogue, comparePlans, runChecks, type Training, unfold } from '@/core';
import { effectSentences } from '@/ui/words/effects';
import { namesOf } from '@/ui/words/names';

function outlook(running: Training, athlete: Athlete, catalogue: Catalogue) {
  const { block } = running;
  const blockPlan = unfold({ ...running, athlete, exercises: catalogue.find });
  return { blockPlan, findings: runChecks({ block, athlete, blockPlan, exercises: catalogue.find }) };
}

/** The effects of a change of the athlete on the running block, in sentences. */
export function effectsOf(
  running: Training,
  before: Athlete,
  after: Athlete,
  catalogue: Catalogue,
): readonly string[] {
  return effectSentences(
    comparePlans(outlook(running, before, catalogue), outlook(running, after, catalogue)),
    running.block.name,
    namesOf(catalogue),
  );
}
