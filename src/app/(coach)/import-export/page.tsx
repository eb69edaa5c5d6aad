import { athleteNames, exercisesOf, importNames } from '@/data';
import { ImportExportScreen } from '@/features/import-export/import-export';
import { InBrowser } from '@/ui/in-browser';
import { requireAsker } from '../../asker';
import { localDate } from '../../local-date';
import { profile } from './actions';

export default async function FilesPage() {
  const asker = await requireAsker();
  const [athletes, names, own] = await Promise.all([
    athleteNames(asker),
    importNames(asker),
    exercisesOf(asker),
  ]);
  return (
    <InBrowser>
      <ImportExportScreen
        data={{
          athletes: athletes.map(({ id, name }) => ({ id, name })),
          names,
          ownExercises: own,
          today: localDate('UTC'),
        }}
        actions={{ profile }}
      />
    </InBrowser>
  );
}
