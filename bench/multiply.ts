import { closeDatabase, database } from '../src/data/database';
import { multiply, multiplyBlocks } from '../src/data/demo/multiply';

/** Repeats what is in a database, for measuring: `BLOCKS COACHES`, every block so often, then every coach with all that is theirs. */
const [blocks = '1', coaches = '1'] = process.argv.slice(2);
await multiplyBlocks(database(), Number(blocks));
await multiply(database(), Number(coaches));
await closeDatabase();
