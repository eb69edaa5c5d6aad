'use client';

import { Button, Table, TextInput, UnstyledButton } from '@mantine/core';
import Link from 'next/link';
import { useRef, useState } from 'react';
import { type Level, type LocalDate, type Phase, phaseOn } from '@/core';
import { Bar } from '@/ui/shell/bar';
import { day } from '@/ui/words/dates';
import { plural } from '@/ui/words/figures';
import classes from './desk.module.css';

export interface DeskLine {
  readonly athleteId: string;
  readonly name: string;
  readonly level: Level;
  readonly phases: readonly { readonly from: LocalDate; readonly phase: Phase }[];
  readonly archived: boolean;
  readonly block: { readonly id: string; readonly name: string; readonly weeks: number } | null;
  readonly issued: { readonly week: number; readonly finished: number; readonly sessions: number } | null;
  readonly pendingCalls: number;
  readonly pains: number;
  readonly lastLog: string | null;
}

interface DeskProps {
  readonly lines: readonly DeskLine[];
  readonly today: LocalDate;
  /** The form for a first athlete, shown when there is none. */
  readonly firstAthlete: React.ReactNode;
}

const ORDERS = ['name', 'calls', 'last log'] as const;
type Order = (typeof ORDERS)[number];

function inOrder(lines: readonly DeskLine[], order: Order): readonly DeskLine[] {
  const byName = (a: DeskLine, b: DeskLine) => a.name.localeCompare(b.name);
  switch (order) {
    case 'name':
      return [...lines].sort(byName);
    case 'calls':
      return [...lines].sort((a, b) => b.pains - a.pains || b.pendingCalls - a.pendingCalls || byName(a, b));
    case 'last log':
      return [...lines].sort((a, b) => (b.lastLog ?? '').localeCompare(a.lastLog ?? '') || byName(a, b));
  }
}

function weekCell({ block, issued }: DeskLine): string {
  if (block === null) return '';
  if (issued === null) return `not issued, ${block.weeks} weeks`;
  return issued.week > block.weeks ? 'deload' : `week ${issued.week} of ${block.weeks}`;
}

/** The roster: one line an athlete; what waits for the coach first, or by name. */
export function Desk({ lines: all, today, firstAthlete }: DeskProps) {
  const [filter, setFilter] = useState('');
  const [archive, setArchive] = useState(false);
  const archived = all.filter((line) => line.archived);
  const lines = archive ? archived : all.filter((line) => !line.archived);
  const [order, setOrder] = useState<Order>('calls');
  const body = useRef<HTMLTableSectionElement>(null);
  const words = filter.toLowerCase().split(/\s+/).filter(Boolean);
  const shown = inOrder(lines, order).filter((line) => {
    const text = `${line.name} ${line.level} ${phaseOn(line, today)} ${line.block?.name ?? ''}`.toLowerCase();
    return words.every((word) => text.includes(word));
  });

  const onKeyDown = (event: React.KeyboardEvent) => {
    if (event.key !== 'ArrowDown' && event.key !== 'ArrowUp') return;
    const stops = [...(body.current?.querySelectorAll<HTMLElement>('[data-open]') ?? [])];
    const at = stops.indexOf(event.target as HTMLElement);
    const next = stops[at + (event.key === 'ArrowDown' ? 1 : -1)];
    if (next === undefined) return;
    next.focus();
    event.preventDefault();
  };

  return (
    // biome-ignore lint/a11y/noStaticElementInteractions: arrows walk down from the filter into the list
    <div onKeyDown={onKeyDown}>
      <Bar crumbs={[{ name: 'Desk' }]} />
      <main className={classes.page}>
        {all.length === 0 ? firstAthlete : null}
        <div hidden={all.length === 0}>
          <Tools
            lines={lines}
            found={shown.length}
            filter={filter}
            onFilter={setFilter}
            archive={archive}
            archived={archived.length}
            onArchive={setArchive}
          />
          <Table className={classes.table}>
            <Table.Thead>
              <Table.Tr>
                <Head name="athlete" order="name" now={order} onOrder={setOrder} />
                <Table.Th scope="col">level</Table.Th>
                <Table.Th scope="col">phase</Table.Th>
                <Table.Th scope="col">block</Table.Th>
                <Table.Th scope="col">week</Table.Th>
                <Table.Th scope="col" className={classes.number}>
                  sessions
                </Table.Th>
                <Head name="calls" order="calls" now={order} onOrder={setOrder} number />
                <Head name="last log" order="last log" now={order} onOrder={setOrder} />
                <Table.Th scope="col">
                  <span className={classes.hidden}>open</span>
                </Table.Th>
              </Table.Tr>
            </Table.Thead>
            <Table.Tbody ref={body}>
              {shown.map((line) => (
                <Row key={line.athleteId} line={line} today={today} />
              ))}
            </Table.Tbody>
          </Table>
          {shown.length === 0 ? (
            <p>{filter === '' ? 'Nobody here.' : `Nobody matches “${filter}”.`}</p>
          ) : null}
        </div>
      </main>
    </div>
  );
}

interface ToolsProps {
  readonly lines: readonly DeskLine[];
  readonly found: number;
  readonly filter: string;
  readonly onFilter: (filter: string) => void;
  readonly archive: boolean;
  readonly archived: number;
  readonly onArchive: (archive: boolean) => void;
}

/** The line over the roster: finding somebody, how many there are and wait, the archive. */
function Tools({ lines, found, filter, onFilter, archive, archived, onArchive }: ToolsProps) {
  const waiting = lines.reduce((sum, line) => sum + line.pendingCalls, 0);
  return (
    <div className={classes.tools}>
      <TextInput
        className={classes.filter}
        type="search"
        placeholder="Find by name, level, phase or block"
        aria-label="Find athletes"
        value={filter}
        autoFocus
        data-open
        onChange={(event) => onFilter(event.target.value)}
      />
      <span className={classes.count}>
        {found === lines.length
          ? plural(lines.length, archive ? 'archived athlete' : 'athlete')
          : `${found} of ${lines.length} athletes`}
        {waiting > 0 ? `, ${plural(waiting, 'call')} wait` : ', no calls wait'}
      </span>
      <span className={classes.space} />
      {archived > 0 || archive ? (
        <Button variant="link" aria-pressed={archive} onClick={() => onArchive(!archive)}>
          {archive ? 'Back to the roster' : plural(archived, 'archived')}
        </Button>
      ) : null}
      <Link className={classes.add} href="/athletes/new" prefetch={false}>
        New athlete
      </Link>
    </div>
  );
}

function Row({ line, today }: { readonly line: DeskLine; readonly today: LocalDate }) {
  return (
    <Table.Tr>
      <Table.Th scope="row" className={classes.name}>
        {line.block === null ? (
          line.name
        ) : (
          <Link href={`/blocks/${line.block.id}`} prefetch={false} data-open>
            {line.name}
          </Link>
        )}
        {line.pains === 0 ? null : (
          <Link
            className={classes.pain}
            href={`/athletes/${line.athleteId}#told`}
            prefetch={false}
            aria-label={`Pain told by ${line.name}`}
          >
            pain told
          </Link>
        )}
      </Table.Th>
      <Table.Td>{line.level}</Table.Td>
      <Table.Td>{phaseOn(line, today)}</Table.Td>
      <Table.Td className={classes.block}>
        {line.block?.name ?? (
          <Link
            className={classes.start}
            href={`/blocks/new?athlete=${line.athleteId}`}
            prefetch={false}
            data-open
          >
            Start a block
          </Link>
        )}
      </Table.Td>
      <Table.Td>{weekCell(line)}</Table.Td>
      <Table.Td className={classes.number} data-name="sessions">
        {line.issued === null ? '' : `${line.issued.finished} of ${line.issued.sessions}`}
      </Table.Td>
      <Table.Td
        className={`${classes.number} ${line.pendingCalls > 0 ? classes.waiting : ''}`}
        data-name="calls"
      >
        {line.pendingCalls > 0 ? line.pendingCalls : ''}
      </Table.Td>
      <Table.Td data-name="last log">
        {line.lastLog === null ? '' : day(line.lastLog.slice(0, 10), today)}
      </Table.Td>
      <Table.Td className={classes.links}>
        {line.issued === null || line.block === null ? null : (
          <Link href={`/floor/${line.block.id}`} prefetch={false}>
            Floor
          </Link>
        )}
        <Link href={`/athletes/${line.athleteId}`} prefetch={false} aria-label={`Profile of ${line.name}`}>
          Profile
        </Link>
      </Table.Td>
    </Table.Tr>
  );
}

interface HeadProps {
  readonly name: string;
  readonly order: Order;
  readonly now: Order;
  readonly number?: boolean;
  readonly onOrder: (order: Order) => void;
}

function Head({ name, order, now, number, onOrder }: HeadProps) {
  return (
    <Table.Th
      scope="col"
      className={number ? classes.number : ''}
      aria-sort={order === now ? (order === 'name' ? 'ascending' : 'descending') : 'none'}
    >
      <UnstyledButton className={classes.sort} onClick={() => onOrder(order)}>
        {name}
        {order === now ? (order === 'name' ? ' ↑' : ' ↓') : ''}
      </UnstyledButton>
    </Table.Th>
  );
}
