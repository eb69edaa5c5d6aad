'use client';

import { Button, Table, TextInput, UnstyledButton } from '@mantine/core';
import { useWindowEvent } from '@mantine/hooks';
import Link from 'next/link';
import { useRef, useState } from 'react';
import type { LocalDate } from '@/core';
import { SelectField } from '@/ui/form';
import { isTyping } from '@/ui/is-typing';
import { day } from '@/ui/words/dates';
import { figure, plural } from '@/ui/words/figures';
import * as common from '@/ui/words/screens/common';
import * as screenWords from '@/ui/words/screens/desk';
import { sharedMark, sharedText } from '@/ui/words/sharing';
import { PHASE_NAMES } from '@/ui/words/values';
import type { DeskLine, Share } from './contract';
import classes from './desk.module.css';
import { useSavedFilters } from './saved-filters';

const ORDERS = [
  'waits',
  'name',
  'week',
  'sessions',
  'sets',
  'signs',
  'effort',
  screenWords.lastSession,
  screenWords.nextDue,
] as const;
type Order = (typeof ORDERS)[number];

/** Lines rendered before "more"; search matches are always among them. */
const IN_SIGHT = 100;

const GROUPS = [screenWords.noGroups, 'phase', 'level', 'state'] as const;
type Grouping = (typeof GROUPS)[number];

const share = (of: Share | null) => (of === null || of.planned === 0 ? -1 : of.done / of.planned);

/** The sort key of an order, ascending. */
function keyOf(line: DeskLine, order: Order): number | string {
  switch (order) {
    case 'waits':
      return -line.waits;
    case 'name':
      return line.name;
    case 'week':
      return line.weeks - line.week;
    case 'sessions':
      return share(line.sessions);
    case 'sets':
      return share(line.sets);
    case 'signs':
      return -(line.signs ?? -1);
    case 'effort':
      return -Math.abs(line.bias ?? 0);
    case 'last session':
      return line.lastLog ?? '';
    case 'next due':
      return line.due ?? '9999';
  }
}

function inOrder(lines: readonly DeskLine[], order: Order): readonly DeskLine[] {
  return [...lines].sort((a, b) => {
    const [x, y] = [keyOf(a, order), keyOf(b, order)];
    if (x !== y) return x < y ? -1 : 1;
    return a.name.localeCompare(b.name);
  });
}

function weekCell({ state, week, weeks, isDeload }: DeskLine): string {
  if (state === 'no block') return '';
  if (week === 0) return screenWords.plannedWeeks(weeks);
  return `${isDeload ? 'deload' : week}${isDeload ? '' : screenWords.ofWeeks(weeks)}${state === 'done' ? ', done' : ''}`;
}

/** The roster: one line per athlete, searchable, sortable and groupable. */
export function Roster({
  lines: all,
  today,
}: {
  readonly lines: readonly DeskLine[];
  readonly today: LocalDate;
}) {
  const [filter, setFilter] = useState('');
  const [archive, setArchive] = useState(false);
  const [order, setOrder] = useState<Order>('waits');
  const [grouping, setGrouping] = useState<Grouping>(screenWords.noGroups);
  const [isWhole, setWhole] = useState(false);
  const body = useRef<HTMLTableElement>(null);
  const field = useRef<HTMLInputElement>(null);
  useWindowEvent('keydown', (event) => {
    if (event.key !== '/' || isTyping(event.target)) return;
    event.preventDefault();
    field.current?.focus();
  });
  const archived = all.filter((line) => line.archived);
  const lines = archive ? archived : all.filter((line) => !line.archived);
  const words = filter.toLowerCase().split(/\s+/).filter(Boolean);
  const shown = inOrder(lines, order).filter((line) => {
    const text =
      `${line.name} ${line.level} ${PHASE_NAMES[line.phase]} ${line.state} ${line.block} ${line.shared === null ? '' : sharedText(line.shared)}`.toLowerCase();
    return words.every((word) => text.includes(word));
  });
  const groups = groupsOf(isWhole ? shown : shown.slice(0, IN_SIGHT), grouping);

  const onKeyDown = (event: React.KeyboardEvent) => {
    if (event.key !== 'ArrowDown' && event.key !== 'ArrowUp') return;
    const stops = [field.current, ...(body.current?.querySelectorAll<HTMLElement>('[data-open]') ?? [])];
    const at = stops.indexOf(event.target as HTMLInputElement);
    const next = stops[at + (event.key === 'ArrowDown' ? 1 : -1)];
    if (next == null) return;
    next.focus();
    event.preventDefault();
  };
  const head = (name: Order, words_: string, number = false) => (
    <Table.Th
      scope="col"
      className={number ? classes.number : ''}
      aria-sort={order === name ? 'ascending' : 'none'}
    >
      <UnstyledButton className={classes.sort} onClick={() => setOrder(name)}>
        {words_}
        {order === name ? ' ↑' : ''}
      </UnstyledButton>
    </Table.Th>
  );
  return (
    <section className={classes.roster} aria-label={screenWords.athletes} onKeyDown={onKeyDown}>
      <div className={classes.tools}>
        <TextInput
          ref={field}
          className={classes.filter}
          type="search"
          placeholder={screenWords.searchByNamePhaseBlock}
          aria-label={screenWords.searchAthletes}
          value={filter}
          autoFocus
          onKeyDown={(event) => {
            if (event.key !== 'Escape') return;
            event.preventDefault();
            window.document.querySelector<HTMLElement>('[data-need][tabindex="0"]')?.focus();
          }}
          onChange={(event) => setFilter(event.target.value)}
        />
        <SavedFilters filter={filter} onFilter={setFilter} />
        <SelectField
          label={screenWords.groups}
          value={grouping}
          options={GROUPS}
          names={(one) => (one === 'no groups' ? one : screenWords.doneBy(one))}
          onValue={setGrouping}
        />
        <span className={classes.space} />
        <span className={classes.count}>
          {shown.length === lines.length
            ? plural(lines.length, archive ? 'archived athlete' : 'athlete')
            : screenWords.ofAthletes(shown.length, lines.length)}
        </span>
        {archived.length > 0 || archive ? (
          <Button variant="link" aria-pressed={archive} onClick={() => setArchive(!archive)}>
            {archive ? screenWords.backToActiveAthletes : screenWords.archivedAthletes(archived.length)}
          </Button>
        ) : null}
        <Link className={classes.add} href="/athletes/new" prefetch={false}>
          {common.newAthlete}
        </Link>
      </div>
      <Table className={classes.table} ref={body}>
        <Table.Thead>
          <Table.Tr>
            {head('name', screenWords.athlete)}
            {head('waits', screenWords.alerts, true)}
            <Table.Th scope="col">{screenWords.phase}</Table.Th>
            {head('week', screenWords.weekColumn)}
            {head('sessions', common.sessions, true)}
            {head('sets', common.sets, true)}
            {head('signs', screenWords.fatigue, true)}
            {head('effort', screenWords.rirAccuracy)}
            {head('last session', screenWords.lastSession)}
            {head('next due', screenWords.nextDue)}
            <Table.Th scope="col">
              <span className={classes.unseen}>{screenWords.more}</span>
            </Table.Th>
          </Table.Tr>
        </Table.Thead>
        {groups.map(({ name, lines: some }) => (
          <Table.Tbody key={name}>
            {name === '' ? null : (
              <Table.Tr className={classes.groupRow}>
                <Table.Td colSpan={11}>
                  {name} <span>{some.length}</span>
                </Table.Td>
              </Table.Tr>
            )}
            {some.map((line) => (
              <Row key={line.athleteId} line={line} today={today} />
            ))}
          </Table.Tbody>
        ))}
      </Table>
      {!isWhole && shown.length > IN_SIGHT ? (
        <Button variant="link" onClick={() => setWhole(true)}>
          {screenWords.showAllAthletes(shown.length)}
        </Button>
      ) : null}
      {shown.length === 0 ? (
        <p>{filter === '' ? common.noAthletesYet : screenWords.noMatchesFor(filter)}</p>
      ) : null}
    </section>
  );
}

function groupsOf(
  lines: readonly DeskLine[],
  grouping: Grouping,
): readonly { readonly name: string; readonly lines: readonly DeskLine[] }[] {
  if (grouping === 'no groups') return [{ name: '', lines }];
  const groups = new Map<string, DeskLine[]>();
  for (const line of lines) groups.set(line[grouping], [...(groups.get(line[grouping]) ?? []), line]);
  return [...groups].map(([name, some]) => ({ name, lines: some }));
}

interface KeptFiltersProps {
  readonly filter: string;
  readonly onFilter: (filter: string) => void;
}

/** Filters saved on this device: pressing one applies it, or removes the active one. */
function SavedFilters({ filter, onFilter }: KeptFiltersProps) {
  const { kept, keep, drop } = useSavedFilters();
  const now = filter.trim();
  return (
    <span className={classes.kept}>
      {kept.map((one) => (
        <Button
          key={one}
          variant="link"
          aria-pressed={one === now}
          onClick={() => onFilter(one === now ? '' : one)}
        >
          {one}
        </Button>
      ))}
      {now === '' ? null : kept.includes(now) ? (
        <Button variant="quiet" onClick={() => drop(now)}>
          {screenWords.deleteFilter}
        </Button>
      ) : (
        <Button variant="quiet" onClick={() => keep(now)}>
          {screenWords.saveFilter}
        </Button>
      )}
    </span>
  );
}

const done = (of: Share | null) => (of === null ? '' : `${of.done}/${of.planned}`);

function effortText(bias: number | null): string {
  if (bias === null) return '';
  return `${figure(Math.abs(bias), 1)} ${bias > 0 ? 'easy' : 'hard'}`;
}

/** Plain cells: there are thousands, each rendered on the server first. */
function Row({ line, today }: { readonly line: DeskLine; readonly today: LocalDate }) {
  const { athleteId, blockId, name, waits, shared } = line;
  const isToRead = shared?.may === 'read';
  const start = `/blocks/new?athlete=${athleteId}`;
  return (
    <tr>
      <th scope="row" className={classes.name} title={line.block}>
        <Link
          href={blockId !== null ? `/blocks/${blockId}` : isToRead ? `/athletes/${athleteId}` : start}
          prefetch={false}
          data-open
        >
          {name}
        </Link>
        {shared === null ? null : (
          <span className={classes.soft} title={sharedText(shared)}>
            {' '}
            {sharedMark(shared)}
          </span>
        )}
      </th>
      <td className={classes.number} data-name={screenWords.alerts}>
        {waits === 0 ? '' : <span className={classes.waiting}>{waits}</span>}
      </td>
      <td>{PHASE_NAMES[line.phase]}</td>
      <td className={classes.week}>
        {blockId === null ? (
          isToRead ? null : (
            <Link className={classes.start} href={start} prefetch={false}>
              {common.startABlock}
            </Link>
          )
        ) : (
          <>
            {weekCell(line)}
            {line.others > 0 ? <span className={classes.soft}> +{line.others}</span> : null}
          </>
        )}
      </td>
      <td className={classes.number} data-name="sessions">
        {done(line.sessions)}
      </td>
      <td
        className={classes.number}
        data-name="sets"
        title={
          line.adherence === null ? undefined : screenWords.ofSetsPlannedInThe(figure(line.adherence, 0))
        }
      >
        {done(line.sets)}
      </td>
      <td className={classes.number} data-name={screenWords.fatigue}>
        {line.signs === null ? '' : <span className={line.isWorn ? classes.waiting : ''}>{line.signs}</span>}
      </td>
      <td data-name={screenWords.rirAccuracy}>{effortText(line.bias)}</td>
      <td data-name={screenWords.lastSession}>{line.lastLog === null ? '' : day(line.lastLog, today)}</td>
      <td data-name={screenWords.nextDue}>{line.due === null ? '' : day(line.due, today)}</td>
      <td className={classes.links}>
        <Link href={`/athletes/${athleteId}`} prefetch={false} aria-label={screenWords.profileOf(name)}>
          {common.profile}
        </Link>
        {line.week === 0 || blockId === null || isToRead ? null : (
          <Link href={`/training/${blockId}`} prefetch={false} aria-label={screenWords.openAsAthlete(name)}>
            {screenWords.athletesApp}
          </Link>
        )}
      </td>
    </tr>
  );
}
