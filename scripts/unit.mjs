// npm run unit: everything that needs no database and no browser, under a minute. More words narrow it, as Jest does.
import { bin, ensurePackages, run } from './machine.mjs';

await ensurePackages();
const args = ['--maxWorkers=100%', '--testPathIgnorePatterns', '/src/data/', ...process.argv.slice(2)];
process.exit(await run(bin('jest'), args, { env: { ...process.env, NODE_ENV: 'test' } }));
