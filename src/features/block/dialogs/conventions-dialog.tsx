'use client';

import { Button, Modal, Table, TextInput } from '@mantine/core';
import { useState } from 'react';
import {
  type Block,
  boundsOf,
  CONVENTION_IDS,
  CONVENTIONS,
  type ConventionId,
  type Edit,
  type Problem,
  type Result,
  withConvention,
} from '@/core';
import { formClasses as form } from '@/ui/form';
import { readNumber } from '@/ui/read';
import { figure } from '@/ui/words/figures';
import { problemSentence } from '@/ui/words/problems';
import classes from './conventions-dialog.module.css';

interface ConventionsDialogProps {
  readonly block: Block;
  readonly attempt: (edit: Edit) => Result<null>;
  readonly onClose: () => void;
}

const PLACES = 3;

function found(search: string): readonly ConventionId[] {
  const words = search.toLowerCase().split(/\s+/).filter(Boolean);
  return CONVENTION_IDS.filter((id) => {
    const { name, unit, reason } = CONVENTIONS[id];
    return words.every((word) => `${name} ${unit} ${reason}`.toLowerCase().includes(word));
  });
}

/** Every number of the practice that a coach may argue with: what it is, why, and this block's own where it has one. */
export default function ConventionsDialog({ block, attempt, onClose }: ConventionsDialogProps) {
  const [search, setSearch] = useState('');
  const own = block.conventions;
  const shown = found(search);
  const set = (id: ConventionId, value: number): readonly Problem[] => {
    const changed = attempt({
      kind: 'block/set',
      field: 'conventions',
      value: withConvention(own, id, value),
    });
    return changed.ok ? [] : changed.problems;
  };
  return (
    <Modal opened onClose={onClose} title="Conventions of this block" size="xl">
      {/* biome-ignore lint/a11y/noStaticElementInteractions: keys typed here are not meant for the table behind */}
      <div onKeyDown={(event) => event.key !== 'Escape' && event.stopPropagation()}>
        <p className={form.soft}>
          Starting points, not laws: each with its reason. A figure of your own holds for this block and stays
          with it when it is copied.
        </p>
        <TextInput
          data-autofocus
          type="search"
          className={classes.search}
          aria-label="Find conventions"
          placeholder="Find by name, unit or reason"
          value={search}
          onChange={(event) => setSearch(event.target.value)}
        />
        <Table className={classes.table}>
          <Table.Thead>
            <Table.Tr>
              <Table.Th scope="col">convention</Table.Th>
              <Table.Th scope="col">here</Table.Th>
              <Table.Th scope="col">unit</Table.Th>
              <Table.Th scope="col">usual</Table.Th>
              <Table.Th scope="col">because</Table.Th>
            </Table.Tr>
          </Table.Thead>
          <Table.Tbody>
            {shown.map((id) => (
              <Line key={id} id={id} value={own[id] ?? null} onSet={(value) => set(id, value)} />
            ))}
          </Table.Tbody>
        </Table>
        {shown.length === 0 ? <p className={form.soft}>Nothing is called that.</p> : null}
      </div>
    </Modal>
  );
}

interface LineProps {
  readonly id: ConventionId;
  /** The block's own; null where the usual one holds. */
  readonly value: number | null;
  readonly onSet: (value: number) => readonly Problem[];
}

function Line({ id, value, onSet }: LineProps) {
  const { name, unit, default: usual, reason } = CONVENTIONS[id];
  const [typed, setTyped] = useState<string | null>(null);
  const [problem, setProblem] = useState<Problem | null>(null);
  const keep = () => {
    if (typed === null) return;
    const read = readNumber(typed, { field: name, ...boundsOf(id) });
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
          value={typed ?? figure(value ?? usual, PLACES)}
          onChange={(event) => setTyped(event.target.value)}
          onBlur={keep}
          onKeyDown={(event) => {
            if (event.key === 'Enter') keep();
          }}
        />
      </Table.Td>
      <Table.Td className={classes.soft}>{unit}</Table.Td>
      <Table.Td>
        {value === null ? (
          <span className={classes.soft}>{figure(usual, PLACES)}</span>
        ) : (
          <Button
            variant="link"
            aria-label={`${name} back to ${figure(usual, PLACES)}`}
            onClick={() => {
              setTyped(null);
              setProblem(null);
              onSet(usual);
            }}
          >
            back to {figure(usual, PLACES)}
          </Button>
        )}
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
