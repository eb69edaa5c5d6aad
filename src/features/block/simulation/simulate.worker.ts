import { BlockSimulation, catalogueWith } from '@/core';
import type { SimulationChunk, SimulationTask } from './contract';

self.onmessage = ({ data }: MessageEvent<SimulationTask>) => {
  const { blocks, athlete, ownExercises, model, runs, seeds } = data;
  const exercises = catalogueWith(ownExercises).find;
  const simulations = blocks.map((block) => new BlockSimulation({ block, athlete, exercises, model }));
  for (const seed of seeds) {
    const said: SimulationChunk = { runs: simulations.map((one) => one.run(runs, seed)) };
    self.postMessage(said);
  }
};
