'use client';

import { Button } from '@mantine/core';
import Link from 'next/link';
import { useState } from 'react';
import {
  type Catalogue,
  type Contributions,
  type Exercise,
  type ExerciseUse,
  inVariant,
  variantName,
  variationChain,
} from '@/core';
import { formClasses, Section, SelectField } from '@/ui/form';
import { useAnswer } from '@/ui/use-action';
import { NOT_ALONE } from '@/ui/words/cautions';
import { plural } from '@/ui/words/figures';
import { capital } from '@/ui/words/names';
import * as common from '@/ui/words/screens/common';
import * as screenWords from '@/ui/words/screens/library';
import { ChangeShares } from './change-shares';
import type { LibraryActions } from './contract';
import { ContributionBars } from './contributions';
import { FactTable } from './exercise-facts';
import classes from './library.module.css';
import { Rename } from './rename';

interface DetailProps {
  readonly exercise: Exercise;
  /** The exercise, or a variant of it, shown for comparison. */
  readonly beside: Exercise | null;
  readonly catalogue: Catalogue;
  /** Whether the coach can edit it. */
  readonly own: boolean;
  /** Whether the team sees it; null: it is shipped, so everybody does. */
  readonly shared: boolean | null;
  readonly onShare: (shared: boolean) => void;
  readonly uses: LibraryActions['findUses'];
  readonly original: string | null;
  readonly rename: LibraryActions['rename'];
  readonly onRenamed: (name: string | null) => void;
  /** The exercise as shipped; undefined for the coach's own. */
  readonly shipped: Exercise | undefined;
  readonly setShares: LibraryActions['setShares'];
  readonly onShares: (shares: Contributions | null) => void;
  readonly onBeside: (exercise: Exercise | null) => void;
  readonly onOpen: (id: string) => void;
  readonly onEdit: () => void;
  /** How it is done, if the name does not say. */
  readonly described: string | undefined;
}

/** Stands for no variant. */
const PLAIN = 'plain';

/** Everything about an exercise, and another one for comparison. */
export function Detail(props: DetailProps) {
  const { exercise, beside, catalogue, own, shared, uses, onShare, onBeside, onOpen, onEdit } = props;
  const [variant, setVariant] = useState<string | null>(null);
  const seen = inVariant(exercise, variant);
  const named = { ...seen, name: variantName(exercise, variant) };
  const chain = variationChain(exercise, catalogue);
  return (
    <article className={classes.detail} aria-label={exercise.name}>
      <div className={classes.detailHead}>
        <h2>{capital(named.name)}</h2>
        {beside === null ? null : <h2 className={classes.besideName}>{capital(beside.name)}</h2>}
      </div>
      {props.described === undefined ? null : <p className={formClasses.soft}>{capital(props.described)}</p>}
      <div className={classes.tools}>
        <Button variant="link" onClick={onEdit}>
          {own ? screenWords.edit : screenWords.duplicate}
        </Button>
        <Rename
          exercise={exercise}
          original={props.original}
          rename={props.rename}
          onRenamed={props.onRenamed}
        />
        <Button
          variant="link"
          aria-pressed={beside !== null}
          onClick={() => onBeside(beside === null ? named : null)}
        >
          {beside === null ? screenWords.compare : screenWords.stopComparingWith(beside.name)}
        </Button>
        {own && shared !== null ? (
          <Button variant="link" onClick={() => onShare(!shared)}>
            {shared ? common.stopSharing : common.shareWithTheTeam}
          </Button>
        ) : null}
        {own ? (
          <span className={formClasses.soft}>{screenWords.yourOwnRevision(exercise.revision)}</span>
        ) : null}
        {!own && shared !== null ? (
          <span className={formClasses.soft}>{screenWords.fromAnotherCoachInThe}</span>
        ) : null}
      </div>
      {exercise.variants.length === 0 ? null : (
        <SelectField
          label={common.setUp}
          value={variant ?? PLAIN}
          options={[PLAIN, ...exercise.variants.map(({ id }) => id)]}
          names={(id) => exercise.variants.find((one) => one.id === id)?.name ?? common.standard}
          onValue={(id) => setVariant(id === PLAIN ? null : id)}
        />
      )}
      <Section title={screenWords.countsToward}>
        <ContributionBars exercise={seen} beside={beside ?? undefined} />
        {props.shipped === undefined || variant !== null ? null : (
          <ChangeShares
            exercise={exercise}
            shipped={props.shipped}
            setShares={props.setShares}
            onShares={props.onShares}
          />
        )}
      </Section>
      <Section title={screenWords.details}>
        <FactTable exercise={seen} beside={beside ?? undefined} />
      </Section>
      <p className={classes.cue}>{exercise.cues}</p>
      {exercise.failableAlone ? null : <p className={formClasses.caution}>{NOT_ALONE}</p>}
      {chain.length === 0 ? null : (
        <Section title={screenWords.progressions} aside={screenWords.easierToHarder}>
          <ol className={classes.chain}>
            {chain.map((one) => (
              <li key={one.id} aria-current={one.id === exercise.id ? 'true' : undefined}>
                {one.id === exercise.id ? (
                  one.name
                ) : (
                  <Button variant="link" onClick={() => onOpen(one.id)}>
                    {one.name}
                  </Button>
                )}
              </li>
            ))}
          </ol>
        </Section>
      )}
      <Uses key={exercise.id} exercise={exercise} uses={uses} />
    </article>
  );
}

/** Where the coach's blocks use the exercise. */
function Uses({
  exercise,
  uses,
}: {
  readonly exercise: Exercise;
  readonly uses: LibraryActions['findUses'];
}) {
  const [found, setFound] = useState<readonly ExerciseUse[] | 'asking' | 'unanswered'>('asking');
  useAnswer(exercise.id, uses, (answer) => setFound('status' in answer ? 'unanswered' : answer));
  return (
    <Section title={screenWords.usedIn}>
      {found === 'asking' ? <p className={formClasses.soft}>{screenWords.loading}</p> : null}
      {found === 'unanswered' ? <p className={formClasses.soft}>{screenWords.notAvailableRightNow}</p> : null}
      {typeof found === 'string' ? null : found.length === 0 ? (
        <p className={formClasses.soft}>{screenWords.notUsedInAnyBlock}</p>
      ) : (
        <ul className={classes.uses}>
          {found.map(({ blockId, blockName, athleteName, slots }) => (
            <li key={blockId}>
              <Link href={`/blocks/${blockId}`} prefetch={false}>
                {athleteName}, {blockName}
              </Link>
              <span className={formClasses.soft}>
                {plural(slots.length, 'slot')}
                {slots.some(({ revision }) => revision < exercise.revision)
                  ? screenWords.anEarlierRevision
                  : ''}
              </span>
            </li>
          ))}
        </ul>
      )}
    </Section>
  );
}
