import type { Problem } from '../problem';
import { setLimits } from '../techniques/registry';
import { LIMITS } from './bounds';
import type { Block, Session, Slot } from './document';
import { idProblems, nameProblems, outOfBounds, tooLong, tooMany, tooManySlots } from './rules';
import { sessionWeekProblems } from './session-week';
import { settingsProblems } from './settings-fields';
import { SLOT_FIELD_NAMES, SLOT_FIELDS } from './slot-fields';

type Check = (value: unknown, path: string) => readonly Problem[];

/** What is wrong with a slot; empty if nothing is. */
export function slotProblems(slot: Slot): readonly Problem[] {
  const path = `slot/${slot.id}`;
  const { least, most } = setLimits(slot.technique);
  return [
    ...idProblems(path, slot.id),
    ...SLOT_FIELD_NAMES.flatMap((name) => {
      const { problems } = SLOT_FIELDS[name] as { readonly problems?: Check };
      return problems?.(slot[name], `${path}/${name}`) ?? [];
    }),
    // The overrides of a week depend on the slot's technique.
    ...slot.weeks.flatMap(({ sets }) =>
      sets === null ? [] : outOfBounds(`${path}/weeks`, 'sets', sets, { low: least, high: most }),
    ),
  ];
}

/** What is wrong with a session, apart from its slots. */
export function sessionProblems(session: Session, cycleDays: number): readonly Problem[] {
  const path = `session/${session.id}`;
  return [
    ...idProblems(path, session.id),
    ...nameProblems(`${path}/name`, session.name),
    ...outOfBounds(`${path}/day`, 'day', session.day, { low: 0, high: cycleDays - 1 }),
    ...tooLong(`${path}/place`, session.place, LIMITS.id),
    ...tooMany(`${path}/slots`, 'slots', session.slots, LIMITS.slots),
    ...sessionWeekProblems(session.weeks, `${path}/weeks`),
  ];
}

/** Everything wrong with a block, including duplicate ids. */
export function blockProblems(block: Block): readonly Problem[] {
  const problems: Problem[] = [
    ...settingsProblems(block),
    ...tooMany('block/sessions', 'sessions', block.sessions, LIMITS.sessions),
    ...tooManySlots(block.sessions),
  ];
  const seen = new Set<string>();
  const claim = (id: string, path: string) => {
    if (seen.has(id)) problems.push({ code: 'id-taken', path, id });
    seen.add(id);
  };
  for (const session of block.sessions) {
    claim(session.id, `session/${session.id}`);
    problems.push(...sessionProblems(session, block.cycleDays));
    for (const slot of session.slots) {
      claim(slot.id, `slot/${slot.id}`);
      problems.push(...slotProblems(slot));
    }
  }
  return problems;
}
