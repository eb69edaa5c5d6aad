'use client';

import {
  DndContext,
  type DragEndEvent,
  type KeyboardCoordinateGetter,
  KeyboardSensor,
  PointerSensor,
  useDraggable,
  useDroppable,
  useSensor,
  useSensors,
} from '@dnd-kit/core';
import { useEffect, useMemo, useRef, useState } from 'react';
import {
  type Athlete,
  addDays,
  type Block,
  type BlockPlan,
  type Catalogue,
  checkInput,
  dayMatrix,
  type Edit,
  type Goal,
  type Muscle,
  type Result,
  type Session,
  sessionsInOrder,
  type WeekState,
} from '@/core';
import { minutes, span } from '@/ui/words/figures';
import { dayName } from '@/ui/words/names';
import { Activities } from './activities';
import { BalanceFacts } from './balance-facts';
import classes from './frame.module.css';
import { daysOf, Matrix } from './matrix';
import { SessionFacts } from './session-facts';

export interface FrameProps {
  readonly block: Block;
  readonly athlete: Athlete;
  readonly catalogue: Catalogue;
  readonly blockPlan: BlockPlan;
  readonly weekState: WeekState;
  readonly attempt: (edit: Edit) => Result<null>;
  readonly onOpenSession: (sessionId: string) => void;
  /** Adds an empty session; its id, or undefined where none can be added. */
  readonly onAddSession: () => string | undefined;
  readonly onGoal: (muscle: Muscle, goal: Goal) => void;
  readonly onSay: (title: string, text: string) => void;
  readonly onSaveTemplate: (() => void) | null;
}

const WIDEST = 7;
/** With more days than this the matrix takes the whole width. */
const LONG = 8;

/** The Frame: the cycle's days as columns, what they do to each muscle, and what the plan as a whole comes to. */
export default function Frame(props: FrameProps) {
  const { block, athlete, catalogue, blockPlan, weekState, attempt, onSay } = props;
  const [chosen, setChosen] = useState<string | null>(null);
  const sessions = sessionsInOrder(block);
  const session = sessions.find(({ id }) => id === chosen) ?? sessions[0];
  const input = useMemo(
    () => checkInput({ block, athlete, blockPlan, exercises: catalogue.find }),
    [block, athlete, blockPlan, catalogue],
  );
  const days = daysOf(block.cycleDays);
  const columns = useRef<HTMLElement>(null);
  // A moved card is drawn anew in its day: the focus goes with it.
  const carried = useRef<string | null>(null);
  // biome-ignore lint/correctness/useExhaustiveDependencies: runs when the block has changed
  useEffect(() => {
    if (carried.current === null) return;
    columns.current?.querySelector<HTMLElement>(`[data-session="${carried.current}"]`)?.focus();
    carried.current = null;
  }, [block]);

  const move = (id: string, day: number) => {
    if (day < 0 || day >= block.cycleDays) return;
    carried.current = id;
    attempt({ kind: 'session/set', session: id, field: 'day', value: day });
    setChosen(id);
  };
  const add = () => {
    const id = props.onAddSession();
    if (id === undefined) return;
    setChosen(id);
    carried.current = id;
  };
  // The keyboard lifts with Space and goes from column to column.
  const toColumn: KeyboardCoordinateGetter = (event, { currentCoordinates }) => {
    const width = (columns.current?.offsetWidth ?? 0) / Math.min(WIDEST, block.cycleDays);
    const step = { ArrowRight: width, ArrowLeft: -width }[event.code];
    if (step === undefined) return undefined;
    event.preventDefault();
    return { ...currentCoordinates, x: currentCoordinates.x + step };
  };
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 5 } }),
    useSensor(KeyboardSensor, {
      coordinateGetter: toColumn,
      keyboardCodes: { start: ['Space'], cancel: ['Escape'], end: ['Space'] },
    }),
  );
  const lifted = useRef(false);
  const settle = () => {
    lifted.current = false;
  };
  const drop = ({ active, over }: DragEndEvent) => {
    settle();
    if (over !== null) move(String(active.id), Number(over.id));
  };

  return (
    <div className={classes.frame}>
      <DndContext
        sensors={sensors}
        onDragStart={() => {
          lifted.current = true;
        }}
        onDragEnd={drop}
        onDragCancel={settle}
      >
        <section
          className={classes.days}
          ref={columns}
          aria-label="Days of the cycle"
          style={{ gridTemplateColumns: `repeat(${Math.min(WIDEST, block.cycleDays)}, minmax(0, 1fr))` }}
        >
          {days.map((day) => (
            <Day
              key={day}
              day={day}
              name={dayName(day, block.cycleDays)}
              date={addDays(weekState.plan.startDate, day).slice(5)}
            >
              {sessions
                .filter((one) => one.day === day)
                .map((one) => (
                  <Card
                    key={one.id}
                    session={one}
                    letter={String.fromCharCode(65 + (sessions.indexOf(one) % 26))}
                    weekState={weekState}
                    chosen={one.id === session?.id}
                    onChoose={() => {
                      // One that was just moved is chosen already.
                      if (carried.current === one.id) return;
                      setChosen(one.id);
                      onSay(
                        one.name,
                        'Space lifts it, arrows carry it, Space sets it down; Alt ← and Alt → move it at once. Enter opens it in the Sheet.',
                      );
                    }}
                    onOpen={() => props.onOpenSession(one.id)}
                    onMove={(by) => move(one.id, one.day + by)}
                    onRemove={() => attempt({ kind: 'session/remove', session: one.id })}
                    onStep={(by) => {
                      if (lifted.current) return;
                      const next = sessions[(sessions.indexOf(one) + by + sessions.length) % sessions.length];
                      columns.current?.querySelector<HTMLElement>(`[data-session="${next?.id}"]`)?.focus();
                    }}
                  />
                ))}
              {block.activities
                .filter((one) => one.day === day)
                .map((one) => (
                  <span key={one.id} className={classes.activity}>
                    {one.name}
                    {one.hard ? ', hard' : ''}
                  </span>
                ))}
            </Day>
          ))}
        </section>
      </DndContext>
      <div className={classes.lower} data-long={block.cycleDays > LONG}>
        <div className={classes.matrixSide}>
          {input === undefined ? (
            <p className={classes.soft}>
              Once sessions have exercises, what each day does to each muscle stands here.
            </p>
          ) : (
            <Matrix
              cycleDays={block.cycleDays}
              weekState={weekState}
              cells={dayMatrix(input)}
              onGoal={props.onGoal}
              onSay={props.onSay}
            />
          )}
        </div>
        <div className={classes.facts}>
          {session === undefined || input === undefined ? null : (
            <SessionFacts
              key={session.id}
              session={session}
              input={input}
              athlete={athlete}
              catalogue={catalogue}
              attempt={attempt}
            />
          )}
          <Activities block={block} attempt={attempt} />
          {input === undefined ? null : <BalanceFacts input={input} />}
          <div className={classes.tools}>
            <button type="button" className={classes.link} onClick={add} title="Alt S">
              Add a session
            </button>
            {props.onSaveTemplate === null ? null : (
              <button type="button" className={classes.link} onClick={props.onSaveTemplate}>
                Save as a template
              </button>
            )}
          </div>
        </div>
      </div>
    </div>
  );
}

interface DayProps {
  readonly day: number;
  readonly name: string;
  readonly date: string;
  readonly children: React.ReactNode;
}

function Day({ day, name, date, children }: DayProps) {
  const { setNodeRef, isOver } = useDroppable({ id: String(day) });
  return (
    <div className={classes.day} ref={setNodeRef} data-over={isOver} data-day={day}>
      <div className={classes.dayHead}>
        <span>{name}</span>
        <span className={classes.soft}>{date}</span>
      </div>
      {children}
    </div>
  );
}

interface CardProps {
  readonly session: Session;
  readonly letter: string;
  readonly weekState: WeekState;
  readonly chosen: boolean;
  readonly onChoose: () => void;
  readonly onOpen: () => void;
  readonly onMove: (by: number) => void;
  readonly onRemove: () => void;
  /** To the session before or after; the cards are one stop of the Tab key. */
  readonly onStep: (by: number) => void;
}

function Card({ session, letter, weekState, chosen, onChoose, onOpen, onMove, onRemove, onStep }: CardProps) {
  const { attributes, listeners, setNodeRef, transform } = useDraggable({ id: session.id });
  const planned = weekState.plan.sessions.find(({ sessionId }) => sessionId === session.id);
  const time =
    planned === undefined ? '' : `${span(minutes(planned.seconds.low), minutes(planned.seconds.high))} min`;
  const { onKeyDown: lift, ...pointer } = listeners ?? {};
  return (
    <button
      type="button"
      ref={setNodeRef}
      {...attributes}
      {...pointer}
      className={classes.card}
      data-session={session.id}
      data-chosen={chosen}
      tabIndex={chosen ? 0 : -1}
      aria-label={`${letter} ${session.name}`}
      style={transform === null ? undefined : { transform: `translate(${transform.x}px, ${transform.y}px)` }}
      onFocus={onChoose}
      onDoubleClick={onOpen}
      onKeyDown={(event) => {
        const by = { ArrowLeft: -1, ArrowRight: 1 }[event.key];
        if (event.altKey && by !== undefined) {
          event.preventDefault();
          onMove(by);
        } else if (by !== undefined) onStep(by);
        else if (event.key === 'Enter') onOpen();
        else if (event.key === 'Delete') onRemove();
        else (lift as ((event: React.KeyboardEvent) => void) | undefined)?.(event);
      }}
    >
      <span className={classes.cardName}>
        <strong>{letter}</strong> {session.name}
      </span>
      <span className={classes.soft}>
        {planned === undefined || planned.sets === 0 ? 'nothing in it yet' : `${planned.sets} sets, ${time}`}
        {session.optional ? ', optional' : ''}
      </span>
    </button>
  );
}
