import type { FloorState } from '@/client/training-session';
import { BY_REPS, setAtRirWithUnit } from '@/ui/words/figures';
import { capital } from '@/ui/words/names';
import * as screenWords from '@/ui/words/screens/training';
import { setName } from '@/ui/words/techniques';
import type { SessionData } from './contract';
import { nameOf } from './issued-name';

/**
 * Sets the server does not have, one per line: to copy if the phone cannot store them or they were refused. Empty if
 * there are none.
 */
export function setsAsText(
  { queue }: Pick<FloorState, 'queue'>,
  data: Pick<SessionData, 'session' | 'exercises' | 'athleteName' | 'week'>,
): string {
  const left = [...queue.refused.map(({ item }) => item), ...queue.waiting];
  const lines = left.flatMap((item) => {
    if (item.kind !== 'set') return [];
    const { set, localDate } = item;
    const slot = data.session.slots.find(({ slotId }) => slotId === set.slotId);
    const planned = slot?.sets.find(({ id }) => id === set.setId);
    const exercise = data.exercises[set.exerciseId];
    // Of another session, or extra work.
    if (slot === undefined || planned === undefined)
      return [
        screenWords.setLine(
          localDate,
          capital(exercise?.name ?? set.exerciseId),
          setAtRirWithUnit(set.load.value, set.reps, set.rir, BY_REPS, set.load.unit),
        ),
      ];
    const done = setAtRirWithUnit(set.load.value, set.reps, set.rir, slot, set.load.unit);
    const name = `${capital(nameOf(slot, data, planned))}, ${setName(planned, slot.sets)}`;
    return [screenWords.setLine(localDate, name, done)];
  });
  if (lines.length === 0) return '';
  return [screenWords.week(data.athleteName, data.week, data.session.name), ...lines].join('\n');
}
