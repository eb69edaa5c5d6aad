'use client';

import { Button } from '@mantine/core';
import { useEffect } from 'react';
import { commandFacts } from '@/client/commands';
import { inVariant, type SingleEdit, type Slot } from '@/core';
import { capital } from '@/ui/words/names';
import * as common from '@/ui/words/screens/common';
import * as screenWords from '@/ui/words/screens/sheet';
import classes from './slot-details.module.css';
import { Course, Notes, type PartProps, Progress, type SlotDetailsProps } from './slot-details-parts';

/** Everything about a slot that has no column. */
export default function SlotDetails(props: SlotDetailsProps) {
  const { row, catalogue, attempt, onClose } = props;
  const { slot } = row;
  // The panel takes space from the table: its slot stays visible.
  useEffect(() => {
    window.document.querySelector(`[data-row="${slot.id}"]`)?.scrollIntoView({ block: 'nearest' });
  }, [slot.id]);
  const pinned = catalogue.find(slot.exercise);
  if (pinned === undefined) return null;
  const exercise = inVariant(pinned, slot.variant);
  const set = <F extends keyof Slot>(field: F, value: Slot[F]) =>
    void attempt({ kind: 'slot/set', slot: slot.id, field, value } as SingleEdit);
  const part: PartProps = { ...props, slot, exercise, pinned, set };
  return (
    <section
      className={classes.details}
      aria-label={screenWords.detailsOf(exercise.name)}
      onKeyDown={(event) => {
        if (event.key === 'Escape') onClose();
        event.stopPropagation();
      }}
    >
      <h2 className={classes.title}>
        {screenWords.details(capital(exercise.name))}
        <Button variant="quiet" onClick={onClose} title={commandFacts('details').keys}>
          {common.close}
        </Button>
      </h2>
      <div className={classes.columns}>
        <div>
          <Progress {...part} />
        </div>
        <div>
          <Course {...part} />
        </div>
        <div>
          <Notes {...part} />
        </div>
      </div>
    </section>
  );
}
