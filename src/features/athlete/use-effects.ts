import { useDeferredValue, useMemo } from 'react';
import type { DecodeAthlete } from '@/client/athlete-draft';
import { type Athlete, type Catalogue, check, comparePlans, type Training, unfold } from '@/core';
import { effectSentences } from '@/ui/words/effects';
import { namesOf } from '@/ui/words/names';

function outlook(running: Training, athlete: Athlete, catalogue: Catalogue) {
  const { block } = running;
  const blockPlan = unfold({ ...running, athlete, exercises: catalogue.find });
  return { blockPlan, findings: check({ block, athlete, blockPlan, exercises: catalogue.find }) };
}

/** What the draft would alter in the running block, worked out behind the typing. */
export function useEffects(
  running: Training | null,
  base: Athlete,
  mine: Athlete,
  catalogue: Catalogue,
  decode: DecodeAthlete | null,
): readonly string[] {
  const wanted = useDeferredValue(mine);
  const before = useMemo(
    () => (running === null ? null : outlook(running, base, catalogue)),
    [running, base, catalogue],
  );
  return useMemo(() => {
    if (running === null || before === null || decode === null || wanted === base) return [];
    const decoded = decode(wanted);
    if (!decoded.ok) return [];
    const after = outlook(running, decoded.value, catalogue);
    return effectSentences(comparePlans(before, after), running.block.name, namesOf(catalogue));
  }, [running, before, base, wanted, catalogue, decode]);
}
