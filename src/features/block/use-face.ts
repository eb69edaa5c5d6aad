import { useEffect, useState } from 'react';
import { FACES, type Face } from '@/client/commands';

/** Which face of the block is shown; the address follows it. */
export function useFace(onLeaveSheet: () => void): readonly [Face, (face: Face) => void] {
  const [face, setFace] = useState<Face>('Sheet');
  // biome-ignore lint/correctness/useExhaustiveDependencies: the address is read once, when the page has opened
  useEffect(() => {
    const asked = FACES.find((name) => window.location.hash === `#${name.toLowerCase()}`);
    if (asked === undefined || asked === 'Sheet') return;
    setFace(asked);
    onLeaveSheet();
  }, []);
  const show = (next: Face) => {
    setFace(next);
    if (next !== 'Sheet') onLeaveSheet();
    window.history.replaceState(null, '', `#${next.toLowerCase()}`);
  };
  return [face, show];
}
