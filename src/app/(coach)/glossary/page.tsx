import { keyList } from '@/features/block/key-lists';
import { Glossary } from '@/features/glossary/glossary';
import { InBrowser } from '@/ui/in-browser';
import * as screenWords from '@/ui/words/screens/pages';
import { requireAsker } from '../../asker';

export default async function WordsPage() {
  await requireAsker();
  return (
    <InBrowser>
      <Glossary
        keys={[
          [screenWords.sheet, keyList('Sheet')],
          [screenWords.split, keyList('Split')],
          [screenWords.ladder, keyList('Ladder')],
          [screenWords.review, keyList('Review')],
        ]}
      />
    </InBrowser>
  );
}
