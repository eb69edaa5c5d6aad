import { catalogueWith, Rehearsing } from '@/core';
import type { RehearsalAsked, RehearsalSaid } from './contract';

/** Runs after which the page hears how it goes. */
const CHUNK = 10;

self.onmessage = ({ data }: MessageEvent<RehearsalAsked>) => {
  const { blocks, athlete, ownExercises, model, runs, seed } = data;
  const exercises = catalogueWith(ownExercises).find;
  const rehearsing = blocks.map((block) => new Rehearsing({ block, athlete, exercises, model }, seed));
  for (let done = 0; done < runs; done += CHUNK) {
    const many = Math.min(CHUNK, runs - done);
    for (const one of rehearsing) one.run(many);
    const said: RehearsalSaid = { done: done + many, results: rehearsing.map((one) => one.result()) };
    self.postMessage(said);
  }
};
