import { database } from '@/data';
import * as words from '@/ui/words/screens/pages';

export const dynamic = 'force-dynamic';

/**
 * Whether the application and its database answer: one primary-key query, for monitoring and as the bench's
 * reference.
 */
export default async function Status() {
  await database().query("SELECT id FROM coaches WHERE id = '-'");
  return <p>{words.theApplicationAndItsDatabase}</p>;
}
