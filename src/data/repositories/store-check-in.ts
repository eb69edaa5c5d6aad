import type { CheckIn } from '@/core';
import { safeJson } from '@/core';
import { models } from '../models/models';
import { refreshAthlete } from './current-blocks';
import { changeMeasurements } from './measurements';
import type { PhoneAsker } from './phones';

/** Stores an athlete's check-in, once however often it is sent; measurements in it are stored too. */
export async function storeCheckIn(
  asker: Pick<PhoneAsker, 'coachId' | 'athleteId'>,
  { id, date, ...answers }: CheckIn,
  now: Date,
): Promise<{ readonly status: 'taken' } | { readonly status: 'malformed' }> {
  const { coachId, athleteId } = asker;
  const { checkIns } = models();
  const [row, isNew] = await checkIns.findOrCreate({
    where: { id },
    defaults: {
      id,
      coachId,
      athleteId,
      localDate: date,
      answers: safeJson(answers),
      receivedAt: now,
    },
  });
  // The id is used by another athlete.
  if (row.get().athleteId !== athleteId) return { status: 'malformed' };
  for (const { kind, value, unit } of answers.measured) {
    const keep = { id: `${id}/${kind.replace(' ', '-')}`, date, kind, value, unit };
    await changeMeasurements(asker, athleteId, { keep }, now);
  }
  // Fatigue limits techniques, and so the running block's proposals.
  if (isNew) await refreshAthlete(asker, athleteId, now);
  return { status: 'taken' };
}
