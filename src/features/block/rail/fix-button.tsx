'use client';

import '@mantine/core/styles/Checkbox.layer.css';
import '@mantine/core/styles/Popover.layer.css';

import { Button, Checkbox, Popover } from '@mantine/core';
import { useState } from 'react';
import { easing, type Fix } from '@/core';
import { easeTick, fixWords } from '@/ui/words/findings';
import type { ExerciseNames } from '@/ui/words/names';
import * as screenWords from '@/ui/words/screens/rail';
import classes from './rail.module.css';

interface FixButtonProps {
  readonly fix: Fix;
  readonly names: ExerciseNames;
  /** The fix is looked at: the Sheet shows what it would do. */
  readonly onLook: (fix: Fix) => void;
  readonly onFix: (fix: Fix) => void;
}

/** A fix of a check. One that changes several exercises first asks which. */
export function FixButton(props: FixButtonProps) {
  const { fix } = props;
  return fix.does === 'ease joint' && fix.changes.length > 1 ? (
    <EaseButton {...props} fix={fix} />
  ) : (
    <PlainButton {...props} onClick={() => props.onFix(fix)} />
  );
}

function PlainButton({
  fix,
  names,
  onLook,
  onClick,
}: Omit<FixButtonProps, 'onFix'> & { readonly onClick: () => void }) {
  return (
    <Button
      variant="link"
      onFocus={(event) => {
        event.stopPropagation();
        onLook(fix);
      }}
      onMouseEnter={() => onLook(fix)}
      onClick={onClick}
    >
      {fixWords(fix, names)}
    </Button>
  );
}

/** Each exercise that would change, with a tick: only ticked ones do. */
function EaseButton({
  fix,
  names,
  onLook,
  onFix,
}: FixButtonProps & { readonly fix: Extract<Fix, { does: 'ease joint' }> }) {
  const [isOpen, setOpen] = useState(false);
  const [left, setLeft] = useState<readonly number[]>([]);
  const chosen = easing(
    fix.how,
    fix.changes.filter((_, at) => !left.includes(at)),
  );
  return (
    <Popover opened={isOpen} onChange={setOpen} trapFocus position="bottom-start" withinPortal>
      <Popover.Target>
        <span>
          <PlainButton fix={fix} names={names} onLook={onLook} onClick={() => setOpen(!isOpen)} />
        </span>
      </Popover.Target>
      <Popover.Dropdown className={classes.ticks}>
        {fix.changes.map((change, at) => (
          <Checkbox
            // biome-ignore lint/suspicious/noArrayIndexKey: the same exercise may stand in several sessions
            key={at}
            label={easeTick(change, names)}
            checked={!left.includes(at)}
            onChange={({ currentTarget }) =>
              setLeft(currentTarget.checked ? left.filter((one) => one !== at) : [...left, at])
            }
          />
        ))}
        <Button
          disabled={chosen.changes.length === 0}
          onClick={() => {
            setOpen(false);
            onFix(chosen);
          }}
        >
          {screenWords.applyTo(chosen.changes.length)}
        </Button>
      </Popover.Dropdown>
    </Popover>
  );
}
