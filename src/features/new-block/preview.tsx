import type { Block, BlockPlan, Finding, Goals, PrerequisiteState, Template } from '@/core';
import { MUSCLES, sessionsInOrder, setCount } from '@/core';
import { Section } from '@/ui/form';
import { figure, listed, minutes, plural, span } from '@/ui/words/figures';
import { findingSentence } from '@/ui/words/findings';
import { capital, dayName, type ExerciseNames } from '@/ui/words/names';
import * as common from '@/ui/words/screens/common';
import * as screenWords from '@/ui/words/screens/new-block';
import classes from './new-block.module.css';

interface PreviewProps {
  readonly template: Template | undefined;
  readonly prerequisites: readonly PrerequisiteState[];
  readonly outlook: {
    readonly block: Block;
    readonly blockPlan: BlockPlan;
    readonly findings: readonly Finding[];
  } | null;
  /** Chosen goals; the block's others follow from what its split can do. */
  readonly goals: Goals;
  /** Shown if there is no design. */
  readonly nothing: string;
  readonly names: ExerciseNames;
}

const MOST_FINDINGS = 4;

/** A preview of the start for this athlete: whom it suits, its week, and the checks. */
export function Preview({ template, prerequisites, outlook, goals, nothing, names }: PreviewProps) {
  return (
    <div className={classes.preview}>
      {template === undefined ? null : (
        <Section title={template.name} aside={template.shape}>
          <p>{template.suits}</p>
          <p className={classes.soft}>{template.badly}</p>
        </Section>
      )}
      {prerequisites.length === 0 ? null : (
        <p>
          {screenWords.requirements(
            listed(
              prerequisites.map(({ exerciseId, reps, best, met }) =>
                screenWords.cleanRepsOf(
                  reps,
                  names(exerciseId),
                  met
                    ? screenWords.met
                    : best === null
                      ? screenWords.noneOnRecord
                      : screenWords.onRecord(best),
                ),
              ),
            ),
          )}
        </p>
      )}
      {outlook === null ? (
        <p className={classes.soft}>{nothing}</p>
      ) : (
        <Week outlook={outlook} goals={goals} names={names} />
      )}
    </div>
  );
}

function Week({
  outlook,
  goals,
  names,
}: Pick<PreviewProps, 'names' | 'goals'> & { readonly outlook: NonNullable<PreviewProps['outlook']> }) {
  const { block, blockPlan, findings } = outlook;
  const [week] = blockPlan.weeks;
  const held = MUSCLES.filter((muscle) => block.goals[muscle] === 'hold' && goals[muscle] === undefined);
  const loud = findings.filter(({ severity }) => severity !== 'note');
  return (
    <>
      <Section
        title={screenWords.week1}
        aside={week === undefined ? '' : screenWords.hardSets(figure(week.plan.hardSets, 0))}
      >
        {sessionsInOrder(block).map((session) => {
          const planned = week?.plan.sessions.find(({ sessionId }) => sessionId === session.id);
          return (
            <div className={classes.session} key={session.id}>
              <div className={classes.sessionHead}>
                <span>
                  {dayName(session.day, block.cycleDays)} <strong>{session.name}</strong>
                </span>
                <span className={classes.soft}>
                  {planned === undefined
                    ? ''
                    : screenWords.spanMinutes(
                        span(minutes(planned.seconds.low), minutes(planned.seconds.high)),
                      )}
                </span>
              </div>
              <div className={classes.soft}>
                {(planned?.slots ?? [])
                  .map(({ exerciseId, technique }) => `${setCount(technique)} ${names(exerciseId)}`)
                  .join(', ')}
              </div>
            </div>
          );
        })}
      </Section>
      {held.length === 0 ? null : (
        <Section title={screenWords.maintained} aside={plural(held.length, 'muscle')}>
          <p className={classes.soft}>{screenWords.willBeMaintainedThisSchedule(capital(listed(held)))}</p>
        </Section>
      )}
      <Section title={common.checks} aside={plural(findings.length, 'finding')}>
        {loud.length === 0 ? <p className={classes.soft}>{screenWords.noProblemsOrWarnings}</p> : null}
        <ul className={classes.said}>
          {loud.slice(0, MOST_FINDINGS).map((finding) => (
            <li key={finding.id}>{findingSentence(finding.detail, names)}</li>
          ))}
        </ul>
        {loud.length > MOST_FINDINGS ? (
          <p className={classes.soft}>{screenWords.andMoreTheSplitTab(loud.length - MOST_FINDINGS)}</p>
        ) : null}
      </Section>
    </>
  );
}
