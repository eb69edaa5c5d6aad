import { randomUUID } from 'node:crypto';
import {
  addDays,
  type Block,
  type CheckIn,
  exerciseById,
  type NoteContent,
  newSlot,
  type SentSet,
  type Slot,
  type WatchCall,
  type WatchName,
} from '@/core';
import { chooseOption } from '../repositories/alerts';
import { refreshCalls } from '../repositories/calls';
import { storeWork } from '../repositories/logging';
import { waiting } from '../repositories/roster';
import { issueWeek } from '../repositories/sending-weeks';
import { storeCheckIn } from '../repositories/store-check-in';
import { findTraining } from '../repositories/training';
import { setsFor, smallBlock, someBlock, work } from './coach';

/** Monday of the first week. */
const FIRST = '2026-11-23';
export const noon = (date: string) => new Date(`${date}T12:00:00Z`);
export const dayOf = (week: number, day: number) => addDays(FIRST, 7 * (week - 1) + day);

export function slot(id: string, exerciseId: string): Slot {
  const exercise = exerciseById(exerciseId);
  if (exercise === undefined) throw new Error(`no exercise ${exerciseId}`);
  return {
    ...newSlot(id, exercise),
    technique: { kind: 'straight', sets: 2 },
    range: { low: 8, high: 12 },
    rest: 120,
  };
}

/** Monday A and Thursday B over some weeks, with a free weight that loads the spine. */
export function twoDays(weeks: number): Block {
  const [a, b] = smallBlock().sessions;
  if (a === undefined || b === undefined) throw new Error('no sessions');
  return {
    ...smallBlock(),
    weeks,
    deload: null,
    sessions: [
      { ...a, slots: [slot('a1', 'hack-squat'), slot('a2', 'chest-press-machine')] },
      { ...b, slots: [slot('b1', 'barbell-back-squat'), slot('b2', 'seated-leg-curl')] },
    ],
  };
}

/** How a week differs from its plan. */
export interface Life {
  readonly skips?: readonly string[];
  /** Actual training days instead of the planned ones, from the week's Monday. */
  readonly on?: Readonly<Record<string, number>>;
  readonly tells?: (session: string) => readonly NoteContent[];
  readonly does?: (set: SentSet) => SentSet;
  /** Sunday's check-in. */
  readonly says?: Partial<CheckIn>;
}

/** An athlete's weeks as made by their phone, the daily rounds and their coach. */
export async function someWeeks(block = twoDays(8)) {
  const { asker, blockId, athlete } = await someBlock(block);
  const training = async () => {
    const found = await findTraining(asker, blockId);
    if (found === undefined) throw new Error('gone');
    return found;
  };
  const open = async (kind: WatchName): Promise<readonly WatchCall[]> =>
    (await waiting(asker, [kind])).calls.flatMap(({ call }) =>
      call.kind === kind && 'options' in call ? [call] : [],
    );
  return {
    asker,
    athlete,
    blockId,
    training,
    open,
    look: (date: string) => refreshCalls(asker, blockId, noon(date)),
    async hand(week: number) {
      const issued = await issueWeek(asker, blockId, week, (await training()).revision, noon(dayOf(week, 0)));
      if (issued.status !== 'issued') throw new Error(JSON.stringify(issued));
    },
    async train(week: number, session: string, date: string, { tells, does = (set) => set }: Life = {}) {
      const issued = (await training()).issued.find((one) => one.week === week);
      const sets = await setsFor(asker, blockId, session);
      const notes = (tells?.(session) ?? []).map((telling) => ({
        ...telling,
        id: randomUUID(),
        at: noon(date).toISOString(),
      }));
      const sent = await storeWork(
        asker,
        { issuedWeekId: issued?.id ?? '', sessionId: session },
        work(
          {
            sets: sets.map((set, at) =>
              does({ ...set, at: new Date(+noon(date) + at * 60_000).toISOString() }),
            ),
            finish: true,
            notes,
          },
          date,
        ),
        noon(date),
      );
      expect(sent).toMatchObject({ status: 'taken', refused: [] });
    },
    /** A whole week: sent on Monday, its sessions trained with notes, a check-in on Sunday. */
    async live(week: number, life: Life = {}) {
      await this.hand(week);
      const plan = (await training()).issued.find((one) => one.week === week)?.plan;
      for (const { sessionId, day } of plan?.sessions ?? [])
        if (!life.skips?.includes(sessionId))
          await this.train(week, sessionId, dayOf(week, life.on?.[sessionId] ?? day), life);
      const sunday = dayOf(week, 6);
      if (life.says !== undefined) await this.checkIn(sunday, life.says);
      await this.look(sunday);
    },
    async checkIn(date: string, says: Partial<CheckIn>) {
      const who = { coachId: asker.coachId, athleteId: athlete.id };
      const fine: CheckIn = {
        id: randomUUID(),
        date,
        slept: 'well',
        drive: 'usual',
        appetite: 'well',
        soreness: 'gone in time',
        aches: [],
        restingHeartRate: null,
        measured: [],
        line: '',
      };
      expect(await storeCheckIn(who, { ...fine, ...says }, noon(date))).toEqual({ status: 'taken' });
    },
    /** Applies the first option of the open call whose id starts like this. */
    async take(kind: WatchName, option: string, date: string) {
      const [call] = await open(kind);
      const taken = call?.options.find(({ id }) => id.startsWith(option));
      if (call === undefined || taken === undefined)
        throw new Error(`no ${option} of ${kind}: ${JSON.stringify(call?.options.map(({ id }) => id))}`);
      expect(await chooseOption(asker, blockId, call.id, taken.id, noon(date))).toEqual({ status: 'done' });
      await this.look(date);
      expect((await open(kind)).map(({ id }) => id)).not.toContain(call.id);
    },
  };
}
