import { Button, Table } from '@mantine/core';
import type { Block, BlockPlan, Catalogue, SlotPlan } from '@/core';
import { sessionsInOrder, variantName } from '@/core';
import { setText } from '@/ui/words/figures';
import * as common from '@/ui/words/screens/common';
import * as screenWords from '@/ui/words/screens/ladder';
import classes from './ladder.module.css';

interface LoadsProps {
  readonly block: Block;
  readonly catalogue: Catalogue;
  readonly blockPlan: BlockPlan;
  readonly onOpen: (slot: string, week: number) => void;
}

interface Point {
  readonly week: number;
  readonly slot: SlotPlan;
  readonly done: boolean;
  /** Strength of the first set, so that load and reps make one line. */
  readonly level: number;
}

const WIDTH = 150;
const HEIGHT = 22;

function pointsOf(blockPlan: BlockPlan, slotId: string): readonly Point[] {
  return blockPlan.weeks.flatMap(({ plan, performed }): Point[] => {
    if (plan.kind === 'deload') return [];
    for (const session of plan.sessions) {
      const slot = session.slots.find((one) => one.slotId === slotId);
      const [first] = slot?.sets ?? [];
      if (slot === undefined || first === undefined) continue;
      const logged = performed.get(session.sessionId)?.sets.get(`${slotId}/${first.id}`)?.set;
      const load = (logged?.load.value ?? first.load ?? 0) + slot.carried;
      const reps = (logged?.reps ?? first.reps) + (logged?.rir ?? first.rir);
      const level = slot.measure === 'seconds' ? (logged?.reps ?? first.reps) : load * (1 + reps / 30);
      return [{ week: plan.week, slot, done: logged !== undefined, level }];
    }
    return [];
  });
}

/** A slot's load at start and end, with the line between: finished weeks as dots, projections dashed. */
export function Loads({ block, catalogue, blockPlan, onOpen }: LoadsProps) {
  return (
    <section aria-label={screenWords.projectedLoads}>
      <h2 className={classes.head}>
        {common.loads}
        <span className={classes.key}>{screenWords.dotsAreDoneTheDashed}</span>
      </h2>
      <div className={classes.loads}>
        {sessionsInOrder(block).map((session) => (
          <Table key={session.id} className={classes.loadTable}>
            <Table.Caption>{session.name}</Table.Caption>
            <Table.Tbody>
              {session.slots.map((slot) => {
                const points = pointsOf(blockPlan, slot.id);
                const [first, last] = [points[0], points.at(-1)];
                const exercise = catalogue.find(slot.exercise);
                if (first === undefined || last === undefined || exercise === undefined) return null;
                const text = ({ slot: one }: Point) =>
                  setText(one.sets[0]?.load ?? null, one.sets[0]?.reps ?? 0, one);
                return (
                  <Table.Tr key={slot.id}>
                    <Table.Th scope="row">
                      <Button variant="link" onClick={() => onOpen(slot.id, last.week)}>
                        {variantName(exercise, slot.variant)}
                      </Button>
                    </Table.Th>
                    <Table.Td>{text(first)}</Table.Td>
                    <Table.Td>
                      <Line points={points} />
                    </Table.Td>
                    <Table.Td>
                      <strong>{text(last)}</strong>
                    </Table.Td>
                  </Table.Tr>
                );
              })}
            </Table.Tbody>
          </Table>
        ))}
      </div>
    </section>
  );
}

function Line({ points }: { readonly points: readonly Point[] }) {
  const levels = points.map(({ level }) => level);
  const [low, high] = [Math.min(...levels), Math.max(...levels)];
  const x = (at: number) => 4 + (at / Math.max(1, points.length - 1)) * (WIDTH - 8);
  const y = (level: number) =>
    high === low ? HEIGHT / 2 : HEIGHT - 4 - ((level - low) / (high - low)) * (HEIGHT - 8);
  const path = points.map(({ level }, at) => `${at === 0 ? 'M' : 'L'}${x(at)} ${y(level)}`).join('');
  return (
    <svg width={WIDTH} height={HEIGHT} aria-hidden="true" className={classes.line}>
      <path d={path} />
      {points.map(({ week, level, done }, at) =>
        done ? <circle key={week} cx={x(at)} cy={y(level)} r={2.6} /> : null,
      )}
    </svg>
  );
}
