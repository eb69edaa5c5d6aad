import { useEffect, useMemo, useRef, useState } from 'react';
import { type Run, type Simulation, summariseRuns } from '@/core';
import type { SimulationChunk, SimulationTask } from './contract';

/** Runs between progress reports. */
const CHUNK = 10;
/** More workers add little. */
const MOST_WORKERS = 4;

type Asked = Omit<SimulationTask, 'seeds' | 'runs'> & { readonly times: number };

/** A simulation's progress and results so far, by block. */
export interface SimulationState {
  readonly done: number;
  readonly results: readonly Simulation[];
}

function terminate(workers: readonly Worker[]): void {
  for (const worker of workers) worker.terminate();
}

/**
 * A simulation in workers, as many as the machine can spare: the page stays responsive, and it can be stopped.
 * Results do not depend on their number.
 */
export function useSimulation() {
  const workers = useRef<readonly Worker[]>([]);
  const [lived, setLived] = useState<readonly (readonly Run[])[] | null>(null);
  const [times, setTimes] = useState<number | null>(null);
  const [failed, setFailed] = useState(false);
  const end = () => {
    terminate(workers.current);
    workers.current = [];
  };
  const stop = () => {
    end();
    setTimes(null);
  };
  useEffect(() => () => terminate(workers.current), []);
  const start = ({ times: many, ...asked }: Asked) => {
    end();
    setLived(null);
    setFailed(false);
    setTimes(many);
    const count = Math.max(1, Math.min(MOST_WORKERS, navigator.hardwareConcurrency - 1));
    const chunks = Array.from({ length: Math.ceil(many / CHUNK) }, (_, at) => at + 1);
    let all: readonly (readonly Run[])[] = asked.blocks.map(() => []);
    workers.current = Array.from({ length: count }, (_, at) => {
      const worker = new Worker(new URL('./simulate.worker.ts', import.meta.url), { type: 'module' });
      worker.onmessage = ({ data }: MessageEvent<SimulationChunk>) => {
        all = all.map((runs, block) => [...runs, ...(data.runs[block] ?? [])]);
        setLived(all);
        if ((all[0]?.length ?? 0) >= many) stop();
      };
      worker.onerror = () => {
        setFailed(true);
        stop();
      };
      const seeds = chunks.filter((chunk) => chunk % count === at);
      worker.postMessage({ ...asked, seeds, runs: CHUNK } satisfies SimulationTask);
      return worker;
    });
  };
  const said = useMemo(
    (): SimulationState | null =>
      lived === null ? null : { done: lived[0]?.length ?? 0, results: lived.map(summariseRuns) },
    [lived],
  );
  return { said, failed, times, start, stop };
}
