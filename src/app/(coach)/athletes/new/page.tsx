import { NewAthlete } from '@/features/athlete/new-athlete';
import { Bar } from '@/ui/shell/bar';
import { requireAsker } from '../../../asker';
import { addFirst } from './actions';

export default async function NewAthletePage() {
  await requireAsker();
  return (
    <>
      <Bar crumbs={[{ name: 'New athlete' }]} />
      <main style={{ padding: '16px' }}>
        <NewAthlete add={addFirst} first={false} />
      </main>
    </>
  );
}
