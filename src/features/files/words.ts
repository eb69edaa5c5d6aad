import type { OwnFile } from '@/formats/archive/files';
import { longDay } from '@/ui/words/dates';
import { listed, plural } from '@/ui/words/figures';
import type { Taken } from './contract';

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
      return `Everything of ${file.name}: ${plural(file.athletes.length, 'athlete')}, ${plural(file.templates.length, 'template')}, ${plural(new Set(file.exercises.map(({ id }) => id)).size, 'own exercise')}. It comes in beside what is here; nothing is replaced.`;
  }
}

/** What came of taking something in. */
export function takenText(of: Taken): string {
  switch (of.kind) {
    case 'block':
      return `The block “${of.name}” is there.`;
    case 'template':
      return `The template “${of.name}” is there.`;
    case 'athlete':
      return of.isCopy
        ? `Somebody of this file was here already: it came in beside, as ${of.name}.`
        : `${of.name} is there, with everything.`;
    case 'library':
      return of.added === 0 ? 'All of them were here already.' : `${plural(of.added, 'revision')} came in.`;
    case 'measurements':
      return of.added === 0
        ? 'All of them were here already.'
        : `${plural(of.added, 'measurement')} came in.`;
    case 'check-ins':
      return of.added === 0 ? 'All of them were here already.' : `${plural(of.added, 'check-in')} came in.`;
    case 'account':
      return `${plural(of.athletes, 'athlete')}, ${plural(of.templates, 'template')} and ${plural(of.exercises, 'revision')} of own exercises came in.`;
    case 'log': {
      const blocks = of.blocks.length === 0 ? '' : `, as ${listed(of.blocks.map(({ name }) => `“${name}”`))}`;
      const days =
        of.days.length === 0
          ? ''
          : ` ${plural(of.days.length, 'day')} logged here already stayed as it was: ${listed(of.days.slice(0, 5).map(longDay))}${of.days.length > 5 ? ' and others' : ''}.`;
      return of.sets === 0
        ? `Nothing new in it.${days}`
        : `${plural(of.sets, 'set')} came in${blocks}.${days}`;
    }
  }
}
