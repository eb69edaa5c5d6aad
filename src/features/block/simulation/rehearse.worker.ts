import { catalogueWith, Rehearsing } from '@/core';
import type { RehearsalAsked, RehearsalSaid } from './contract';

self.onmessage = ({ data }: MessageEvent<RehearsalAsked>) => {
  const { blocks, athlete, ownExercises, model, runs, seeds } = data;
  const exercises = catalogueWith(ownExercises).find;
  const rehearsing = blocks.map((block) => new Rehearsing({ block, athlete, exercises, model }));
  for (const seed of seeds) {
    const said: RehearsalSaid = { runs: rehearsing.map((one) => one.run(runs, seed)) };
    self.postMessage(said);
  }
};
