import { keyList } from '@/features/block/key-lists';
import { Words } from '@/features/words/words';
import { InBrowser } from '@/ui/in-browser';
import { requireAsker } from '../../asker';

export default async function WordsPage() {
  await requireAsker();
  return (
    <InBrowser>
      <Words
        keys={[
          ['the Sheet', keyList('Sheet')],
          ['the Frame', keyList('Frame')],
          ['the Ladder', keyList('Ladder')],
          ['the Review', keyList('Review')],
        ]}
      />
    </InBrowser>
  );
}
