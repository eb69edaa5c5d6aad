import {
  type CollisionDetection,
  DndContext,
  type DragEndEvent,
  type KeyboardCoordinateGetter,
  KeyboardSensor,
  MouseSensor,
  pointerWithin,
  rectIntersection,
  TouchSensor,
  useDraggable,
  useDroppable,
  useSensor,
  useSensors,
} from '@dnd-kit/core';
import { UnstyledButton } from '@mantine/core';
import { useEffect, useRef } from 'react';
import { addDays, type Block, type Session, sessionsInOrder, type WeekState } from '@/core';
import { shortDay } from '@/ui/words/dates';
import { minutes, span } from '@/ui/words/figures';
import { dayName } from '@/ui/words/names';
import * as screenWords from '@/ui/words/screens/split';
import { TOUCH } from '../touch';
import classes from './frame.module.css';
import { daysOf } from './matrix';

const WIDEST = 7;

interface DaysProps {
  readonly block: Block;
  readonly weekState: WeekState;
  /** The session whose figures are shown. */
  readonly chosen: string | undefined;
  /** A moved or new card is rendered in its day: the focus follows. */
  readonly carried: React.RefObject<string | null>;
  readonly onChoose: (session: Session) => void;
  readonly onOpen: (sessionId: string) => void;
  readonly onMove: (sessionId: string, day: number) => void;
  /** Two sessions swap days. */
  readonly onExchange: (sessionId: string, other: string) => void;
  readonly onRemove: (sessionId: string) => void;
}

/** The days of the cycle as columns with their sessions' cards, moved by pointer or keyboard. */
export function Days(props: DaysProps) {
  const { block, weekState, chosen, carried, onChoose, onOpen, onMove, onExchange, onRemove } = props;
  const sessions = sessionsInOrder(block);
  const columns = useRef<HTMLElement>(null);
  // biome-ignore lint/correctness/useExhaustiveDependencies: runs when the block has changed
  useEffect(() => {
    if (carried.current === null) return;
    columns.current?.querySelector<HTMLElement>(`[data-session="${carried.current}"]`)?.focus();
    carried.current = null;
  }, [block]);

  const { context, lifted } = useDragging(columns, Math.min(WIDEST, block.cycleDays), onMove, onExchange);
  const step = (from: Session, by: number) => {
    if (lifted.current) return;
    const next = sessions[(sessions.indexOf(from) + by + sessions.length) % sessions.length];
    columns.current?.querySelector<HTMLElement>(`[data-session="${next?.id}"]`)?.focus();
  };
  const exchange = (one: Session, by: number) => {
    const other = sessions[sessions.indexOf(one) + by];
    if (other !== undefined) onExchange(one.id, other.id);
  };
  return (
    <DndContext {...context}>
      <section
        className={classes.days}
        ref={columns}
        aria-label={screenWords.daysOfTheCycle}
        style={{ '--days': Math.min(WIDEST, block.cycleDays) } as React.CSSProperties}
      >
        {daysOf(block.cycleDays).map((day) => (
          <Day
            key={day}
            day={day}
            name={dayName(day, block.cycleDays)}
            date={shortDay(addDays(weekState.plan.startDate, day))}
          >
            {sessions
              .filter((one) => one.day === day)
              .map((one) => (
                <Card
                  key={one.id}
                  session={one}
                  letter={String.fromCharCode(65 + (sessions.indexOf(one) % 26))}
                  weekState={weekState}
                  chosen={one.id === chosen}
                  onChoose={() => {
                    // A card that was just moved is already selected.
                    if (carried.current !== one.id) onChoose(one);
                  }}
                  onOpen={() => onOpen(one.id)}
                  onMove={(by) => onMove(one.id, one.day + by)}
                  onExchange={(by) => exchange(one, by)}
                  onRemove={() => onRemove(one.id)}
                  onStep={(by) => step(one, by)}
                />
              ))}
            {block.activities
              .filter((one) => one.day === day)
              .map((one) => (
                <span key={one.id} className={classes.activity}>
                  {one.name}
                  {one.hard ? screenWords.hard : ''}
                </span>
              ))}
          </Day>
        ))}
      </section>
    </DndContext>
  );
}

const ON_CARD = 'card ';

/** The session of this card; null if it is a day. */
function sessionOf(id: number | string): string | null {
  return typeof id === 'string' && id.startsWith(ON_CARD) ? id.slice(ON_CARD.length) : null;
}

/** On another card if the pointer is on it, otherwise on the day with the largest overlap. */
const onCardOrDay: CollisionDetection = (args) => {
  const card = pointerWithin(args).find(({ id }) => ![null, String(args.active.id)].includes(sessionOf(id)));
  if (card !== undefined) return [card];
  const days = args.droppableContainers.filter(({ id }) => sessionOf(id) === null);
  return rectIntersection({ ...args, droppableContainers: days });
};

/** Cards picked up and dropped: by pointer, or with Space and arrow keys from column to column. */
function useDragging(
  columns: React.RefObject<HTMLElement | null>,
  shown: number,
  onMove: (sessionId: string, day: number) => void,
  onExchange: (sessionId: string, other: string) => void,
) {
  // The keyboard picks up with Space and moves from column to column.
  const toColumn: KeyboardCoordinateGetter = (event, { currentCoordinates }) => {
    const width = (columns.current?.offsetWidth ?? 0) / shown;
    const step = { ArrowRight: width, ArrowLeft: -width }[event.code];
    if (step === undefined) return undefined;
    event.preventDefault();
    return { ...currentCoordinates, x: currentCoordinates.x + step };
  };
  const sensors = useSensors(
    useSensor(MouseSensor, { activationConstraint: { distance: 5 } }),
    useSensor(TouchSensor, { activationConstraint: TOUCH }),
    useSensor(KeyboardSensor, {
      coordinateGetter: toColumn,
      keyboardCodes: { start: [screenWords.space], cancel: ['Escape'], end: [screenWords.space] },
    }),
  );
  const lifted = useRef(false);
  const settle = () => {
    lifted.current = false;
  };
  const drop = ({ active, over }: DragEndEvent) => {
    settle();
    if (over === null) return;
    const other = sessionOf(over.id);
    if (other === null) onMove(String(active.id), Number(over.id));
    else onExchange(String(active.id), other);
  };

  const onDragStart = () => {
    lifted.current = true;
  };
  return {
    lifted,
    context: { sensors, collisionDetection: onCardOrDay, onDragStart, onDragEnd: drop, onDragCancel: settle },
  };
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
  /** With the session before or after it. */
  readonly onExchange: (by: number) => void;
  readonly onRemove: () => void;
  /** To the previous or next session; the cards are a single tab stop. */
  readonly onStep: (by: number) => void;
}

function Card(props: CardProps) {
  const { session, letter, weekState, chosen, onChoose, onOpen, onMove, onExchange, onRemove, onStep } =
    props;
  const { attributes, listeners, setNodeRef, transform } = useDraggable({ id: session.id });
  const place = useDroppable({ id: `${ON_CARD}${session.id}` });
  const planned = weekState.plan.sessions.find(({ sessionId }) => sessionId === session.id);
  const time =
    planned === undefined
      ? ''
      : screenWords.spanMinutes(span(minutes(planned.seconds.low), minutes(planned.seconds.high)));
  const { onKeyDown: lift, ...pointer } = listeners ?? {};
  return (
    <UnstyledButton
      ref={(element) => {
        setNodeRef(element);
        place.setNodeRef(element);
      }}
      {...attributes}
      {...pointer}
      className={classes.card}
      data-session={session.id}
      data-chosen={chosen}
      data-over={place.isOver}
      tabIndex={chosen ? 0 : -1}
      style={transform === null ? undefined : { transform: `translate(${transform.x}px, ${transform.y}px)` }}
      onFocus={onChoose}
      onDoubleClick={onOpen}
      onKeyDown={(event) => {
        const by = { ArrowLeft: -1, ArrowRight: 1 }[event.key];
        if (event.altKey && by !== undefined) {
          event.preventDefault();
          if (event.shiftKey) onExchange(by);
          else onMove(by);
        } else if (by !== undefined) onStep(by);
        else if (event.key === 'Enter') onOpen();
        else if (event.key === 'Delete') onRemove();
        else (lift as ((event: React.KeyboardEvent) => void) | undefined)?.(event);
      }}
    >
      <span className={classes.cardName}>
        <strong>{letter}</strong> {session.name}
      </span>{' '}
      <span className={classes.soft}>
        {planned === undefined || planned.sets === 0
          ? screenWords.empty
          : screenWords.sets(planned.sets, time)}
        {session.optional ? screenWords.optional : ''}
      </span>
    </UnstyledButton>
  );
}
