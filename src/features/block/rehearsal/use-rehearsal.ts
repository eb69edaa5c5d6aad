import { useEffect, useRef, useState } from 'react';
import type { RehearsalAsked, RehearsalSaid } from './contract';

/** A rehearsal in a worker of its own: the page stays as quick as it was, and it can be stopped. */
export function useRehearsal() {
  const worker = useRef<Worker | null>(null);
  const [said, setSaid] = useState<RehearsalSaid | null>(null);
  const [runs, setRuns] = useState<number | null>(null);
  const [failed, setFailed] = useState(false);
  const stop = () => {
    worker.current?.terminate();
    worker.current = null;
    setRuns(null);
  };
  useEffect(() => () => worker.current?.terminate(), []);
  const start = (asked: RehearsalAsked) => {
    stop();
    setSaid(null);
    setFailed(false);
    setRuns(asked.runs);
    const made = new Worker(new URL('./rehearse.worker.ts', import.meta.url), { type: 'module' });
    made.onmessage = ({ data }: MessageEvent<RehearsalSaid>) => {
      setSaid(data);
      if (data.done >= asked.runs) stop();
    };
    made.onerror = () => {
      setFailed(true);
      stop();
    };
    made.postMessage(asked);
    worker.current = made;
  };
  return { said, failed, runs, start, stop };
}
