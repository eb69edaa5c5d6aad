import { roster } from '@/data';
import { NewAthlete } from '@/features/athlete/new-athlete';
import { Desk } from '@/features/desk/desk';
import { requireAsker } from '../../asker';
import { addFirst } from '../athletes/new/actions';

export default async function DeskPage() {
  const asker = await requireAsker();
  const lines = await roster(asker);
  return (
    <Desk
      lines={lines}
      today={new Date().toISOString().slice(0, 10)}
      firstAthlete={lines.length === 0 ? <NewAthlete add={addFirst} first /> : null}
    />
  );
}
