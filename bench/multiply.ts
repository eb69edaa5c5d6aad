import { closeDatabase, database } from '../src/data/database';
import { multiply, multiplyBlocks } from '../src/data/demo/multiply';

/**
 * Multiplies the contents of a database for measuring. `BLOCKS COACHES`: copies every block BLOCKS times, then every
 * coach with all of their data COACHES times.
 */
const [blocks = '1', coaches = '1'] = process.argv.slice(2);
await multiplyBlocks(database(), Number(blocks));
await multiply(database(), Number(coaches));
await closeDatabase();
