import { catalogueWith } from '@/core';
import { answersSince, exercisesOf, refreshChangedBlocks, roster, sharedWith, waiting } from '@/data';
import { NewAthlete } from '@/features/athlete/new-athlete';
import { Desk } from '@/features/desk/desk';
import { InBrowser } from '@/ui/in-browser';
import { toJsonText } from '@/ui/json-text';
import { requireAsker } from '../../asker';
import { addNewAthlete } from '../athletes/new/actions';
import {
  answer,
  applyOption,
  applyRoutine,
  markAllPainSeen,
  recall,
  routineLines,
  sendWeeks,
  undoAnswers,
} from './actions';
import { deskItems, recentDecisionLines, sendableLines, URGENCY } from './items';
import { deskLines } from './lines';

/** How long an answer stays in the list where it can be undone. */
const GIVEN_MS = 36 * 3_600_000;

export default async function DeskPage() {
  const asker = await requireAsker();
  const now = new Date();
  const shown = await sharedWith(asker);
  await refreshChangedBlocks(asker, [...shown.keys()], now);
  const [all, waits, given, own] = await Promise.all([
    roster(asker, shown),
    waiting(asker, URGENCY, shown),
    answersSince(asker, new Date(now.getTime() - GIVEN_MS), shown),
    exercisesOf(asker),
  ]);
  const catalogue = catalogueWith(own);
  const items = deskItems({ lines: all, waiting: waits, catalogue });
  const lines = deskLines(all, waits, now);
  return (
    <InBrowser>
      <Desk
        data={toJsonText({
          lines,
          items,
          more: lines.reduce((sum, { waits: theirs }) => sum + theirs, -items.length),
          ready: sendableLines(all),
          given: recentDecisionLines(given, { lines: all, catalogue }),
          today: now.toISOString().slice(0, 10),
        })}
        firstAthlete={all.length === 0 ? <NewAthlete add={addNewAthlete} first /> : null}
        actions={{
          applyOption,
          answer,
          markAllPainSeen,
          applyRoutine,
          routineLines,
          undoAnswers,
          sendWeeks,
          recall,
        }}
      />
    </InBrowser>
  );
}
