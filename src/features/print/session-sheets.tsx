import {
  type Athlete,
  type Catalogue,
  groupKind,
  groupSlots,
  inVariant,
  isPieceByPiece,
  placeFor,
  type Session,
  type SessionPlan,
  type SetPlan,
  type SlotPlan,
  setUpText,
  variantName,
  type WeekPlan,
} from '@/core';
import { CLINICIAN, DELOAD_CARE, NOT_ALONE } from '@/ui/words/cautions';
import { count, figure, load, minutes, reserveText, span } from '@/ui/words/figures';
import { capital, dayName, weekName } from '@/ui/words/names';
import * as common from '@/ui/words/screens/common';
import * as screenWords from '@/ui/words/screens/print';
import { sectionWords, setName, techniqueSentence } from '@/ui/words/techniques';
import { screenWord } from '@/ui/words/values';
import { warmUpText } from '@/ui/words/warm-up';
import classes from './print.module.css';
import { PrintButton } from './print-button';

interface SessionSheetsProps {
  readonly blockName: string;
  readonly cycleDays: number;
  readonly athlete: Athlete;
  readonly catalogue: Catalogue;
  readonly sessions: readonly Session[];
  readonly week: WeekPlan;
  /** Whether the week has been sent. */
  readonly issued: boolean;
}

/** A week's sessions as printable sheets: the plan, and space to write what was done. */
export function SessionSheets(props: SessionSheetsProps) {
  const { blockName, athlete, week, issued } = props;
  return (
    <main className={classes.page}>
      <div className={classes.screenOnly}>
        <PrintButton />
        {issued ? null : <span>{screenWords.thisWeekHasNotBeen}</span>}
      </div>
      {week.sessions.map((session) => (
        <SessionSheet key={session.sessionId} session={session} {...props} />
      ))}
      <p className={classes.foot}>
        {athlete.name}, {blockName}, {weekName(week.week, week.kind)}.{' '}
        {week.kind === 'deload' ? `${DELOAD_CARE} ` : ''}
        {CLINICIAN}
      </p>
    </main>
  );
}

function SessionSheet({
  session,
  athlete,
  catalogue,
  sessions,
  week,
  blockName,
  cycleDays,
}: SessionSheetsProps & { readonly session: SessionPlan }) {
  const written = sessions.find(({ id }) => id === session.sessionId);
  const slots = session.slots.filter(({ sets }) => sets.length > 0);
  if (slots.length === 0) return null;
  const groups = groupNames(written, catalogue);
  return (
    <article className={classes.sheet}>
      <header className={classes.head}>
        <h1>{session.name}</h1>
        <span>
          {screenWords.sessionHead(
            athlete.name,
            blockName,
            weekName(week.week, week.kind),
            dayName(session.day, cycleDays),
            placeFor(athlete, session.place).name,
            span(minutes(session.seconds.low), minutes(session.seconds.high)),
            session.optional ? screenWords.optional : '',
          )}
        </span>
        <span className={classes.date}>{screenWords.date}</span>
      </header>
      <table className={classes.table}>
        <thead>
          <tr>
            <th scope="col">{common.exercise}</th>
            <th scope="col">{screenWords.plan}</th>
            <th scope="col">{common.rir}</th>
            <th scope="col">{screenWords.rest}</th>
            <th scope="col">{screenWords.doneLoadRepsRir}</th>
          </tr>
        </thead>
        <tbody>
          {slots.map((slot, at) => (
            <SlotLines
              key={slot.slotId}
              slot={slot}
              at={at + 1}
              athlete={athlete}
              catalogue={catalogue}
              group={groups.get(slot.slotId)}
            />
          ))}
        </tbody>
      </table>
      <p className={classes.notes}>{screenWords.notesSorenessJoints}</p>
    </article>
  );
}

function groupNames(session: Session | undefined, catalogue: Catalogue): ReadonlyMap<string, string> {
  const names = new Map<string, string>();
  for (const group of session === undefined ? [] : groupSlots(session)) {
    const exercises = group.flatMap((slot) => catalogue.find(slot.exercise) ?? []);
    const kind = groupKind(exercises);
    const name = `${kind}${isPieceByPiece(group) ? screenWords.oneAfterTheOtherOn : ''}`;
    if (kind !== null) for (const { id } of group) names.set(id, name);
  }
  return names;
}

interface SlotLinesProps {
  readonly slot: SlotPlan;
  readonly at: number;
  readonly athlete: Athlete;
  readonly catalogue: Catalogue;
  readonly group: string | undefined;
}

function SlotLines({ slot, at, athlete, catalogue, group }: SlotLinesProps) {
  const pinned = catalogue.find({ id: slot.exerciseId, revision: slot.exerciseRevision });
  const exercise = pinned === undefined ? undefined : inVariant(pinned, slot.variant);
  const setUp = setUpText(athlete, slot.exerciseId);
  const risky = exercise !== undefined && !exercise.failableAlone && slot.sets.some(({ rir }) => rir <= 1);
  const notes = [
    ...(group === undefined
      ? []
      : [slot.joined ? screenWords.supersetWithTheExerciseAbove(group) : screenWords.firstOfA(group)]),
    ...(slot.technique.kind === 'straight'
      ? []
      : [techniqueSentence({ technique: slot.technique, drift: 'hold RIR' })]),
    ...(slot.warmUp.length === 0 ? [] : [screenWords.warmUp(warmUpText(slot))]),
    ...(slot.tempo === null ? [] : [screenWords.tempo(slot.tempo)]),
    ...(slot.relief === undefined ? [] : [screenWords.bandsTakeOff(`${figure(slot.relief)} ${slot.unit}`)]),
    ...(slot.motion === 'full' ? [] : [screenWords.rangeOfMotion(screenWord(slot.motion))]),
    slot.note === '' ? (exercise?.cues ?? '') : slot.note,
    ...(setUp === undefined ? [] : [screenWords.setUp(setUp)]),
    ...(slot.breakBefore === undefined || slot.breakBefore === 0
      ? []
      : [screenWords.breakOfMinBeforeIt(slot.breakBefore)]),
    ...(slot.stopFall == null ? [] : [screenWords.stopWhenPerformanceFalls(slot.stopFall)]),
    ...(slot.stretch === null ? [] : [screenWords.thenStretchForS(slot.stretch.seconds, slot.stretch.note)]),
    ...(slot.substitutes.length === 0
      ? []
      : [
          screenWords.alternatives(slot.substitutes.map((id) => catalogue.newest(id)?.name ?? id).join(', ')),
        ]),
    ...(risky ? [NOT_ALONE] : []),
  ].filter(Boolean);
  return (
    <>
      {slot.sets.map((set, k) => (
        <tr key={set.id} className={k === 0 ? classes.first : ''}>
          <td>
            {k === 0 ? (
              <strong>
                {at} {exercise === undefined ? slot.exerciseId : capital(variantName(exercise, slot.variant))}
              </strong>
            ) : (
              <span className={classes.soft}>
                {setName(set, slot.sets)}
                {set.variant === null || exercise === undefined
                  ? ''
                  : `, ${exercise.variants.find(({ id }) => id === set.variant)?.name ?? common.standard}`}
              </span>
            )}
          </td>
          <td>{asked(set, slot)}</td>
          <td>{set.role === 'easy' ? 'easy' : reserveText(set.rir)}</td>
          <td>{screenWords.restSeconds(set.rest)}</td>
          <td className={classes.write} />
        </tr>
      ))}
      <tr>
        <td colSpan={5} className={classes.soft}>
          {notes.join(' ')}
        </td>
      </tr>
    </>
  );
}

function asked(set: SetPlan, slot: SlotPlan): string {
  const weight =
    slot.loading === 'none'
      ? ''
      : `${set.load === null ? 'find' : `${load(set.load, slot.loading)} ${slot.unit}`} × `;
  const more = set.sections.map((section) => ` + ${sectionWords(section)}`).join('');
  const own = [set.tempo === undefined ? '' : screenWords.tempoText(set.tempo), set.cue ?? ''].filter(
    Boolean,
  );
  const words = own.length === 0 ? '' : `, ${own.join(', ')}`;
  return `${weight}${count(set.reps, slot)}${halfWords(set)}${more}${words}${set.optional ? screenWords.ifEnergyIsLeft : ''}`;
}

/** A set's note about half reps, if not all sets of the slot have them. */
function halfWords({ manner }: SetPlan): string {
  return manner === 'full' ? '' : ` ${sectionWords({ manner, reps: 0 }).slice(2)}`;
}
