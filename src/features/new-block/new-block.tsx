'use client';

import { Button } from '@mantine/core';
import { useWindowEvent } from '@mantine/hooks';
import { prerequisitesFor } from '@/core';
import { formClasses as form } from '@/ui/form';
import { Bar } from '@/ui/shell/bar';
import { UnreadFields } from '@/ui/typed';
import { useHydrated } from '@/ui/use-hydrated';
import { useUnreadableFields } from '@/ui/use-unreadable-fields';
import { namesOf } from '@/ui/words/names';
import * as common from '@/ui/words/screens/common';
import * as screenWords from '@/ui/words/screens/new-block';
import type { NewBlockActions, NewBlockData } from './contract';
import classes from './new-block.module.css';
import { Preview } from './preview';
import { Settings } from './settings';
import { Sources } from './sources';
import { UnsavedProfile } from './unsaved-profile';
import { daysAway, useNewBlock } from './use-new-block';

interface NewBlockProps {
  readonly data: NewBlockData;
  readonly actions: NewBlockActions;
}

/** Starts a block: from a split's template, an earlier block, another athlete's, or empty. */
export function NewBlock({ data, actions }: NewBlockProps) {
  const { athlete } = data;
  const ready = useHydrated();
  const unread = useUnreadableFields();
  const use = useNewBlock(data, actions, unread.count > 0);
  const { settings, set, source, wanted, catalogue, template, outlook, message, busy, start } = use;
  const ownOne = source.kind === 'design' ? data.ownTemplates.find(({ id }) => id === source.id) : undefined;
  const asked = template?.prerequisites ?? ownOne?.prerequisites ?? [];
  useWindowEvent('keydown', (event) => {
    if (!(event.ctrlKey || event.metaKey) || event.key !== 'Enter') return;
    event.preventDefault();
    void start();
  });

  return (
    <UnreadFields value={unread.report}>
      <Bar crumbs={[{ name: athlete.name, href: `/athletes/${athlete.id}` }, { name: common.newBlock }]} />
      <main className={classes.page} data-ready={ready}>
        <Sources data={data} use={use} />
        <div className={classes.middle}>
          <UnsavedProfile athleteId={athlete.id} />
          <Settings
            athlete={athlete}
            settings={settings}
            set={set}
            away={daysAway(data, settings.startDate)}
            cycleDays={outlook?.block.cycleDays ?? 7}
          />
          {message === null ? null : (
            <p className={form.problem} role="alert">
              {message}
            </p>
          )}
          <Button
            variant="filled"
            aria-disabled={busy || unread.count > 0 || wanted !== null}
            onClick={() => void start()}
            title="Ctrl Enter"
          >
            {screenWords.startTheBlock}
          </Button>
        </div>
        <Preview
          template={template}
          prerequisites={prerequisitesFor({ prerequisites: asked }, athlete)}
          outlook={outlook}
          goals={settings.goals}
          nothing={
            source.kind === 'empty' ? screenWords.youAddSessionsAndExercises : screenWords.loadingTheBlock
          }
          names={namesOf(catalogue)}
        />
      </main>
    </UnreadFields>
  );
}
