import { randomUUID } from 'node:crypto';
import { closeDatabase } from '../src/data/database';
import { people } from '../src/data/demo/people';
import { addAthlete } from '../src/data/repositories/athletes';
import { addCoach } from '../src/data/repositories/coaches';

/** `tsx e2e/crowd.ts EMAIL COUNT`: gives a coach COUNT athletes, some with very long names. */
const [email = '', count = '0'] = process.argv.slice(2);
const asker = await addCoach({ email, name: 'Crowded Coach', password: 'rung by rung' });
const { maren, devika } = people(randomUUID, new Date().toISOString().slice(0, 10));
for (let at = 0; at < Number(count); at++) {
  const name =
    at % 20 === 0
      ? `Person ${at} ${'van der Achternaam-'.repeat(4)}Lang`
      : `Person ${String(at).padStart(2, '0')}`;
  await addAthlete(asker, { ...(at % 2 === 0 ? maren : devika), id: randomUUID(), name });
}
await closeDatabase();
