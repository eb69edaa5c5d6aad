'use client';

import { Button } from '@mantine/core';
import { useMemo } from 'react';
import {
  addAdherence,
  type BlockPlan,
  blockToReview,
  type Catalogue,
  type LocalDate,
  lessonsAnswered,
  type Review,
  reviewBlock,
  type Training,
} from '@/core';
import { figure, plural } from '@/ui/words/figures';
import { namesOf } from '@/ui/words/names';
import * as common from '@/ui/words/screens/common';
import * as screenWords from '@/ui/words/screens/review';
import type { BlockActions } from '../contract';
import { Comparison } from './comparison';
import { Lessons } from './lessons';
import { LiftLines } from './lift-lines';
import { MuscleTable } from './muscle-table';
import classes from './review.module.css';
import { Suggestions } from './suggestions';
import { WeekTable } from './week-table';

interface ReviewFaceProps {
  readonly training: Training;
  readonly blockPlan: BlockPlan;
  readonly catalogue: Catalogue;
  readonly today: LocalDate;
  readonly actions: Pick<BlockActions, 'learn' | 'makeNext' | 'blockBefore'>;
  /** Merges what the server has changed. */
  readonly onChanged: () => void;
}

/** The results of the block so far, suggestions for the next one, and lessons. */
export default function ReviewFace(props: ReviewFaceProps) {
  const { training, blockPlan, catalogue, today, actions, onChanged } = props;
  const { block, athlete } = training;
  const source = useMemo(
    () => ({ ...training, blockPlan, catalogue, today }),
    [training, blockPlan, catalogue, today],
  );
  const reviewed = useMemo(() => blockToReview(source), [source]);
  const review = useMemo(() => reviewBlock(reviewed), [reviewed]);
  const lessons = useMemo(() => lessonsAnswered(source), [source]);
  const names = namesOf(catalogue);
  if (review.over === 0)
    return (
      <div className={classes.face}>
        <p className={classes.early}>{screenWords.theReviewStartsWhenThe}</p>
      </div>
    );
  return (
    <div className={classes.face}>
      <div className={classes.top}>
        <p className={classes.sum}>{summary(review)}</p>
        <Button variant="quiet" onClick={() => window.print()}>
          {common.print}
        </Button>
      </div>
      <div className={classes.columns}>
        <Suggestions
          reviewed={reviewed}
          suggestions={review.suggestions}
          names={names}
          makeNext={actions.makeNext}
        />
        <Lessons
          lessons={lessons}
          name={athlete.name}
          names={names}
          learn={actions.learn}
          onChanged={onChanged}
        />
      </div>
      <MuscleTable muscles={review.muscles} />
      <LiftLines lifts={review.lifts} names={names} unit={athlete.unit} />
      <Comparison
        review={review}
        name={block.name}
        catalogue={catalogue}
        names={names}
        today={today}
        before={actions.blockBefore}
      />
      <WeekTable review={review} block={block} training={training} names={names} />
    </div>
  );
}

/** The block in one line. */
function summary({ over, weeks, done, minutes, bias }: Review): string {
  const { sessions, sets } = addAdherence(done);
  const share = sets.planned === 0 ? 0 : (100 * sets.done) / sets.planned;
  return [
    over === weeks
      ? screenWords.allAreOver(plural(weeks, 'week'))
      : screenWords.ofAreOver(over, plural(weeks, 'week')),
    screenWords.sessionsDone(sessions.done, plural(sessions.planned, 'session')),
    screenWords.percentOfSets(figure(share, 0)),
    ...(minutes.share === null ? [] : [screenWords.sessionsTookOfTheirPlanned(figure(minutes.share, 0))]),
    ...(bias?.steady === true
      ? [screenWords.endsSetsWithRepsLeft(figure(Math.abs(bias.mean), 1), bias.mean > 0 ? 'more' : 'fewer')]
      : []),
  ].join(' · ');
}
