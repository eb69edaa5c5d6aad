// npm run unit: everything that needs neither database nor browser, in under a minute. Further arguments narrow it,
// as in Jest.
import { bin, ensurePackages, run } from './machine.mjs';

await ensurePackages();
const args = ['--maxWorkers=100%', '--testPathIgnorePatterns', '/src/data/', ...process.argv.slice(2)];
process.exit(await run(bin('jest'), args, { env: { ...process.env, NODE_ENV: 'test' } }));
