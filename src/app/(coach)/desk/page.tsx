import { catalogueWith } from '@/core';
import { givenSince, ownExercises, roster, waiting } from '@/data';
import { NewAthlete } from '@/features/athlete/new-athlete';
import { Desk } from '@/features/desk/desk';
import { requireAsker } from '../../asker';
import { addFirst } from '../athletes/new/actions';
import { answer, applyRoutine, issueAll, recall, routineOf, seenPain, take, takeBack } from './actions';
import { deskItems, givenLines, readyLines } from './items';
import { deskLines } from './lines';

/** How long an answer stays in the list from which it can be taken back. */
const GIVEN_MS = 36 * 3_600_000;

export default async function DeskPage() {
  const asker = await requireAsker();
  const now = new Date();
  const [all, waits, given, own] = await Promise.all([
    roster(asker),
    waiting(asker),
    givenSince(asker, new Date(now.getTime() - GIVEN_MS)),
    ownExercises(asker),
  ]);
  const catalogue = catalogueWith(own);
  const items = deskItems({ lines: all, waiting: waits, catalogue });
  return (
    <Desk
      lines={deskLines(all, items, now)}
      items={items}
      ready={readyLines(all)}
      given={givenLines(given, { lines: all, catalogue })}
      today={now.toISOString().slice(0, 10)}
      firstAthlete={all.length === 0 ? <NewAthlete add={addFirst} first /> : null}
      actions={{ take, answer, seenPain, applyRoutine, routineOf, takeBack, issueAll, recall }}
    />
  );
}
