import { catalogueWith } from '@/core';
import { catchUp, givenSince, namedExercises, roster, shownTo, waiting } from '@/data';
import { NewAthlete } from '@/features/athlete/new-athlete';
import { Desk } from '@/features/desk/desk';
import { InBrowser } from '@/ui/in-browser';
import { jsonText } from '@/ui/json-text';
import { requireAsker } from '../../asker';
import { addFirst } from '../athletes/new/actions';
import { answer, applyRoutine, issueAll, recall, routineOf, seenPain, take, takeBack } from './actions';
import { deskItems, givenLines, readyLines, URGENCY } from './items';
import { deskLines } from './lines';

/** How long an answer stays in the list where it can be undone. */
const GIVEN_MS = 36 * 3_600_000;

export default async function DeskPage() {
  const asker = await requireAsker();
  const now = new Date();
  const shown = await shownTo(asker);
  await catchUp(asker, [...shown.keys()], now);
  const [all, waits, given, own] = await Promise.all([
    roster(asker, shown),
    waiting(asker, URGENCY, shown),
    givenSince(asker, new Date(now.getTime() - GIVEN_MS), shown),
    namedExercises(asker),
  ]);
  const catalogue = catalogueWith(own);
  const items = deskItems({ lines: all, waiting: waits, catalogue });
  const lines = deskLines(all, waits, now);
  return (
    <InBrowser>
      <Desk
        data={jsonText({
          lines,
          items,
          more: lines.reduce((sum, { waits: theirs }) => sum + theirs, -items.length),
          ready: readyLines(all),
          given: givenLines(given, { lines: all, catalogue }),
          today: now.toISOString().slice(0, 10),
        })}
        firstAthlete={all.length === 0 ? <NewAthlete add={addFirst} first /> : null}
        actions={{ take, answer, seenPain, applyRoutine, routineOf, takeBack, issueAll, recall }}
      />
    </InBrowser>
  );
}
