'use client';

import '@mantine/core/styles/Tooltip.layer.css';
import { Tooltip } from '@mantine/core';
import type { RefObject } from 'react';
import classes from './term.module.css';
import { GLOSSARY, type Word } from './words/glossary';

interface TermSaidProps {
  readonly word: Word;
  /** The word on screen that is hovered or focused. */
  readonly target: RefObject<HTMLElement | null>;
}

/** A term's meaning, shown beside it. */
export default function TermExplanation({ word, target }: TermSaidProps) {
  return (
    <Tooltip
      target={target}
      defaultOpened
      label={GLOSSARY[word]}
      multiline
      w={260}
      openDelay={250}
      events={{ hover: true, focus: true, touch: true }}
      classNames={{ tooltip: classes.said }}
    />
  );
}
