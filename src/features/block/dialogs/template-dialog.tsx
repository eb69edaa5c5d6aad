'use client';

import { Button, Group, Modal, TextInput } from '@mantine/core';
import { schemaResolver, useForm } from '@mantine/form';
import { useState } from 'react';
import { templateNameForm } from '@/ui/template-name';
import { useAction } from '@/ui/use-action';
import { outcomeSentence } from '@/ui/words/outcomes';
import * as screenWords from '@/ui/words/screens/block-dialogs';
import * as common from '@/ui/words/screens/common';
import type { BlockActions } from '../contract';

interface TemplateDialogProps {
  /** The block's own name as a default. */
  readonly name: string;
  readonly untilSaved: () => Promise<unknown>;
  readonly save: BlockActions['saveTemplate'];
  readonly onKept: (name: string) => void;
  readonly onClose: () => void;
}

/** Saves the block's design as a template with a name. */
export default function TemplateDialog({ name, untilSaved, save, onKept, onClose }: TemplateDialogProps) {
  const form = useForm({
    initialValues: { name },
    validate: schemaResolver(templateNameForm, { sync: true }),
  });
  const keeping = useAction(save);
  const [problem, setProblem] = useState<string | null>(null);
  const keep = async (given: { readonly name: string }) => {
    await untilSaved();
    const said = await keeping.ask(given.name.trim());
    if (said.status === 'kept') onKept(given.name.trim());
    else setProblem(screenWords.notSaved(outcomeSentence(said)));
  };
  return (
    <Modal opened onClose={onClose} title={common.saveAsTemplate} size="sm">
      <form
        noValidate
        onKeyDown={(event) => event.key !== 'Escape' && event.stopPropagation()}
        onSubmit={form.onSubmit((given) => void keep(given))}
      >
        <TextInput
          data-autofocus
          label={common.nameOfTheTemplate}
          description={screenWords.savesSessionsExercisesAndSettings}
          {...form.getInputProps('name')}
        />
        {problem === null ? null : <p role="alert">{problem}</p>}
        <Group mt="sm" gap="md">
          <Button type="submit" variant="filled" loading={keeping.isBusy}>
            {common.save}
          </Button>
          <Button variant="quiet" onClick={onClose}>
            {common.cancel}
          </Button>
        </Group>
      </form>
    </Modal>
  );
}
