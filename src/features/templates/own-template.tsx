import { Button, Group, TextInput } from '@mantine/core';
import { schemaResolver, useForm } from '@mantine/form';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { type Block, type Catalogue, type Prerequisite, sessionsInOrder, setCount } from '@/core';
import { Section, SelectField } from '@/ui/form';
import { readNumber } from '@/ui/read';
import { templateNameForm } from '@/ui/template-name';
import { Typed } from '@/ui/typed';
import { useAction } from '@/ui/use-action';
import { plural } from '@/ui/words/figures';
import { dayName, namesOf } from '@/ui/words/names';
import { outcomeSentence } from '@/ui/words/outcomes';
import * as common from '@/ui/words/screens/common';
import * as screenWords from '@/ui/words/screens/templates';
import type { TemplatesActions, TemplatesData } from './contract';
import classes from './templates.module.css';

interface OwnTemplateProps {
  readonly own: TemplatesData['own'][number];
  readonly design: Block;
  /** Whether there is nobody to share it with. */
  readonly isAlone: boolean;
  readonly catalogue: Catalogue;
  readonly actions: TemplatesActions;
}

/** A coach's template: its week, its name, and its removal. */
export function OwnTemplate({ own, design, isAlone, catalogue, actions }: OwnTemplateProps) {
  const { id, name } = own;
  const names = namesOf(catalogue);
  return (
    <div>
      <Section
        title={name}
        aside={`${plural(design.weeks, 'week')}${design.shape === null ? '' : `, ${design.shape}`}`}
      >
        {sessionsInOrder(design).map((session) => (
          <div className={classes.session} key={session.id}>
            <span>{dayName(session.day, design.cycleDays)}</span>
            <strong>{session.name}</strong>
            <span className={classes.soft}>
              {session.slots
                .map(
                  ({ exercise, technique, range }) =>
                    `${setCount(technique)} ${names(exercise.id)} ${range.low}–${range.high}`,
                )
                .join(', ')}
            </span>
          </div>
        ))}
      </Section>
      <p>
        <a href={`/import-export/templates/${id}`} download>
          {screenWords.saveAsAFile}
        </a>
      </p>
      {own.isOwn ? (
        <>
          {isAlone && !own.shared ? null : <Share own={own} share={actions.share} />}
          <Prerequisites own={own} catalogue={catalogue} asks={actions.savePrerequisites} />
          <Rename id={id} name={name} rename={actions.rename} />
          <Remove id={id} name={name} remove={actions.remove} />
        </>
      ) : (
        <p className={classes.soft}>{screenWords.sharedByAnotherCoachIn}</p>
      )}
    </div>
  );
}

interface ShareProps extends Pick<OwnTemplateProps, 'own'> {
  readonly share: TemplatesActions['share'];
}

/** Whether other coaches of the team see it. */
function Share({ own, share }: ShareProps) {
  const router = useRouter();
  const { ask, isBusy } = useAction(share);
  const [problem, setProblem] = useState('');
  const put = async () => {
    const said = await ask(own.id, !own.shared);
    setProblem(said.status === 'kept' ? '' : outcomeSentence(said));
    router.refresh();
  };
  return (
    <p>
      {own.shared ? screenWords.theWholeTeamSeesIt : screenWords.onlyYouSeeIt}
      <Button variant="link" aria-disabled={isBusy} onClick={() => void put()}>
        {own.shared ? common.stopSharing : common.shareWithTheTeam}
      </Button>
      <span role="alert">{problem}</span>
    </p>
  );
}

interface AsksProps extends Pick<OwnTemplateProps, 'own' | 'catalogue'> {
  readonly asks: TemplatesActions['savePrerequisites'];
}

/** Its prerequisites: clean reps of a lift, shown when a block is started from it. */
function Prerequisites({ own, catalogue, asks }: AsksProps) {
  const router = useRouter();
  const { ask, isBusy } = useAction(asks);
  const names = namesOf(catalogue);
  const counted = catalogue.list.filter(({ measure }) => measure === 'reps');
  const [exerciseId, setExercise] = useState(counted[0]?.id ?? '');
  const [reps, setReps] = useState(5);
  const [problem, setProblem] = useState<string | null>(null);
  const keep = async (prerequisites: readonly Prerequisite[]) => {
    const said = await ask(own.id, prerequisites);
    setProblem(said.status === 'kept' ? null : outcomeSentence(said));
    router.refresh();
  };
  const others = own.prerequisites.filter((one) => one.exerciseId !== exerciseId);
  return (
    <Section title={screenWords.requirements} aside={screenWords.cleanRepsCheckedWhenA}>
      {own.prerequisites.length === 0 ? <p className={classes.soft}>{screenWords.noRequirements}</p> : null}
      {own.prerequisites.map((one) => (
        <p key={one.exerciseId}>
          {screenWords.cleanRepsOf(plural(one.reps, 'clean rep'), names(one.exerciseId))}{' '}
          <Button
            variant="link"
            aria-disabled={isBusy}
            aria-label={screenWords.removeRequirement(names(one.exerciseId))}
            onClick={() => void keep(own.prerequisites.filter((other) => other !== one))}
          >
            {common.removeText}
          </Button>
        </p>
      ))}
      <Group gap="md">
        <SelectField
          label={screenWords.exerciseOfTheRequirement}
          value={exerciseId}
          options={counted.map(({ id }) => id)}
          names={names}
          onValue={setExercise}
        />
        <Typed
          label={screenWords.cleanRepsRequired}
          text={String(reps)}
          read={(text) => readNumber(text, { field: 'reps', low: 1, high: 50, whole: true })}
          onValue={setReps}
        />
        <Button
          variant="link"
          aria-disabled={isBusy}
          onClick={() => void keep([...others, { exerciseId, reps }])}
        >
          {screenWords.addRequirement}
        </Button>
      </Group>
      {problem === null ? null : <p role="alert">{problem}</p>}
    </Section>
  );
}

interface RenameProps {
  readonly id: string;
  readonly name: string;
  readonly rename: TemplatesActions['rename'];
}

function Rename({ id, name, rename }: RenameProps) {
  const router = useRouter();
  const renaming = useAction(rename);
  const form = useForm({
    initialValues: { name },
    validate: schemaResolver(templateNameForm, { sync: true }),
  });
  const keep = async (given: { readonly name: string }) => {
    const said = await renaming.ask(id, given.name.trim());
    if (said.status === 'renamed') router.refresh();
    else form.setFieldError('name', screenWords.notRenamed(outcomeSentence(said)));
  };
  return (
    <form noValidate onSubmit={form.onSubmit((given) => void keep(given))}>
      <Group gap="md" align="end" mt="sm">
        <TextInput
          label={common.nameOfTheTemplate}
          className={classes.name}
          {...form.getInputProps('name')}
        />
        <Button type="submit" loading={renaming.isBusy}>
          {screenWords.rename}
        </Button>
      </Group>
    </form>
  );
}

interface RemoveProps {
  readonly id: string;
  readonly name: string;
  readonly remove: TemplatesActions['remove'];
}

/** Removes it after a confirmation; blocks made from it stay. */
function Remove({ id, name, remove }: RemoveProps) {
  const router = useRouter();
  const removing = useAction(remove);
  const [asked, setAsked] = useState(false);
  const [problem, setProblem] = useState<string | null>(null);
  const confirm = async () => {
    const said = await removing.ask(id);
    if (said.status === 'removed') {
      router.replace('/templates');
      router.refresh();
    } else setProblem(screenWords.notRemoved(outcomeSentence(said)));
  };
  return (
    <Group gap="md" mt="sm">
      <Button
        variant="quiet"
        aria-label={asked ? screenWords.confirmRemoveForGood(name) : screenWords.removeTheTemplate(name)}
        onBlur={() => setAsked(false)}
        onClick={() => (asked ? void confirm() : setAsked(true))}
      >
        {asked ? screenWords.removeForGood : common.removeText}
      </Button>
      <span className={classes.soft}>{screenWords.blocksMadeFromItAre}</span>
      {problem === null ? null : <span role="alert">{problem}</span>}
    </Group>
  );
}
