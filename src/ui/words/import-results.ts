import type { LocalDate } from '@/core';
import type { OwnFile } from '@/formats/archive/files';
import { longDay } from '@/ui/words/dates';
import { listed, plural } from '@/ui/words/figures';

/** What came of an import. */
export type Taken =
  | { readonly kind: 'block' | 'template'; readonly name: string }
  | { readonly kind: 'athlete'; readonly name: string; readonly isCopy: boolean }
  | { readonly kind: 'library' | 'measurements' | 'check-ins'; readonly added: number }
  | {
      readonly kind: 'account';
      readonly athletes: number;
      readonly templates: number;
      readonly exercises: number;
    }
  | {
      readonly kind: 'log';
      readonly sets: number;
      readonly blocks: readonly { readonly id: string; readonly name: string }[];
      readonly days: readonly LocalDate[];
    };

/** What a file of the product's own holds, in a sentence. */
export function ownFileText({ kind, file }: OwnFile): string {
  switch (kind) {
    case 'block':
      return `A block, “${file.name}”: ${plural(file.weeks, 'week')}, ${plural(file.sessions.length, 'session')}.`;
    case 'athlete': {
      const sets = file.blocks.flatMap(({ workouts }) => workouts.flatMap((workout) => workout.sets));
      return `An athlete, ${file.athlete.name}: ${plural(file.blocks.length, 'block')}, ${plural(sets.length, 'logged set')}, ${plural(file.checkIns.length, 'check-in')}, ${plural(file.measurements.length, 'measurement')}.`;
    }
    case 'library':
      return `Own exercises: ${plural(new Set(file.exercises.map(({ id }) => id)).size, 'exercise')}, ${plural(file.exercises.length, 'revision')}.`;
    case 'template':
      return `A template, “${file.name}”: ${plural(file.design.sessions.length, 'session')}.`;
    case 'account':
      return `Everything of ${file.name}: ${plural(file.athletes.length, 'athlete')}, ${plural(file.templates.length, 'template')}, ${plural(new Set(file.exercises.map(({ id }) => id)).size, 'own exercise')}. It is added to what you have; nothing is replaced.`;
  }
}

/** What came of taking something in. */
export function takenText(of: Taken): string {
  switch (of.kind) {
    case 'block':
      return `Block “${of.name}” imported.`;
    case 'template':
      return `Template “${of.name}” imported.`;
    case 'athlete':
      return of.isCopy
        ? `An athlete with these ids already exists, so this one was added as ${of.name}.`
        : `${of.name} imported with all data.`;
    case 'library':
      return of.added === 0 ? 'All of them already exist here.' : `${plural(of.added, 'revision')} imported.`;
    case 'measurements':
      return of.added === 0
        ? 'All of them already exist here.'
        : `${plural(of.added, 'measurement')} imported.`;
    case 'check-ins':
      return of.added === 0 ? 'All of them already exist here.' : `${plural(of.added, 'check-in')} imported.`;
    case 'account':
      return `${plural(of.athletes, 'athlete')}, ${plural(of.templates, 'template')} and ${plural(of.exercises, 'revision')} of own exercises imported.`;
    case 'log': {
      const blocks = of.blocks.length === 0 ? '' : `, as ${listed(of.blocks.map(({ name }) => `“${name}”`))}`;
      const days =
        of.days.length === 0
          ? ''
          : ` ${plural(of.days.length, 'day')} already logged here did not change: ${listed(of.days.slice(0, 5).map(longDay))}${of.days.length > 5 ? ' and others' : ''}.`;
      return of.sets === 0
        ? `Nothing new in it.${days}`
        : `${plural(of.sets, 'set')} imported${blocks}.${days}`;
    }
  }
}
