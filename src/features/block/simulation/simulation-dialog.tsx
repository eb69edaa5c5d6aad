'use client';

import { Button, Modal, NativeSelect, Table } from '@mantine/core';
import { useMemo, useState } from 'react';
import {
  type Athlete,
  type AthleteModel,
  addAdherence,
  athleteModel,
  type Block,
  type BlockPlan,
  type BlockVariant,
  blockExposures,
  type Catalogue,
  chosenCurve,
  conventionsOf,
  type Edit,
  finishedWeeks,
  type Result,
  rirBias,
  type Simulation,
  type Training,
  VARIANTS,
  variantEdits,
  variantOf,
  weekAdherence,
} from '@/core';
import { newId } from '@/ui/new-id';
import { figure, minutes } from '@/ui/words/figures';
import { capital, namesOf } from '@/ui/words/names';
import * as common from '@/ui/words/screens/common';
import * as screenWords from '@/ui/words/screens/simulate';
import classes from './simulation.module.css';
import { useSimulation } from './use-simulation';

interface SimulationDialogProps {
  readonly block: Block;
  readonly athlete: Athlete;
  readonly blockPlan: BlockPlan;
  readonly catalogue: Catalogue;
  readonly ownExercises: Training['ownExercises'];
  readonly today: string;
  readonly attempt: (edit: Edit) => Result<null>;
  readonly onClose: () => void;
}

const RUNS = ['100', '200', '500'] as const;
const ALL = screenWords.allOfThese;
type Beside = BlockVariant | typeof ALL;

/** The block simulated many times, compared with one change, or with each of several changes. */
export default function SimulationDialog(props: SimulationDialogProps) {
  const { block, athlete, blockPlan, catalogue, ownExercises, today, attempt, onClose } = props;
  const [runs, setRuns] = useState<string>(RUNS[0]);
  const [other, setOther] = useState<Beside>(VARIANTS[0]);
  const [compared, setCompared] = useState<readonly BlockVariant[]>([]);
  const { said, failed, times: under, start, stop } = useSimulation();
  const model = useMemo(
    () => knownModel({ block, athlete, blockPlan, catalogue, today }),
    [block, athlete, blockPlan, catalogue, today],
  );
  const context = {
    athlete,
    issued: Math.max(0, ...blockPlan.weeks.map(({ issued }) => issued?.week ?? 0)),
    newId,
  };
  const possible = VARIANTS.filter((variant) => variantEdits(block, variant, context).length > 0);
  const begin = () => {
    const variants = other === ALL ? possible : [other];
    setCompared(variants);
    const blocks = [block, ...variants.map((variant) => variantOf(block, variant, context))];
    start({ blocks, athlete, ownExercises, model, times: Number(runs) });
  };
  const take = (variant: BlockVariant) => {
    if (attempt({ kind: 'batch', edits: variantEdits(block, variant, context) }).ok) onClose();
  };
  return (
    <Modal opened onClose={onClose} title={screenWords.simulateTheBlock} size="xl">
      <p className={classes.soft}>{modelText(model)}</p>
      <div className={classes.tools}>
        <NativeSelect
          aria-label={screenWords.numberOfRuns}
          value={runs}
          onChange={(event) => setRuns(event.target.value)}
          data={RUNS.map((value) => ({ value, label: screenWords.runs(value) }))}
        />
        <NativeSelect
          aria-label={common.compareWith}
          value={other}
          onChange={(event) => setOther(event.target.value as Beside)}
          data={[...possible, ALL].map((value) => ({ value, label: screenWords.compareWith(value) }))}
        />
        {under === null ? (
          <Button data-autofocus onClick={begin}>
            {screenWords.simulate}
          </Button>
        ) : (
          <Button variant="default" onClick={stop}>
            {screenWords.stop}
          </Button>
        )}
        <progress
          className={classes.progress}
          aria-label={screenWords.runsDone}
          max={under ?? said?.done ?? 1}
          value={said?.done ?? 0}
          hidden={under === null && said === null}
        />
        <span role="status" className={classes.soft}>
          {failed
            ? screenWords.theSimulationCouldNotRun
            : said === null
              ? ''
              : screenWords.countRunsDone(said.done)}
        </span>
      </div>
      {said === null ? null : (
        <Results
          results={said.results}
          variants={compared}
          was={failedIn({ block, blockPlan, today })}
          names={slotNames(block, catalogue)}
          unit={athlete.unit}
          onTake={take}
        />
      )}
    </Modal>
  );
}

/** Share of sessions below target in each finished week, per cent: how wrong the model was. */
function failedIn({
  block,
  blockPlan,
  today,
}: Pick<SimulationDialogProps, 'block' | 'blockPlan' | 'today'>): ReadonlyMap<number, number> {
  const over = finishedWeeks(block, blockPlan.weeks, today).filter(
    ({ plan, performed }) => plan.kind === 'building' && performed.size > 0,
  );
  return new Map(
    over.map(({ plan: { week }, performed }) => {
      const behind = new Set(
        blockPlan.observations
          .filter((one) => one.week === week && one.performance.verdict === 'behind')
          .map(({ sessionId }) => sessionId),
      );
      return [week, (100 * behind.size) / performed.size];
    }),
  );
}

/** The model adjusted by the athlete's weeks so far. */
function knownModel(
  known: Pick<SimulationDialogProps, 'block' | 'athlete' | 'blockPlan' | 'catalogue' | 'today'>,
): AthleteModel {
  const { block, athlete, blockPlan, catalogue, today } = known;
  const exposures = blockExposures(blockPlan.weeks, athlete, catalogue.newest);
  const conventions = conventionsOf({ own: athlete.conventions, block: block.conventions });
  const bias = rirBias(exposures, chosenCurve(athlete.effort), conventions);
  const { sessions } = addAdherence(
    finishedWeeks(block, blockPlan.weeks, today).map((week) => weekAdherence(block, week)),
  );
  return athleteModel(athlete.level, { bias: bias?.steady === true ? bias.mean : null, sessions });
}

function modelText({ gain, bias, missed }: AthleteModel): string {
  const left =
    Math.abs(bias) < 0.05
      ? screenWords.accurateRir
      : screenWords.rirReportedRepsToo(figure(Math.abs(bias), 1), bias > 0 ? 'more' : 'fewer');
  return screenWords.aModelNotAMeasurement(figure(gain, 1), left, figure(100 * missed, 0));
}

function slotNames(block: Block, catalogue: Catalogue): ReadonlyMap<string, string> {
  const names = namesOf(catalogue);
  return new Map(
    block.sessions.flatMap(({ slots }) => slots.map(({ id, exercise }) => [id, names(exercise.id)] as const)),
  );
}

interface ResultsProps {
  /** Results of the block as planned, then of each variant. */
  readonly results: readonly Simulation[];
  readonly variants: readonly BlockVariant[];
  /** What actually happened, by week. */
  readonly was: ReadonlyMap<number, number>;
  readonly names: ReadonlyMap<string, string>;
  readonly unit: string;
  readonly onTake: (variant: BlockVariant) => void;
}

/** Both results side by side; a variant is only applied on request, as a step of the block. */
function Results({ results, variants, was, names, unit, onTake }: ResultsProps) {
  const percent = (value: number) => `${figure(value, 0)} %`;
  const columns = results.map((of, at) => ({
    name: at === 0 ? common.asPlanned : (variants[at - 1] ?? ''),
    of,
  }));
  const rows: readonly (readonly [string, (of: Simulation) => string])[] = [
    [screenWords.noMuscleIsBelowTarget, ({ whole }) => percent(whole)],
    [
      screenWords.firstToFail,
      ({ breaks }) =>
        breaks.length === 0
          ? 'none'
          : breaks
              .slice(0, results.length > 2 ? 1 : 3)
              .map(({ muscle, share, week }) => screenWords.week(muscle, percent(share), week))
              .join('; '),
    ],
    [
      screenWords.anEarlyDeloadIsProposed,
      ({ early }) =>
        early.week === null ? 'never' : screenWords.shareInWeek(percent(early.share), early.week),
    ],
    [
      screenWords.strengthGain,
      ({ gain }) =>
        screenWords.middleAndRange(figure(gain.middle, 1), figure(gain.low, 1), figure(gain.high, 1)),
    ],
    [screenWords.sessionMinutesInTheLast, ({ seconds }) => String(minutes(seconds))],
  ];
  const weeks = Array.from({ length: Math.max(...results.map((of) => of.weeks.length)) }, (_, at) => at + 1);
  const [planned] = results;
  return (
    <>
      <Table className={classes.table} aria-label={screenWords.asPlannedAndChanged}>
        <Table.Thead>
          <Table.Tr>
            <Table.Th scope="col" />
            {columns.map(({ name }) => (
              <Table.Th scope="col" key={name}>
                {name}
              </Table.Th>
            ))}
          </Table.Tr>
        </Table.Thead>
        <Table.Tbody>
          {rows.map(([row, text]) => (
            <Table.Tr key={row}>
              <Table.Th scope="row">{row}</Table.Th>
              {columns.map(({ name, of }) => (
                <Table.Td key={name}>{text(of)}</Table.Td>
              ))}
            </Table.Tr>
          ))}
          <Table.Tr>
            <Table.Th scope="row" />
            <Table.Td />
            {variants.map((variant) => (
              <Table.Td key={variant}>
                <Button
                  variant="link"
                  aria-label={screenWords.applyThis(variant)}
                  onClick={() => onTake(variant)}
                >
                  {common.applyThis}
                </Button>
              </Table.Td>
            ))}
          </Table.Tr>
        </Table.Tbody>
      </Table>
      <Table className={classes.table} aria-label={screenWords.sessionsBelowTarget}>
        <Table.Thead>
          <Table.Tr>
            <Table.Th scope="col">{screenWords.sessionsBelowTargetText}</Table.Th>
            {weeks.map((week) => (
              <Table.Th scope="col" key={week}>
                {screenWords.weekNumber(week)}
              </Table.Th>
            ))}
          </Table.Tr>
        </Table.Thead>
        <Table.Tbody>
          {columns.map(({ name, of }) => (
            <Table.Tr key={name}>
              <Table.Th scope="row">{name}</Table.Th>
              {weeks.map((week) => (
                <Table.Td key={week}>
                  <Share week={of.weeks[week - 1]} />
                </Table.Td>
              ))}
            </Table.Tr>
          ))}
          {was.size === 0 ? null : (
            <Table.Tr>
              <Table.Th scope="row">{screenWords.actual}</Table.Th>
              {weeks.map((week) => (
                <Table.Td key={week}>{was.has(week) ? `${figure(was.get(week) ?? 0, 0)} %` : ''}</Table.Td>
              ))}
            </Table.Tr>
          )}
        </Table.Tbody>
      </Table>
      <h3 className={classes.head}>{screenWords.firstLoadsOfTheLast(unit)}</h3>
      <ul className={classes.loads}>
        {planned?.loads.map(({ slotId, low, middle, high }) => (
          <li key={slotId}>
            <span>{capital(names.get(slotId) ?? slotId)}</span>
            <span>
              <strong>{figure(middle)}</strong> {screenWords.rangeInBrackets(figure(low), figure(high))}
            </span>
          </li>
        ))}
      </ul>
    </>
  );
}

/** The share of a week's sessions below target, as a bar with its figure; a deload has no target. */
function Share({ week }: { readonly week: Simulation['weeks'][number] | undefined }) {
  if (week === undefined) return null;
  if (week.kind === 'deload') return <span className={classes.soft}>{common.deloadText}</span>;
  return (
    <span className={classes.share}>
      {figure(week.sessions, 0)} %
      <span className={classes.bar} style={{ width: `${Math.min(50, week.sessions)}px` }} />
    </span>
  );
}
