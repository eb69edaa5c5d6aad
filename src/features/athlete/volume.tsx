'use client';

import { Table } from '@mantine/core';
import { useMemo } from 'react';
import {
  type Catalogue,
  conventionsOf,
  GOALS,
  type Goal,
  LANDMARKS,
  type LandmarkTrace,
  type LocalDate,
  landmarksFor,
  MARKS,
  type Mark,
  MUSCLES,
  type Muscle,
  ok,
  phaseOn,
  startingSets,
  type Training,
  unfold,
  type WeekPlan,
  wholeBodyBudget,
} from '@/core';
import { formClasses as classes, Section, SelectField } from '@/ui/form';
import { readNumber } from '@/ui/read';
import { Typed } from '@/ui/typed';
import { figure } from '@/ui/words/figures';
import * as screenWords from '@/ui/words/screens/athlete';
import * as common from '@/ui/words/screens/common';
import { GOAL_NAMES, MARK_NAMES, ORIGIN_NAMES } from '@/ui/words/values';
import own from './athlete.module.css';
import type { DraftTools } from './use-draft';

const MOST = 24;

interface VolumeProps {
  readonly tools: DraftTools;
  readonly today: LocalDate;
  /** The running block, for current training; null: none. */
  readonly running: Training | null;
  readonly catalogue: Catalogue;
}

/** Goals and volume range of every muscle, each figure with its source. */
export default function Volume({ tools, today, running, catalogue }: VolumeProps) {
  const { athlete, draft } = tools;
  const week = useMemo(() => {
    if (running === null) return null;
    const blockPlan = unfold({ ...running, athlete: draft.base, exercises: catalogue.find });
    return blockPlan.weeks.find(({ plan }) => plan.week === blockPlan.currentWeek)?.plan ?? null;
  }, [running, draft.base, catalogue]);
  const phase = phaseOn(athlete, today);
  const conventions = conventionsOf({ own: athlete.conventions, block: {} });
  const budget = wholeBodyBudget(athlete, phase, conventions);
  return (
    <Section
      title={screenWords.weeklyHardSetsPerMuscle}
      aside={screenWords.budgetHardSetsAWeek(athlete.level, phase, figure(budget, 0))}
    >
      <Table className={classes.table}>
        <Table.Thead>
          <Table.Tr>
            <Table.Th scope="col">{common.muscleText}</Table.Th>
            <Table.Th scope="col">{common.goal}</Table.Th>
            {MARKS.map((mark) => (
              <Table.Th scope="col" key={mark} className={own.markHead}>
                {MARK_NAMES[mark]}
              </Table.Th>
            ))}
            <Table.Th scope="col">{screenWords.rangeNow}</Table.Th>
            <Table.Th scope="col" className={classes.figure}>
              {screenWords.start}
            </Table.Th>
            <Table.Th scope="col" className={classes.figure}>
              {week === null ? '' : screenWords.weekNumber(week.week)}
            </Table.Th>
            <Table.Th scope="col">{screenWords.whereItComesFrom}</Table.Th>
          </Table.Tr>
        </Table.Thead>
        <Table.Tbody>
          {MUSCLES.map((muscle) => (
            <MuscleRow key={muscle} muscle={muscle} tools={tools} phase={phase} week={week} />
          ))}
        </Table.Tbody>
      </Table>
    </Section>
  );
}

type MuscleRowProps = Pick<VolumeProps, 'tools'> & {
  readonly week: WeekPlan | null;
  readonly muscle: Muscle;
  readonly phase: ReturnType<typeof phaseOn>;
};

function MuscleRow({ muscle, tools, phase, week }: MuscleRowProps) {
  const { athlete, change, problemAt } = tools;
  const trace = landmarksFor(muscle, athlete, phase, conventionsOf({ own: athlete.conventions, block: {} }));
  const goal: Goal = athlete.goals[muscle] ?? 'grow';
  const setGoal = (value: Goal) => {
    const { [muscle]: _, ...rest } = athlete.goals;
    change({ goals: value === 'grow' ? rest : { ...rest, [muscle]: value } });
  };
  const setMark = (mark: Mark, value: number | null) => {
    const { [mark]: _, ...rest } = athlete.landmarks[muscle] ?? {};
    const marks = value === null ? rest : { ...rest, [mark]: value };
    const { [muscle]: _old, ...others } = athlete.landmarks;
    change({ landmarks: Object.keys(marks).length === 0 ? others : { ...others, [muscle]: marks } });
  };
  const sets = week?.muscles[muscle].measured;
  return (
    <Table.Tr>
      <Table.Th scope="row" className={own.muscle} data-goal={goal}>
        {muscle}
      </Table.Th>
      <Table.Td>
        <SelectField
          label={screenWords.goalFor(muscle)}
          value={goal}
          options={GOALS}
          names={(one) => GOAL_NAMES[one]}
          onValue={setGoal}
        />
      </Table.Td>
      {MARKS.map((mark) => (
        <Table.Td key={mark}>
          <span className={own.mark}>
            <Typed
              label={screenWords.markForMuscle(MARK_NAMES[mark], muscle)}
              className={own.short}
              placeholder={figure(fallback(mark, muscle, trace, athlete.learned[muscle]), 1)}
              text={
                athlete.landmarks[muscle]?.[mark] === undefined
                  ? ''
                  : figure(athlete.landmarks[muscle]?.[mark] ?? 0, 1)
              }
              read={(text) =>
                text.trim() === ''
                  ? ok(null)
                  : readNumber(text, { field: MARK_NAMES[mark], low: 0, high: 60 })
              }
              onValue={(value) => setMark(mark, value)}
            />
            <span className={own.origin} data-own={trace.origins[mark] !== 'convention'}>
              {ORIGIN_NAMES[trace.origins[mark]]}
            </span>
          </span>
        </Table.Td>
      ))}
      <Table.Td>
        <span className={own.range}>
          <Rails trace={trace} sets={sets ?? null} />
          {figure(trace.result.floor, 1)} – {figure(trace.result.ceiling, 1)}
        </span>
      </Table.Td>
      <Table.Td className={classes.figure}>{startingSets(trace.result, goal)}</Table.Td>
      <Table.Td className={classes.figure}>{sets === undefined ? '' : figure(sets, 1)}</Table.Td>
      <Table.Td className={`${classes.soft} ${own.says}`}>
        {problemAt(`landmarks/${muscle}`) === undefined ? (
          sourceText(trace, athlete.learned[muscle]?.evidence)
        ) : (
          <span className={classes.problem} role="alert">
            {problemAt(`landmarks/${muscle}`)}
          </span>
        )}
      </Table.Td>
    </Table.Tr>
  );
}

/** The figure without the coach's own. */
function fallback(
  mark: Mark,
  muscle: Muscle,
  trace: LandmarkTrace,
  learned: { readonly floor?: number; readonly ceiling?: number } | undefined,
): number {
  if (mark === 'hold') return LANDMARKS[muscle].hold;
  return learned?.[mark] ?? (trace.origins[mark] === 'coach' ? LANDMARKS[muscle][mark] : trace.base[mark]);
}

function sourceText(trace: LandmarkTrace, evidence: string | undefined): string {
  if (evidence !== undefined) return evidence;
  const { floor } = trace.factors;
  const factors = [
    ...(floor.level === 1 ? [] : [screenWords.levelFactor(figure(floor.level))]),
    ...(floor.phase === 1 && trace.factors.ceiling.phase === 1
      ? []
      : [
          screenWords.minimumMaximum(
            trace.phase,
            figure(floor.phase),
            figure(trace.factors.ceiling.phase, 3),
          ),
        ]),
  ];
  return factors.join('; ');
}

/** Lines at minimum and maximum, and current sets as a bar from zero. */
function Rails({ trace, sets }: { readonly trace: LandmarkTrace; readonly sets: number | null }) {
  const x = (value: number) => Math.min(100, (100 * value) / MOST);
  const { hold, floor, ceiling } = trace.result;
  return (
    <svg
      width="104"
      height="14"
      viewBox="0 0 104 14"
      aria-hidden="true"
      focusable="false"
      className={own.rails}
    >
      <line x1="0" x2="104" y1="7" y2="7" className={own.scale} />
      {sets === null ? null : <rect x="0" y="4.5" width={x(sets)} height="5" />}
      {hold > 0 ? <circle cx={x(hold)} cy="7" r="2" className={own.hold} /> : null}
      <line x1={x(floor)} x2={x(floor)} y1="1" y2="13" className={own.rail} />
      <line x1={x(ceiling)} x2={x(ceiling)} y1="1" y2="13" className={own.rail} />
    </svg>
  );
}
