import type { CheckIn } from '@/core';
import { jsonOf } from '@/core';
import { models } from '../models/models';
import { refreshAthlete } from './current-blocks';
import { changeMeasurements } from './measurements';
import type { PhoneAsker } from './phones';

/**
 * Keeps what an athlete says of their week, once however often it is sent; what was measured with it stands among their
 * measurements.
 */
export async function keepCheckIn(
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
      answers: jsonOf(answers),
      receivedAt: now,
    },
  });
  // An id that is somebody else's.
  if (row.get().athleteId !== athleteId) return { status: 'malformed' };
  for (const { kind, value, unit } of answers.measured) {
    const keep = { id: `${id}/${kind.replace(' ', '-')}`, date, kind, value, unit };
    await changeMeasurements(asker, athleteId, { keep }, now);
  }
  // Signs hold techniques back, and so what the running block proposes.
  if (isNew) await refreshAthlete(asker, athleteId, now);
  return { status: 'taken' };
}
