import { exerciseById, type Template } from '@/core';
import { Section } from '@/ui/form';
import { listed, plural } from '@/ui/words/figures';
import { dayName, type ExerciseNames } from '@/ui/words/names';
import * as common from '@/ui/words/screens/common';
import * as screenWords from '@/ui/words/screens/templates';
import classes from './templates.module.css';

interface ShippedTemplateProps {
  readonly template: Template;
  readonly names: ExerciseNames;
}

/** A shipped split: whom it suits, its weakness, its sessions with the first choice for each slot. */
export function ShippedTemplate({ template, names }: ShippedTemplateProps) {
  const { name, shape, from, suits, badly, prerequisites, sessions, cycleDays } = template;
  return (
    <div>
      <Section title={name} aside={screenWords.fromLevelUp(shape, from)}>
        <p>{suits}</p>
        <p className={classes.soft}>{badly}</p>
        {prerequisites.length === 0 ? null : (
          <p>
            {screenWords.requirementsOf(
              listed(
                prerequisites.map(({ exerciseId, reps }) =>
                  screenWords.cleanRepsOf(plural(reps, 'clean rep'), names(exerciseId)),
                ),
              ),
            )}
          </p>
        )}
      </Section>
      <Section
        title={common.weekText}
        aside={cycleDays === 7 ? plural(sessions.length, 'session') : screenWords.dayCycle(cycleDays)}
      >
        {sessions.map((session) => (
          <div className={classes.session} key={session.name}>
            <span>{dayName(session.day, cycleDays)}</span>
            <strong>{session.name}</strong>
            <span className={classes.soft}>
              {session.slots
                .map(({ wishes, sets, range }) => {
                  const wished = wishes.find((id) => exerciseById(id) !== undefined);
                  return `${sets} ${wished === undefined ? '' : names(wished)} ${range.low}–${range.high}`;
                })
                .join(', ')}
            </span>
          </div>
        ))}
        <p className={classes.soft}>{screenWords.eachRowUsesWhatThe}</p>
      </Section>
    </div>
  );
}
