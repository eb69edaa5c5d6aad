'use client';

import { Button, Table } from '@mantine/core';
import { useState } from 'react';
import {
  type LocalDate,
  MEASUREMENTS,
  type Measurement,
  type MeasurementKind,
  type MeasurementUnit,
  type Unit,
} from '@/core';
import { DateField } from '@/ui/date-field';
import { formClasses as classes, Section, SelectField } from '@/ui/form';
import { newId } from '@/ui/new-id';
import { readNumber } from '@/ui/read';
import { Typed } from '@/ui/typed';
import { useAction } from '@/ui/use-action';
import { longDay } from '@/ui/words/dates';
import { figure } from '@/ui/words/figures';
import { capital } from '@/ui/words/names';
import { outcomeSentence } from '@/ui/words/outcomes';
import * as screenWords from '@/ui/words/screens/athlete';
import * as common from '@/ui/words/screens/common';
import own from './athlete.module.css';
import { BodyChart } from './charts';
import type { AthleteActions } from './contract';
import type { DraftTools } from './use-draft';

const KG_PER_LB = { kg: 1, lb: 0.45359237, cm: 1, in: 2.54 } as const;

/** A value in the chart's unit. */
function inUnit(value: number, from: MeasurementUnit, to: MeasurementUnit): number {
  return from === to ? value : (value * KG_PER_LB[from]) / KG_PER_LB[to];
}

function unitsOf(kind: MeasurementKind): readonly MeasurementUnit[] {
  return kind === 'body weight' ? ['kg', 'lb'] : ['cm', 'in'];
}

interface BodyProps {
  readonly tools: DraftTools;
  readonly today: LocalDate;
  readonly measurements: readonly Measurement[];
  readonly onMeasured: (measurements: readonly Measurement[]) => void;
  readonly measure: AthleteActions['saveMeasurement'];
}

/** Body weight and girths over time. Measurements are saved at once: they are facts, not plans. */
export default function Body({ tools, today, measurements, onMeasured, measure }: BodyProps) {
  const { athlete } = tools;
  const [kind, setKind] = useState<MeasurementKind>('body weight');
  const metric = athlete.unit === 'kg';
  const [date, setDate] = useState(today);
  const [value, setValue] = useState<number | null>(null);
  const [turn, setTurn] = useState(0);
  const [unit, setUnit] = useState<MeasurementUnit>(athlete.unit);
  const [message, setMessage] = useState<string | null>(null);
  const measuring = useAction(measure);
  const own_ = unitsOf(kind);
  const inUse = own_.includes(unit)
    ? unit
    : metric
      ? (own_[0] as MeasurementUnit)
      : (own_[1] as MeasurementUnit);
  const series = measurements.filter((one) => one.kind === kind);
  const drawn = series.map((one) => ({ ...one, value: inUnit(one.value, one.unit, inUse), unit: inUse }));

  const send = async (change: Parameters<AthleteActions['saveMeasurement']>[0]) => {
    setMessage(null);
    const answer = await measuring.ask(change);
    if (answer.status !== 'kept') {
      setMessage(screenWords.notSaved(outcomeSentence(answer)));
      return false;
    }
    onMeasured(answer.measurements);
    const latest = answer.measurements.filter((one) => one.kind === 'body weight').at(-1);
    tools.adopt(
      answer.revision,
      latest === undefined ? {} : { bodyweight: { value: latest.value, unit: latest.unit as Unit } },
    );
    return true;
  };
  const keep = async (event: React.FormEvent) => {
    event.preventDefault();
    if (value === null) {
      setMessage(screenWords.enterTheValueFirst);
      return;
    }
    const kept = await send({ keep: { id: newId(), date, kind, value, unit: inUse } });
    if (!kept) return;
    setValue(null);
    setTurn((one) => one + 1);
  };
  const [first, last] = [drawn[0], drawn.at(-1)];
  const change =
    first === undefined || last === undefined || first === last
      ? ''
      : screenWords.inUseSince(
          last.value >= first.value ? '+' : '−',
          figure(Math.abs(last.value - first.value), 1),
          inUse,
          longDay(first.date),
        );
  return (
    <div className={own.body}>
      <Section title={capital(kind)} aside={change}>
        <div className={own.entry}>
          <SelectField
            label={screenWords.measurement}
            value={kind}
            options={MEASUREMENTS}
            onValue={setKind}
          />
        </div>
        {drawn.length < 2 ? (
          <p className={classes.soft}>{screenWords.aChartAppearsHereFrom}</p>
        ) : (
          <BodyChart series={drawn} unit={inUse} phases={athlete.phases} />
        )}
      </Section>
      <Section title={screenWords.measurements}>
        <form className={own.entry} onSubmit={keep} noValidate>
          <DateField
            label={screenWords.dateOfTheMeasurement}
            className={own.date}
            date={date}
            onDate={setDate}
          />
          <Typed
            key={turn}
            label={screenWords.newValue(kind)}
            placeholder={inUse}
            className={classes.number}
            text={value === null ? '' : figure(value)}
            read={(text) =>
              readNumber(text, { field: kind, low: 5, high: kind === 'body weight' ? 700 : 300 })
            }
            onValue={setValue}
          />
          <SelectField
            label={screenWords.unitOfTheMeasurement}
            value={inUse}
            options={own_}
            onValue={setUnit}
          />
          <Button type="submit" variant="link">
            {common.save}
          </Button>
          {message === null ? null : (
            <span className={classes.problem} role="alert">
              {message}
            </span>
          )}
        </form>
        {series.length === 0 ? <p className={classes.soft}>{screenWords.noMeasurementsYet}</p> : null}
        <History series={series} onRemove={(id) => send({ remove: id })} />
      </Section>
    </div>
  );
}

interface HistoryProps {
  readonly series: readonly Measurement[];
  readonly onRemove: (id: string) => Promise<unknown>;
}

/** Every measurement of one kind, latest first. */
function History({ series, onRemove }: HistoryProps) {
  return (
    <div className={own.history}>
      <Table className={classes.table}>
        <Table.Tbody>
          {[...series].reverse().map((one) => (
            <Table.Tr key={one.id}>
              <Table.Td>{longDay(one.date)}</Table.Td>
              <Table.Td className={classes.figure}>
                {figure(one.value)} {one.unit}
              </Table.Td>
              <Table.Td className={classes.figure}>
                <Button
                  variant="link"
                  className={own.quiet}
                  aria-label={screenWords.removeFrom(one.kind, longDay(one.date))}
                  onClick={() => onRemove(one.id)}
                >
                  {common.removeText}
                </Button>
              </Table.Td>
            </Table.Tr>
          ))}
        </Table.Tbody>
      </Table>
    </div>
  );
}
