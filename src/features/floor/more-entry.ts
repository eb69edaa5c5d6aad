import { type Exercise, type LoggedMore, loggedAs, type SetPlan, type SlotPlan } from '@/core';

/** What can be noted of a set beside its load, reps and RIR. */
export type MoreField = Exclude<keyof LoggedMore, never>;
export type MoreEntry = Readonly<Partial<Record<MoreField, string>>>;

export const MORE_LABELS: Readonly<Record<MoreField, string>> = {
  partials: 'partial reps after',
  assisted: 'reps with help',
  seconds: 'seconds it took',
  left: 'reps left side',
  right: 'reps right side',
};

/** What this set asks to be noted: partials where they follow, the time where it counts, sides where there are two. */
export function moreFields(
  slot: Pick<SlotPlan, 'technique' | 'sets'>,
  set: SetPlan,
  exercise: Pick<Exercise, 'sides'> | undefined,
): readonly MoreField[] {
  const kind = loggedAs(slot.technique);
  const last = slot.sets.filter(({ round }) => round === set.round).at(-1)?.id === set.id;
  return [
    ...(set.sections.length > 0 ? (['partials', 'assisted'] as const) : []),
    ...(kind === 'time' && last ? (['seconds'] as const) : []),
    ...(exercise?.sides === 2 ? (['left', 'right'] as const) : []),
  ];
}

/** The fields as they are asked; sides start empty, for they are noted only where they differ. */
export function startMore(
  fields: readonly MoreField[],
  set: SetPlan,
  done: LoggedMore | undefined,
): MoreEntry {
  const partials = set.sections.reduce((sum, { reps }) => sum + reps, 0);
  return Object.fromEntries(
    fields.map((field) => {
      const logged = done?.[field];
      const start = field === 'partials' ? String(partials) : '';
      return [field, logged === undefined ? start : String(logged)];
    }),
  );
}

/** Reads what was noted; what is left empty is not. */
export function checkMore(entry: MoreEntry): {
  readonly value: LoggedMore | undefined;
  readonly problem: MoreField | null;
} {
  const value: Partial<Record<MoreField, number>> = {};
  for (const [field, text] of Object.entries(entry) as [MoreField, string][]) {
    if (text.trim() === '') continue;
    if (!/^\d{1,4}$/.test(text.trim()) || Number(text) > 3600) return { value: undefined, problem: field };
    value[field] = Number(text);
  }
  return { value: Object.keys(value).length === 0 ? undefined : value, problem: null };
}
