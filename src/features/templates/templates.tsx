'use client';

import Link from 'next/link';
import { catalogueWith, TEMPLATES } from '@/core';
import { Section } from '@/ui/form';
import { Bar } from '@/ui/shell/bar';
import { useHydrated } from '@/ui/use-hydrated';
import { namesOf } from '@/ui/words/names';
import * as common from '@/ui/words/screens/common';
import * as screenWords from '@/ui/words/screens/templates';
import type { TemplatesActions, TemplatesData } from './contract';
import { OwnTemplate } from './own-template';
import { ShippedTemplate } from './shipped-template';
import { StartFor } from './start-for';
import classes from './templates.module.css';

interface TemplatesProps {
  readonly data: TemplatesData;
  readonly actions: TemplatesActions;
}

/** Shipped and own templates: a description, the week, and a link to start a block. */
export function Templates({ data, actions }: TemplatesProps) {
  const { shown, design, own, athletes } = data;
  const ready = useHydrated();
  const catalogue = catalogueWith(data.ownExercises);
  const names = namesOf(catalogue);
  const template = TEMPLATES.find(({ id }) => shown === `template/${id}`);
  const ownOne = own.find(({ id }) => shown === `design/${id}`);
  const link = (to: string, name: string, aside: string) => (
    <Link
      key={to}
      href={`/templates?show=${encodeURIComponent(to)}`}
      className={classes.option}
      aria-current={to === shown ? 'page' : undefined}
      prefetch={false}
    >
      <span>{name}</span>
      <span className={classes.soft}>{aside}</span>
    </Link>
  );

  return (
    <>
      <Bar crumbs={[{ name: common.templates }]} />
      <main className={classes.page} data-ready={ready}>
        <nav className={classes.list} aria-label={common.templates}>
          <h2>{screenWords.builtIn}</h2>
          {TEMPLATES.map(({ id, name, from }) => link(`template/${id}`, name, from))}
          <h2>{screenWords.yourOwn}</h2>
          {own.map(({ id, name, shared, isOwn }) =>
            link(`design/${id}`, name, isOwn ? (shared ? 'shared' : '') : screenWords.fromTheTeam),
          )}
          {own.length === 0 ? <p className={classes.soft}>{screenWords.noneYetSaveABlock}</p> : null}
        </nav>
        {template !== undefined ? (
          <ShippedTemplate template={template} names={names} />
        ) : ownOne !== undefined && design !== null ? (
          <OwnTemplate
            own={ownOne}
            isAlone={data.isAlone}
            design={design}
            catalogue={catalogue}
            actions={actions}
          />
        ) : (
          <Section title={screenWords.templateNotFound}>
            <p>{screenWords.itWasRemovedOrThe}</p>
          </Section>
        )}
        {shown === null ? null : <StartFor from={shown} athletes={athletes} />}
      </main>
    </>
  );
}
