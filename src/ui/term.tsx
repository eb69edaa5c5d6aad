'use client';

import { Tooltip } from '@mantine/core';
import classes from './term.module.css';
import { GLOSSARY, type Word } from './words/glossary';

interface TermProps {
  readonly word: Word;
  /** How it stands here; absent: the word itself. */
  readonly children?: React.ReactNode;
}

/** A word of the interface's own, explained in a sentence on hover and focus. */
export function Term({ word, children }: TermProps) {
  return (
    <Tooltip
      label={GLOSSARY[word]}
      multiline
      w={260}
      openDelay={250}
      events={{ hover: true, focus: true, touch: true }}
      classNames={{ tooltip: classes.said }}
    >
      {/* biome-ignore lint/a11y/noNoninteractiveTabindex: what is said on hover must be had by keyboard as well */}
      <span className={classes.term} tabIndex={0}>
        {children ?? word}
      </span>
    </Tooltip>
  );
}
