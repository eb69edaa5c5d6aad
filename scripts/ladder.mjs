// npm run -s ladder -- unfold|check|time|volume block.json: the training engine on a file, no database; prints JSON.
import { bin, ensurePackages, run } from './machine.mjs';

await ensurePackages();
process.exit(await run(bin('tsx'), ['src/cli/ladder.ts', ...process.argv.slice(2)], { cwd: process.cwd() }));
