'use client';

import { useWindowEvent } from '@mantine/hooks';
import dynamic from 'next/dynamic';
import Link from 'next/link';
import { useMemo, useState } from 'react';
import { catalogueWith, phaseOn } from '@/core';
import { KeysHelp } from '@/ui/keys-help';
import { usePaletteScope } from '@/ui/palette-scope';
import { Bar, barClasses } from '@/ui/shell/bar';
import { Tabs } from '@/ui/shell/tabs';
import { useAddress } from '@/ui/shell/use-address';
import { UnreadFields } from '@/ui/typed';
import { useReady } from '@/ui/use-ready';
import { plural } from '@/ui/words/figures';
import type { KeyList } from '../../ui/key-list';
import own from './athlete.module.css';
import type { AthleteActions, AthleteData } from './contract';
import { KeepStrip } from './keep-strip';
import { Person } from './person';
import { useDraft } from './use-draft';
import { useEffects } from './use-effects';

const Places = dynamic(() => import('./places'));
const Strength = dynamic(() => import('./strength'));
const Volume = dynamic(() => import('./volume'));
const Body = dynamic(() => import('./body'));
const AthleteConventions = dynamic(() => import('./conventions'));
const Told = dynamic(() => import('./told'));
const Course = dynamic(() => import('./course'));
const Colleagues = dynamic(() => import('./colleagues'));
const Calendar = dynamic(() => import('./calendar-link'));
const Phones = dynamic(() => import('./phones'));
const EraseDialog = dynamic(() => import('./erase-dialog'), { ssr: false });

const FACES = ['Person', 'Places', 'Strength', 'Volume', 'Body', 'Conventions', 'Told', 'Course'] as const;
type Face = (typeof FACES)[number];

const KEYS: KeyList = [
  ['Alt 1 to Alt 8', 'Person, Places, Strength, Volume, Body, Conventions, Told, Course'],
  ['Tab', 'from field to field; what is typed counts at once'],
  ['Ctrl Enter', 'keep the change'],
];

function faceOf(address: string): Face {
  return FACES.find((face) => face.toLowerCase() === address) ?? 'Person';
}

/** The Athlete screen: everything known of a person, changed as a draft that says what it alters before it is kept. */
export function AthleteScreen({
  data,
  actions,
}: {
  readonly data: AthleteData;
  readonly actions: AthleteActions;
}) {
  const tools = useDraft(data, actions.save);
  const { athlete, draft, dirty, keep } = tools;
  const ready = useReady();
  const [named, go] = useAddress(faceOf);
  const face = named === '' ? 'Person' : (named as Face);
  const [measurements, setMeasurements] = useState(data.measurements);
  const [erasing, setErasing] = useState(false);
  const catalogue = useMemo(() => catalogueWith(data.ownExercises), [data.ownExercises]);
  const { running } = data;
  const effects = useEffects(running, draft.base, athlete, catalogue, tools.decode);
  usePaletteScope({ athlete, catalogue, exerciseId: null, oneRepMax: null });

  const show = (next: Face) => go(next.toLowerCase());
  useWindowEvent('keydown', (event) => {
    const at = Number(event.key);
    const next = FACES[at - 1];
    if (event.altKey && next !== undefined) show(next);
    else if ((event.ctrlKey || event.metaKey) && event.key === 'Enter') void keep();
    else return;
    event.preventDefault();
  });
  useWindowEvent('beforeunload', (event) => {
    if (dirty) event.preventDefault();
  });

  // Whoever may read alone finds every field shut; a keep would be refused all the same.
  const isToRead = data.shared?.may === 'read';
  const phase = phaseOn(athlete, data.today);
  return (
    <UnreadFields value={tools.reportUnread}>
      <div className={own.page}>
        <Bar
          crumbs={[{ name: draft.base.name }]}
          face={face}
          about={
            <span className={own.about}>
              {athlete.level}, {phase}
              {data.archived ? ', archived' : ''}
            </span>
          }
        >
          <Tabs label="Faces of the athlete" names={FACES} now={face} onChoose={show} />
          {running === null ? null : (
            <Link className={barClasses.quiet} href={`/blocks/${running.blockId}`} prefetch={false}>
              {running.block.name}
            </Link>
          )}
          {isToRead ? null : (
            <Link className={barClasses.quiet} href={`/blocks/new?athlete=${athlete.id}`} prefetch={false}>
              {running === null ? 'Start a block' : 'New block'}
            </Link>
          )}
        </Bar>
        <main className={own.main} key={tools.generation} data-ready={ready}>
          <fieldset className={own.fields} disabled={isToRead}>
            {face === 'Person' ? (
              <Person
                tools={tools}
                today={data.today}
                archived={data.archived}
                eraseAt={data.eraseAt}
                onArchive={() => void actions.archive(!data.archived)}
                onErase={() => setErasing(true)}
                records={data.shared === null}
                colleagues={<Colleagues name={draft.base.name} data={data} actions={actions} />}
                phones={
                  <>
                    <Phones
                      name={draft.base.name}
                      phones={data.phones}
                      invite={actions.invite}
                      revoke={actions.revoke}
                    />
                    <Calendar
                      links={data.calendarLinks}
                      link={actions.linkCalendar}
                      end={actions.endCalendar}
                    />
                  </>
                }
              />
            ) : null}
            {face === 'Places' ? <Places tools={tools} /> : null}
            {face === 'Strength' ? (
              <Strength tools={tools} catalogue={catalogue} exposures={data.exposures} today={data.today} />
            ) : null}
            {face === 'Volume' ? (
              <Volume tools={tools} today={data.today} running={running} catalogue={catalogue} />
            ) : null}
            {face === 'Body' ? (
              <Body
                tools={tools}
                today={data.today}
                measurements={measurements}
                onMeasured={setMeasurements}
                measure={actions.measure}
              />
            ) : null}
            {face === 'Conventions' ? (
              <AthleteConventions tools={tools} catalogue={catalogue} today={data.today} />
            ) : null}
            {face === 'Told' ? (
              <Told
                tools={tools}
                running={running}
                catalogue={catalogue}
                today={data.today}
                weekLines={data.weekLines}
                unseen={data.unseenPain}
                say={actions.say}
                seen={actions.seen}
                refused={data.refused}
                settle={actions.settle}
              />
            ) : null}
            {face === 'Course' ? (
              <Course
                athlete={athlete}
                blocks={data.blocks}
                running={running}
                dayAnswers={data.dayAnswers}
                exposures={data.exposures}
                today={data.today}
                catalogue={catalogue}
                deeds={data.deeds}
                actions={actions}
              />
            ) : null}
          </fieldset>
        </main>
        {isToRead ? (
          <section className={own.strip} aria-label="Whose athlete">
            <strong>To read</strong>
            <span>{data.shared?.coach} shows you this athlete; what changes here is theirs to say.</span>
          </section>
        ) : (
          <KeepStrip
            tools={tools}
            effects={effects}
            running={running?.block.name ?? null}
            shared={data.shared}
          />
        )}
        <KeysHelp of="the athlete" keys={KEYS} />
        {erasing ? (
          <EraseDialog
            open
            name={draft.base.name}
            holds={`${plural(measurements.length, 'measurement')}, ${running === null ? 'no block' : `the block “${running.block.name}” and any before it`}, with all logs and calls`}
            onClose={() => setErasing(false)}
            onErase={actions.erase}
          />
        ) : null}
      </div>
    </UnreadFields>
  );
}
