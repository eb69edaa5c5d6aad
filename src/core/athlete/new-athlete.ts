import type { LocalDate } from '../calendar';
import { NO_CONVENTIONS } from '../conventions/own-conventions';
import { USUAL_EFFORT } from '../effort/curves';
import { type PlaceKind, presetPlace } from '../loading/place-presets';
import type { Unit, Weight } from '../loading/weight';
import { type Athlete, type Level, type Phase, WEEKLY_CHECK_IN } from './athlete';

/** What is asked before a first block; everything else has a default. */
export interface FirstFacts {
  readonly name: string;
  readonly level: Level;
  readonly phase: Phase;
  readonly unit: Unit;
  readonly bodyweight: Weight;
  readonly place: PlaceKind;
  readonly timeZone: string;
  /** Weekdays on which they can train, 0 is Monday. */
  readonly days: readonly number[];
}

const MINUTES = 75;

/** A new athlete about whom little is known. */
export function newAthlete(id: string, placeId: string, facts: FirstFacts, today: LocalDate): Athlete {
  return {
    id,
    name: facts.name.trim(),
    level: facts.level,
    trainingSince: null,
    phases: [{ from: today, phase: facts.phase }],
    unit: facts.unit,
    timeZone: facts.timeZone,
    bodyweight: facts.bodyweight,
    days: facts.days,
    minutes: MINUTES,
    sport: [],
    style: facts.level === 'novice' ? 'cautious' : 'standard',
    answering: 'ask for all',
    places: [presetPlace(facts.place, facts.unit, placeId)],
    goals: {},
    joints: [],
    bestSets: {},
    setUps: {},
    depths: {},
    landmarks: {},
    learned: {},
    effort: USUAL_EFFORT,
    conventions: NO_CONVENTIONS,
    ranges: {},
    dates: [],
    checkIn: WEEKLY_CHECK_IN,
    lessons: [],
  };
}
