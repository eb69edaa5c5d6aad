'use client';

import dynamic from 'next/dynamic';
import { useRef, useState } from 'react';
import classes from './term.module.css';
import type { Word } from './words/glossary';

const TermSaid = dynamic(() => import('./term-explanation'), { ssr: false });

interface TermProps {
  readonly word: Word;
  /** Its form here; absent: the word itself. */
  readonly children?: React.ReactNode;
}

/** A term of the interface with a one-sentence explanation on hover and focus; loads when first needed. */
export function Term({ word, children }: TermProps) {
  const target = useRef<HTMLSpanElement>(null);
  const [asked, setAsked] = useState(false);
  const ask = () => setAsked(true);
  return (
    <>
      {/* biome-ignore lint/a11y/noStaticElementInteractions: what is said on hover must be had by keyboard as well */}
      <span
        ref={target}
        className={classes.term}
        // biome-ignore lint/a11y/noNoninteractiveTabindex: what is said on hover must be had by keyboard as well
        tabIndex={0}
        onPointerEnter={ask}
        onFocus={ask}
      >
        {children ?? word}
      </span>
      {asked ? <TermSaid word={word} target={target} /> : null}
    </>
  );
}
