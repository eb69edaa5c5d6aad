import { Button, Group, TextInput } from '@mantine/core';
import { schemaResolver, useForm } from '@mantine/form';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { type Block, sessionsInOrder, setCount } from '@/core';
import { Section } from '@/ui/form';
import { templateNameForm } from '@/ui/template-name';
import { useAction } from '@/ui/use-action';
import { plural } from '@/ui/words/figures';
import { dayName, type ExerciseNames } from '@/ui/words/names';
import { outcomeSentence } from '@/ui/words/outcomes';
import type { TemplatesActions } from './contract';
import classes from './templates.module.css';

interface OwnTemplateProps {
  readonly id: string;
  readonly name: string;
  readonly design: Block;
  readonly names: ExerciseNames;
  readonly actions: TemplatesActions;
}

/** A template of the coach's own: its week, its name, the way out. */
export function OwnTemplate({ id, name, design, names, actions }: OwnTemplateProps) {
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
      <Rename id={id} name={name} rename={actions.rename} />
      <Remove id={id} name={name} remove={actions.remove} />
    </div>
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
    else form.setFieldError('name', `It keeps its name. ${outcomeSentence(said)}`);
  };
  return (
    <form noValidate onSubmit={form.onSubmit((given) => void keep(given))}>
      <Group gap="md" align="end" mt="sm">
        <TextInput label="Name of the template" className={classes.name} {...form.getInputProps('name')} />
        <Button type="submit" loading={renaming.isBusy}>
          Rename
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

/** Removes it when it is asked twice; blocks made from it stay. */
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
    } else setProblem(`The template stays. ${outcomeSentence(said)}`);
  };
  return (
    <Group gap="md" mt="sm">
      <Button
        variant="quiet"
        aria-label={asked ? `Remove ${name} for good` : `Remove the template ${name}`}
        onBlur={() => setAsked(false)}
        onClick={() => (asked ? void confirm() : setAsked(true))}
      >
        {asked ? 'Remove for good' : 'Remove …'}
      </Button>
      <span className={classes.soft}>Blocks made from it stay.</span>
      {problem === null ? null : <span role="alert">{problem}</span>}
    </Group>
  );
}
