import { startTransition, useEffect, useMemo, useState } from 'react';
import type { BlockSession } from '@/client/block-session';
import type { Finding, Fix } from '@/core';

const keyOf = (finding: Finding, fix: Fix) => `${finding.id} ${JSON.stringify(fix.edit)}`;

/**
 * Findings with those of their fixes that mend them and make nothing else worse. Each fix is tried on the block in a
 * task of its own, so that keys respond between them; until then it is not offered.
 */
export function useSoundFixes(session: BlockSession, findings: readonly Finding[]): readonly Finding[] {
  const [sound, setSound] = useState<ReadonlySet<string>>(new Set());
  useEffect(() => {
    const open = findings.flatMap((finding) => finding.fixes.map((fix) => ({ finding, fix })));
    const found = new Set<string>();
    let timer: ReturnType<typeof setTimeout>;
    const tryFrom = (at: number) => {
      const one = open[at];
      if (one === undefined) return startTransition(() => setSound(found));
      if (session.isSound(one.fix, one.finding, findings)) found.add(keyOf(one.finding, one.fix));
      timer = setTimeout(() => tryFrom(at + 1));
    };
    timer = setTimeout(() => tryFrom(0));
    return () => clearTimeout(timer);
  }, [session, findings]);
  return useMemo(
    () =>
      findings.map((finding) => ({
        ...finding,
        fixes: finding.fixes.filter((fix) => sound.has(keyOf(finding, fix))),
      })),
    [findings, sound],
  );
}
