'use client';

import { Button, Table, TextInput } from '@mantine/core';
import { useState } from 'react';
import {
  CONVENTIONS,
  type ConventionId,
  type ConventionOrigin,
  type Conventions,
  conventionBounds,
  type Problem,
  withConvention,
} from '@/core';
import * as common from '@/ui/words/screens/common';
import * as screenWords from '@/ui/words/screens/parts';
import classes from './conventions-table.module.css';
import { formClasses as form } from './form';
import { readNumber } from './read';
import { figure } from './words/figures';
import { problemSentence } from './words/problems';

const PLACES = 3;

const ORIGIN_WORDS: Readonly<Record<ConventionOrigin, string>> = {
  usual: screenWords.defaultWord,
  coach: screenWords.yourSettingForAll,
  athlete: screenWords.setForThisAthlete,
  muscle: screenWords.setForThisMuscle,
  exercise: screenWords.setForThisExercise,
  block: screenWords.setForThisBlock,
};

interface ConventionsTableProps {
  readonly ids: readonly ConventionId[];
  /** The values set here. */
  readonly own: Readonly<Partial<Conventions>>;
  /** The value without that, and where it is set. */
  readonly otherwise: (id: ConventionId) => { readonly value: number; readonly from: ConventionOrigin };
  readonly onOwn: (own: Partial<Conventions>) => readonly Problem[];
}

function found(ids: readonly ConventionId[], search: string): readonly ConventionId[] {
  const words = search.toLowerCase().split(/\s+/).filter(Boolean);
  return ids.filter((id) => {
    const { name, unit, reason } = CONVENTIONS[id];
    return words.every((word) => `${name} ${unit} ${reason}`.toLowerCase().includes(word));
  });
}

/** Rules that a coach may disagree with: a description, the reason, the value set here, and its source otherwise. */
export function ConventionsTable({ ids, own, otherwise, onOwn }: ConventionsTableProps) {
  const [search, setSearch] = useState('');
  const shown = found(ids, search);
  return (
    <>
      <TextInput
        data-autofocus
        type="search"
        className={classes.search}
        aria-label={screenWords.searchRules}
        placeholder={screenWords.searchByNameUnitOr}
        value={search}
        onChange={(event) => setSearch(event.target.value)}
      />
      <Table className={classes.table}>
        <Table.Thead>
          <Table.Tr>
            <Table.Th scope="col">{screenWords.rule}</Table.Th>
            <Table.Th scope="col">{screenWords.value}</Table.Th>
            <Table.Th scope="col">{screenWords.unit}</Table.Th>
            <Table.Th scope="col">{screenWords.otherwise}</Table.Th>
            <Table.Th scope="col">{screenWords.reason}</Table.Th>
          </Table.Tr>
        </Table.Thead>
        <Table.Tbody>
          {shown.map((id) => (
            <Line
              key={id}
              id={id}
              value={own[id] ?? null}
              otherwise={otherwise(id)}
              onSet={(value) => onOwn(withConvention(own, id, value, otherwise(id).value))}
            />
          ))}
        </Table.Tbody>
      </Table>
      {shown.length === 0 ? <p className={form.soft}>{common.noMatches}</p> : null}
    </>
  );
}

interface LineProps {
  readonly id: ConventionId;
  /** The value set here; null: none. */
  readonly value: number | null;
  readonly otherwise: ReturnType<ConventionsTableProps['otherwise']>;
  readonly onSet: (value: number) => readonly Problem[];
}

function Line({ id, value, otherwise, onSet }: LineProps) {
  const { name, unit, reason } = CONVENTIONS[id];
  const [typed, setTyped] = useState<string | null>(null);
  const [problem, setProblem] = useState<Problem | null>(null);
  const usual = figure(otherwise.value, PLACES);
  const keep = () => {
    if (typed === null) return;
    const read = readNumber(typed, { field: name, ...conventionBounds(id) });
    const problems = read.ok ? onSet(read.value) : read.problems;
    setProblem(problems[0] ?? null);
    if (problems.length === 0) setTyped(null);
  };
  return (
    <Table.Tr data-own={value !== null}>
      <Table.Th scope="row">{name}</Table.Th>
      <Table.Td>
        <TextInput
          className={form.number}
          aria-label={name}
          error={problem !== null}
          aria-describedby={problem === null ? undefined : `problem-${id}`}
          value={typed ?? figure(value ?? otherwise.value, PLACES)}
          onChange={(event) => setTyped(event.target.value)}
          onBlur={keep}
          onKeyDown={(event) => {
            if (event.key === 'Enter') keep();
          }}
        />
      </Table.Td>
      <Table.Td className={classes.soft}>{unit}</Table.Td>
      <Table.Td>
        {value === null ? null : (
          <Button
            variant="link"
            aria-label={screenWords.resetTo(name, usual)}
            onClick={() => {
              setTyped(null);
              setProblem(null);
              onSet(otherwise.value);
            }}
          >
            {screenWords.resetToUsual(usual)}
          </Button>
        )}
        <span className={classes.soft}>
          {value === null ? usual : ''}
          {otherwise.from === 'usual' ? '' : ` ${ORIGIN_WORDS[otherwise.from]}`}
        </span>
      </Table.Td>
      <Table.Td className={classes.soft}>
        {reason}
        {problem === null ? null : (
          <span className={classes.problem} id={`problem-${id}`} role="alert">
            {' '}
            {problemSentence(problem)}
          </span>
        )}
      </Table.Td>
    </Table.Tr>
  );
}
