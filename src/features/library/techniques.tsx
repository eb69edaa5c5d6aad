'use client';

import { failureReach, loggedAs, startOf } from '@/core';
import { TechniqueDrawing } from '@/ui/technique-drawing';
import { CLINICIAN } from '@/ui/words/cautions';
import { plural } from '@/ui/words/figures';
import * as common from '@/ui/words/screens/common';
import * as screenWords from '@/ui/words/screens/library';
import { ALL_TECHNIQUES } from '@/ui/words/technique-text';
import { LOGGED_WORDS, REACH_WORDS, techniqueSentence } from '@/ui/words/techniques';
import classes from './techniques.module.css';

/** Range and rest used for the drawings. */
const RANGE = { low: 8, high: 12 };
const REST = 120;

/**
 * Every set technique with its defaults: a drawing, what it requires, what progresses, how it is logged, its limits.
 */
export default function Techniques() {
  return (
    // biome-ignore lint/a11y/noNoninteractiveTabindex: the keyboard must reach what scrolls
    <main className={classes.shelf} tabIndex={0} aria-label={common.techniques}>
      <p className={classes.lead}>
        {screenWords.drawnAsTheyStartIn(plural(ALL_TECHNIQUES.length, 'technique'), RANGE.low, RANGE.high)}
      </p>
      <ul className={classes.list} aria-label={common.techniques}>
        {ALL_TECHNIQUES.map(({ kind, name, is }) => {
          const technique = startOf(kind);
          return (
            <li key={kind} className={classes.item}>
              <h2 className={classes.name}>{name}</h2>
              <p className={classes.is}>{is}</p>
              <TechniqueDrawing technique={technique} range={RANGE} rest={REST} />
              <p>
                {techniqueSentence({ technique, drift: 'hold RIR' })} {LOGGED_WORDS[loggedAs(technique)]}
              </p>
              <p className={classes.gate}>
                {kind === 'restricted blood flow' ? CLINICIAN : REACH_WORDS[failureReach(technique)]}
              </p>
            </li>
          );
        })}
      </ul>
    </main>
  );
}
