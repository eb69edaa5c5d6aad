// Solves linear programs in a thread, so that the server keeps answering. See src/app/solver.ts.
import { parentPort } from 'node:worker_threads';
import loadHighs from 'highs';

const highs = await loadHighs();
parentPort.on('message', ({ program, seconds }) => {
  const { Status, Columns } = highs.solve(program, { time_limit: seconds, mip_rel_gap: 0.001 });
  const isSolved = Status === 'Optimal' || Status === 'Time limit reached';
  const values = Object.entries(Columns).map(([name, column]) => [
    name,
    'Primal' in column ? column.Primal : 0,
  ]);
  parentPort.postMessage(isSolved ? Object.fromEntries(values) : null);
});
