import { NewAthlete } from '@/features/athlete/new-athlete';
import { Bar } from '@/ui/shell/bar';
import * as common from '@/ui/words/screens/common';
import { requireAsker } from '../../../asker';
import { addNewAthlete } from './actions';

export default async function NewAthletePage() {
  await requireAsker();
  return (
    <>
      <Bar crumbs={[{ name: common.newAthlete }]} />
      <main style={{ padding: '16px' }}>
        <NewAthlete add={addNewAthlete} first={false} />
      </main>
    </>
  );
}
