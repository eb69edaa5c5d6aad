import type { Athlete } from '../../athlete/athlete';
import { missingEquipment, placeFor } from '../../athlete/place';
import type { Catalogue } from '../../exercises/catalogue';
import type { Exercise } from '../../exercises/exercise';
import { withSetCount } from '../../techniques/registry';
import { type Block, emptyBlock, type Session, type Slot } from '../block';
import { fullDesign } from '../block-again';
import { newSlot } from '../new-slot';
import type { Template, TemplateSlot } from './template';

/** What a new block starts with. */
export interface LayOut {
  readonly athlete: Athlete;
  readonly catalogue: Pick<Catalogue, 'newest' | 'find'>;
  readonly newId: () => string;
}

/**
 * The first preferred exercise that the place allows and that spares irritated joints; otherwise the first that the
 * place allows.
 */
function chosen(
  { wishes }: TemplateSlot,
  taken: ReadonlySet<string>,
  { athlete, catalogue }: LayOut,
): Exercise | undefined {
  const place = placeFor(athlete, null);
  const sore = new Set(athlete.joints.map(({ joint }) => joint));
  const here = wishes
    .flatMap((id) => catalogue.newest(id) ?? [])
    .filter((exercise) => missingEquipment(exercise, place).length === 0);
  const spared = here.filter(({ joints }) => !joints.some((joint) => sore.has(joint)));
  const [first] = spared.length > 0 ? spared : here;
  return spared.find(({ id }) => !taken.has(id)) ?? here.find(({ id }) => !taken.has(id)) ?? first;
}

/**
 * A block from a template, with exercises that the athlete's usual place allows. Slots without a possible exercise
 * are left out; a day of the template stays where it is.
 */
export function fromTemplate(template: Template, block: Block, layOut: LayOut): Block {
  const sessions = template.sessions.map((session): Session => {
    const taken = new Set<string>();
    const slots = session.slots.flatMap((slot): Slot[] => {
      const exercise = chosen(slot, taken, layOut);
      if (exercise === undefined || taken.has(exercise.id)) return [];
      taken.add(exercise.id);
      const made = newSlot(layOut.newId(), exercise);
      return [
        {
          ...made,
          technique: withSetCount(made.technique, slot.sets),
          range: exercise.measure === 'seconds' ? made.range : slot.range,
        },
      ];
    });
    return {
      id: layOut.newId(),
      name: session.name,
      day: session.day,
      place: null,
      optional: false,
      weeks: [],
      slots,
    };
  });
  return { ...block, cycleDays: template.cycleDays, shape: template.shape, sessions };
}

/**
 * A copy of a block for an athlete: new ids, their places and loads; results, figures of single weeks and dismissals
 * are not copied.
 */
export function copyBlock(
  from: Block,
  settings: Pick<Block, 'name' | 'startDate'>,
  newId: () => string,
): Block {
  const source = fullDesign(from);
  return {
    ...emptyBlock(settings.name, settings.startDate),
    cycleDays: source.cycleDays,
    shape: source.shape,
    weeks: source.weeks,
    rir: source.rir,
    deload: source.deload,
    rangeBinds: source.rangeBinds,
    phaseRanges: source.phaseRanges,
    crediting: source.crediting,
    landmarks: source.landmarks,
    time: source.time,
    conventions: source.conventions,
    goals: source.goals,
    activities: source.activities.map((activity) => ({ ...activity, id: newId() })),
    sessions: source.sessions.map((session) => ({
      ...session,
      id: newId(),
      place: null,
      // Figures typed into single weeks belonged to those weeks and that athlete.
      weeks: [],
      slots: session.slots.map((slot) => ({
        ...slot,
        id: newId(),
        start: null,
        weeks: [],
      })),
    })),
  };
}
