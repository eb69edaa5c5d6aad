import { exerciseById } from '../exercises/library';
import { exerciseGate, mayFail } from './gates';
import { startOf, type TechniqueParameters } from './registry';

const gate = (id: string, technique: TechniqueParameters, safety = '') => {
  const exercise = exerciseById(id);
  if (exercise === undefined) throw new Error(`no ${id}`);
  return exerciseGate({ technique, safety }, exercise);
};
const partials = { ...startOf('partials after failure'), toFailure: false } as TechniqueParameters;
const topPartials = { ...startOf('top + back-offs'), topPartials: 2 } as TechniqueParameters;

test('a deadlift can be set down, so failure is allowed but not what continues after the full reps', () => {
  const deadlift = exerciseById('deadlift');
  expect(deadlift !== undefined && mayFail(deadlift, '')).toBe(true);
  expect(gate('deadlift', startOf('straight'))).toBeNull();
  expect(gate('deadlift', partials)).toBe('unsafe alone');
  expect(gate('deadlift', topPartials)).toBe('unsafe alone');
  expect(gate('deadlift', startOf('top + back-offs'))).toBeNull();
  expect(gate('deadlift', partials, 'straps and low pins')).toBeNull();
  expect(gate('leg-extension', partials)).toBeNull();
});
