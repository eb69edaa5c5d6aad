'use client';

import { Button, Modal } from '@mantine/core';
import { useState } from 'react';
import { type Athlete, type Block, type Catalogue, placeFor } from '@/core';
import { exerciseChoices } from '@/ui/exercise-choices';
import { FormRow, SelectField } from '@/ui/form';
import { Picker } from '@/ui/picker';
import { plural } from '@/ui/words/figures';
import { capital } from '@/ui/words/names';
import * as screenWords from '@/ui/words/screens/block-dialogs';
import * as common from '@/ui/words/screens/common';
import classes from './technique-picker.module.css';

interface ReplaceDialogProps {
  readonly block: Block;
  readonly athlete: Athlete;
  readonly catalogue: Catalogue;
  /** The exercise at the cursor; undefined if there is none. */
  readonly from: string | undefined;
  readonly onReplace: (from: string, to: string) => void;
  readonly onClose: () => void;
}

/** Finds an exercise in the block and replaces it everywhere at once. */
export default function ReplaceDialog(props: ReplaceDialogProps) {
  const { block, athlete, catalogue, onReplace, onClose } = props;
  const slots = block.sessions.flatMap((session) => session.slots);
  const used = [...new Set(slots.map(({ exercise }) => exercise.id))].sort((a, b) => a.localeCompare(b));
  const [from, setFrom] = useState(props.from ?? used[0] ?? '');
  const [to, setTo] = useState<string | null>(null);
  const [picking, setPicking] = useState(true);
  const places = slots.filter(({ exercise }) => exercise.id === from).length;
  const name = (id: string) => capital(catalogue.newest(id.split('#')[0] ?? id)?.name ?? id);
  return (
    <Modal opened onClose={onClose} title={screenWords.replaceAnExerciseEverywhere} size="md">
      <form
        onKeyDown={(event) => event.stopPropagation()}
        onSubmit={(event) => {
          event.preventDefault();
          if (to === null) return;
          onReplace(from, to);
          onClose();
        }}
      >
        <FormRow label={common.exerciseLabel}>
          <SelectField
            label={screenWords.exerciseToReplace}
            value={from}
            options={used}
            names={name}
            onValue={setFrom}
          />
          <span>{screenWords.inSlots(plural(places, 'slot'))}</span>
        </FormRow>
        <FormRow label={screenWords.replaceWith}>
          {picking ? (
            <span style={{ position: 'relative', height: 26, flex: 1 }}>
              <Picker
                label={common.newExercise}
                inDialog
                choices={exerciseChoices(catalogue, { athlete, place: placeFor(athlete, null) })}
                initial=""
                onPick={(value) => {
                  setTo(value);
                  setPicking(false);
                }}
                onCancel={() => setPicking(to === null)}
              />
            </span>
          ) : (
            <Button variant="quiet" onClick={() => setPicking(true)}>
              {to === null ? 'choose' : name(to)}
            </Button>
          )}
        </FormRow>
        <p>{screenWords.setsRepsRirRestAnd}</p>
        <div className={classes.foot}>
          <Button type="submit" variant="filled" aria-disabled={to === null} data-autofocus={to !== null}>
            {screenWords.replace}
          </Button>
          <Button variant="quiet" onClick={onClose}>
            {common.cancel}
          </Button>
        </div>
      </form>
    </Modal>
  );
}
