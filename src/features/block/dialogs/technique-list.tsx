import { TextInput } from '@mantine/core';
import { useEffect, useRef } from 'react';
import type { TechniqueKind } from '@/core';
import * as screenWords from '@/ui/words/screens/block-dialogs';
import * as common from '@/ui/words/screens/common';
import type { ALL_TECHNIQUES } from '@/ui/words/technique-text';
import classes from './technique-picker.module.css';

interface TechniqueListProps {
  readonly label: string;
  readonly text: string;
  readonly shown: typeof ALL_TECHNIQUES;
  readonly kind: TechniqueKind;
  readonly onFind: (text: string) => void;
  readonly onChoose: (kind: TechniqueKind) => void;
}

/** Techniques matching the search; arrow keys in the field move the selection. */
export function TechniqueList({ label, text, shown, kind, onFind, onChoose }: TechniqueListProps) {
  const list = useRef<HTMLDivElement>(null);
  useEffect(() => {
    list.current?.querySelector(`[data-kind="${kind}"]`)?.scrollIntoView({ block: 'nearest' });
  }, [kind]);

  const step = (by: 1 | -1) => {
    const at = shown.findIndex((one) => one.kind === kind);
    const next = shown[Math.max(0, Math.min(shown.length - 1, at + by))];
    if (next !== undefined) onChoose(next.kind);
  };
  return (
    <div className={classes.side}>
      <TextInput
        data-autofocus
        className={classes.search}
        role="combobox"
        aria-expanded
        aria-controls="techniques"
        aria-activedescendant={`technique-${kind.replace(/[^a-z]+/g, '-')}`}
        aria-label={label}
        placeholder={screenWords.searchTechniques}
        value={text}
        onChange={(event) => onFind(event.target.value)}
        onKeyDown={(event) => {
          if (event.key !== 'ArrowDown' && event.key !== 'ArrowUp') return;
          event.preventDefault();
          step(event.key === 'ArrowDown' ? 1 : -1);
        }}
      />
      <div className={classes.list} id="techniques" role="listbox" aria-label={common.techniques} ref={list}>
        {shown.map((one) => (
          // biome-ignore lint/a11y/useKeyWithClickEvents: the field above moves among them by the arrows
          <div
            key={one.kind}
            id={`technique-${one.kind.replace(/[^a-z]+/g, '-')}`}
            data-kind={one.kind}
            role="option"
            tabIndex={-1}
            aria-selected={one.kind === kind}
            className={classes.option}
            onClick={() => onChoose(one.kind)}
          >
            <span>{one.name}</span>
            <span className={classes.is}>{one.is}</span>
          </div>
        ))}
        {shown.length === 0 ? <p className={classes.is}>{common.noMatches}</p> : null}
      </div>
    </div>
  );
}
