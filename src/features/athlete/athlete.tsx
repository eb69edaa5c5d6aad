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
import { useHydrated } from '@/ui/use-hydrated';
import { plural } from '@/ui/words/figures';
import * as screenWords from '@/ui/words/screens/athlete';
import * as common from '@/ui/words/screens/common';
import { PHASE_NAMES } from '@/ui/words/values';
import type { KeyList } from '../../ui/key-list';
import own from './athlete.module.css';
import type { AthleteActions, AthleteData } from './contract';
import { ProfileTab } from './profile';
import { SaveBar } from './save-bar';
import { useDraft } from './use-draft';
import { useEffects } from './use-effects';

const Places = dynamic(() => import('./equipment'));
const Strength = dynamic(() => import('./strength'));
const Volume = dynamic(() => import('./volume'));
const Body = dynamic(() => import('./body'));
const AthleteConventions = dynamic(() => import('./rules'));
const Told = dynamic(() => import('./messages'));
const Course = dynamic(() => import('./progress'));
const Colleagues = dynamic(() => import('./sharing'));
const Calendar = dynamic(() => import('./calendar-link'));
const Phones = dynamic(() => import('./phones'));
const EraseDialog = dynamic(() => import('./delete-dialog'), { ssr: false });

const FACES = [
  common.profile,
  common.equipment,
  screenWords.strength,
  common.volume,
  screenWords.body,
  screenWords.rules,
  screenWords.checkIns,
  screenWords.progress,
] as const;
type Face = (typeof FACES)[number];

const KEYS: KeyList = [
  [screenWords.alt1ToAlt8, screenWords.profileEquipmentStrengthVolumeBody],
  ['Tab', screenWords.nextFieldWhatYouType],
  ['Ctrl Enter', screenWords.save],
];

/** Former tab names in addresses. */
const EARLIER: Readonly<Record<string, Face>> = {
  person: common.profile,
  places: common.equipment,
  conventions: screenWords.rules,
  told: screenWords.checkIns,
  course: screenWords.progress,
};

function faceOf(address: string): Face {
  return FACES.find((face) => face.toLowerCase() === address) ?? EARLIER[address] ?? common.profile;
}

/** The athlete screen: all facts about a person, edited as a draft that shows its effects before it is saved. */
export function AthleteScreen({
  data,
  actions,
}: {
  readonly data: AthleteData;
  readonly actions: AthleteActions;
}) {
  const tools = useDraft(data, actions.save);
  const { athlete, draft, dirty, keep } = tools;
  const ready = useHydrated();
  const [named, go] = useAddress(faceOf);
  const face = named === '' ? common.profile : (named as Face);
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

  // With a share to read every field is disabled; saving would be refused as well.
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
              {athlete.level}, {PHASE_NAMES[phase]}
              {data.archived ? screenWords.archived : ''}
            </span>
          }
        >
          <Tabs label={screenWords.athleteTabs} names={FACES} now={face} onChoose={show} />
          {running === null ? null : (
            <Link className={barClasses.quiet} href={`/blocks/${running.blockId}`} prefetch={false}>
              {running.block.name}
            </Link>
          )}
          {isToRead ? null : (
            <Link className={barClasses.quiet} href={`/blocks/new?athlete=${athlete.id}`} prefetch={false}>
              {running === null ? common.startABlock : common.newBlock}
            </Link>
          )}
        </Bar>
        <main className={own.main} key={tools.generation} data-ready={ready}>
          <fieldset className={own.fields} disabled={isToRead}>
            {face === common.profile ? (
              <ProfileTab
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
                      invite={actions.createPhoneLink}
                      revoke={actions.revoke}
                    />
                    <Calendar
                      links={data.calendarLinks}
                      link={actions.createCalendarLink}
                      end={actions.revokeCalendarLinks}
                    />
                  </>
                }
              />
            ) : null}
            {face === common.equipment ? <Places tools={tools} /> : null}
            {face === screenWords.strength ? (
              <Strength tools={tools} catalogue={catalogue} exposures={data.exposures} today={data.today} />
            ) : null}
            {face === common.volume ? (
              <Volume tools={tools} today={data.today} running={running} catalogue={catalogue} />
            ) : null}
            {face === screenWords.body ? (
              <Body
                tools={tools}
                today={data.today}
                measurements={measurements}
                onMeasured={setMeasurements}
                measure={actions.saveMeasurement}
              />
            ) : null}
            {face === screenWords.rules ? (
              <AthleteConventions tools={tools} catalogue={catalogue} today={data.today} />
            ) : null}
            {face === screenWords.checkIns ? (
              <Told
                tools={tools}
                running={running}
                catalogue={catalogue}
                today={data.today}
                weekLines={data.weekLines}
                unseen={data.unseenPain}
                say={actions.saveWeekNote}
                seen={actions.markPainSeen}
                refused={data.refused}
                settle={actions.settleRefused}
              />
            ) : null}
            {face === screenWords.progress ? (
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
          <section className={own.strip} aria-label={screenWords.sharedAthlete}>
            <strong>{screenWords.readOnly}</strong>
            <span>{screenWords.sharesThisAthleteWithYou(data.shared?.coach)}</span>
          </section>
        ) : (
          <SaveBar
            tools={tools}
            effects={effects}
            running={running?.block.name ?? null}
            shared={data.shared}
          />
        )}
        <KeysHelp of={common.athlete} keys={KEYS} />
        {erasing ? (
          <EraseDialog
            open
            name={draft.base.name}
            holds={screenWords.withAllLogsAndDecisions(
              plural(measurements.length, 'measurement'),
              running === null ? screenWords.noBlock : screenWords.theBlockAndAllEarlier(running.block.name),
            )}
            onClose={() => setErasing(false)}
            onErase={actions.deleteAthlete}
          />
        ) : null}
      </div>
    </UnreadFields>
  );
}
