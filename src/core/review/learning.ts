import type { Muscle } from '../anatomy/muscle';
import type { Athlete, LearnedLandmarks, LearnedLesson } from '../athlete/athlete';
import type { Conventions } from '../conventions/conventions';
import { CURVES, type PersonalFit } from '../effort/curves';
import { blockLessons, lessonSubject, type Taught } from './lessons';
import { blockToReview, type ReviewSource } from './reviewed';

type Figures = Readonly<Record<string, number>>;
type Marks = 'floor' | 'ceiling';

/** The answer to a lesson of a block; undefined if there is none yet. */
export function lessonAnswer(
  { lessons }: Pick<Athlete, 'lessons'>,
  blockId: string,
  about: string,
): LearnedLesson | undefined {
  return lessons.find((one) => one.blockId === blockId && one.about === about);
}

/** A lesson of a block with its answer; null: not answered yet. */
export interface AnsweredLesson {
  readonly about: string;
  readonly lesson: Taught;
  readonly outcome: LearnedLesson['outcome'] | null;
}

/** A block's lessons with their answers, computed from the athlete as they were before any was applied. */
export function lessonsAnswered(source: ReviewSource): readonly AnsweredLesson[] {
  const { athlete, blockId } = source;
  const before = athlete.lessons
    .filter((one) => one.blockId === blockId)
    .reduce((of, { about }) => withoutAnswer(of, blockId, about), athlete);
  return blockLessons(blockToReview({ ...source, athlete: before })).map((lesson) => {
    const about = lessonSubject(lesson);
    return { about, lesson, outcome: lessonAnswer(athlete, blockId, about)?.outcome ?? null };
  });
}

/**
 * The athlete with a lesson applied; what it replaced is kept, so that it can be undone.
 * @param evidence its basis in words, stored with a volume figure
 */
export function withAppliedLesson(
  athlete: Athlete,
  blockId: string,
  lesson: Taught,
  evidence: string,
): Athlete {
  const about = lessonSubject(lesson);
  // When an answered lesson is answered again, undoing returns to the state before the first answer.
  const before = withoutAnswer(athlete, blockId, about);
  const entry: LearnedLesson = { blockId, about, outcome: 'taken', was: currentFigures(before, about) };
  const changed = withFigures(before, about, lessonFigures(lesson), evidence);
  return { ...changed, lessons: [...before.lessons, entry] };
}

/** The athlete with a lesson dismissed: nothing changes, and it is not asked again. */
export function withDismissedLesson(athlete: Athlete, blockId: string, about: string): Athlete {
  const entry: LearnedLesson = { blockId, about, outcome: 'refused', was: {} };
  const before = withoutAnswer(athlete, blockId, about);
  return { ...before, lessons: [...before.lessons, entry] };
}

/** The athlete with the answer to a lesson undone: the replaced values return, and it is asked again. */
export function withoutAnswer(athlete: Athlete, blockId: string, about: string): Athlete {
  const answer = lessonAnswer(athlete, blockId, about);
  if (answer === undefined) return athlete;
  // What the coach typed since stays.
  const { typed } = currentFigures(athlete, about);
  const was = typed === undefined ? answer.was : { ...answer.was, typed };
  const before = answer.outcome === 'taken' ? withFigures(athlete, about, was, '') : athlete;
  return { ...before, lessons: without(athlete, blockId, about) };
}

const without = ({ lessons }: Athlete, blockId: string, about: string) =>
  lessons.filter((one) => one.blockId !== blockId || one.about !== about);

/** The figures of a lesson, by name. */
function lessonFigures(lesson: Taught): Figures {
  switch (lesson.kind) {
    case 'floor':
    case 'ceiling':
      return { [lesson.kind]: lesson.to };
    case 'curve':
      return { curve: CURVES.indexOf('personal'), ...lesson.fit };
    case 'drift':
      return lesson.to;
    case 'minutes':
      return { changeOver: lesson.to };
    case 'recovery':
      return { gapHours: lesson.to };
    case 'range':
      return { ...lesson.best.range };
  }
}

const NAMES: Readonly<Record<string, readonly (keyof Conventions)[]>> = {
  drift: ['driftSeconds', 'driftSlope', 'driftLeast'],
  minutes: ['changeOver'],
  recovery: ['gapHours'],
};

/** The athlete's current figures that a lesson is about; none if the defaults apply. */
function currentFigures(
  { landmarks, learned, effort, conventions, ranges }: Athlete,
  about: string,
): Figures {
  const [kind = '', muscle = ''] = about.split('/');
  if (kind === 'range') return { ...ranges[muscle] };
  if (kind === 'floor' || kind === 'ceiling') {
    const value = learned[muscle as Muscle]?.[kind];
    const typed = landmarks[muscle as Muscle]?.[kind];
    return { ...(value === undefined ? {} : { [kind]: value }), ...(typed === undefined ? {} : { typed }) };
  }
  if (kind === 'curve') return { curve: CURVES.indexOf(effort.curve), ...effort.personal };
  const own = muscle === '' ? conventions.athlete : (conventions.muscles[muscle as Muscle] ?? {});
  return Object.fromEntries(
    (NAMES[kind] ?? []).flatMap((name) => (own[name] === undefined ? [] : [[name, own[name]]])),
  ) as Figures;
}

/** The athlete with new figures for what a lesson is about; the defaults if there are none. */
function withFigures(athlete: Athlete, about: string, figures: Figures, evidence: string): Athlete {
  const [kind = '', muscle = ''] = about.split('/');
  if (kind === 'range') return withRange(athlete, muscle, figures);
  if (kind === 'floor' || kind === 'ceiling')
    return withLandmark(
      withTyped(athlete, muscle as Muscle, kind, figures.typed),
      muscle as Muscle,
      kind,
      figures[kind],
      evidence,
    );
  const { conventions } = athlete;
  if (kind === 'curve') {
    const { curve = 0, ...fit } = figures;
    const personal = fit.slope === undefined ? null : (fit as unknown as PersonalFit);
    return { ...athlete, effort: { ...athlete.effort, curve: CURVES[curve] ?? 'Epley', personal } };
  }
  const own = muscle === '' ? conventions.athlete : (conventions.muscles[muscle as Muscle] ?? {});
  const kept = Object.entries(own).filter(([name]) => !NAMES[kind]?.includes(name as keyof Conventions));
  const now = { ...Object.fromEntries(kept), ...figures } as Partial<Conventions>;
  return {
    ...athlete,
    conventions:
      muscle === ''
        ? { ...conventions, athlete: now }
        : { ...conventions, muscles: { ...conventions.muscles, [muscle]: now } },
  };
}

function withRange(athlete: Athlete, exerciseId: string, { low, high }: Figures): Athlete {
  const { [exerciseId]: _, ...others } = athlete.ranges;
  const isNone = low === undefined || high === undefined;
  return { ...athlete, ranges: isNone ? others : { ...others, [exerciseId]: { low, high } } };
}

/** The athlete with a figure typed by the coach, or without it: what is learned later replaces it. */
function withTyped(athlete: Athlete, muscle: Muscle, mark: Marks, typed: number | undefined): Athlete {
  const { [mark]: _, ...others } = athlete.landmarks[muscle] ?? {};
  const own = typed === undefined ? others : { ...others, [mark]: typed };
  const { [muscle]: __, ...rest } = athlete.landmarks;
  return { ...athlete, landmarks: Object.keys(own).length === 0 ? rest : { ...rest, [muscle]: own } };
}

/** Longest stored evidence per muscle. */
const LONGEST = 400;

function withLandmark(
  athlete: Athlete,
  muscle: Muscle,
  mark: Marks,
  value: number | undefined,
  evidence: string,
): Athlete {
  const { [mark]: _, ...others } = athlete.learned[muscle] ?? { evidence: '' };
  const said = [others.evidence, evidence]
    .filter((text) => text !== '')
    .join(' ')
    .slice(-LONGEST);
  const now: LearnedLandmarks = {
    ...others,
    ...(value === undefined ? {} : { [mark]: value }),
    evidence: said,
  };
  const { [muscle]: __, ...rest } = athlete.learned;
  const isEmpty = now.floor === undefined && now.ceiling === undefined;
  return { ...athlete, learned: isEmpty ? rest : { ...rest, [muscle]: now } };
}
