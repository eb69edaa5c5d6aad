'use client';

import { useEffect, useRef, useState } from 'react';
import type { Problem } from '@/core';
import inPlace from '@/ui/in-place.module.css';
import { problemSentence } from '@/ui/words/problems';
import classes from '../block.module.css';

/** Where the cursor goes after leaving a cell. */
export type Leave = 'stay' | 'down' | 'up' | 'right' | 'left';

interface TextEditorProps {
  readonly label: string;
  readonly initial: string;
  /** Typed over: the caret is after the first character instead of selecting the text. */
  readonly typed: boolean;
  /** Accepts the text; returns what is wrong with it, and the cell stays open. */
  readonly onCommit: (text: string, leave: Leave) => readonly Problem[];
  readonly onCancel: () => void;
}

function leaveBy(event: React.KeyboardEvent): Leave | null {
  if (event.key === 'Enter') return event.shiftKey ? 'up' : 'down';
  if (event.key === 'Tab') return event.shiftKey ? 'left' : 'right';
  return null;
}

/** Types in place. Enter and Tab commit and move on, Esc cancels; an error shows right below. */
export function TextEditor({ label, initial, typed, onCommit, onCancel }: TextEditorProps) {
  const [text, setText] = useState(initial);
  const [problems, setProblems] = useState<readonly Problem[]>([]);
  const input = useRef<HTMLInputElement>(null);
  const done = useRef(false);

  useEffect(() => {
    input.current?.focus();
    if (!typed) input.current?.select();
  }, [typed]);

  const commit = (leave: Leave) => {
    if (done.current) return;
    const wrong = text === initial && !typed ? [] : onCommit(text, leave);
    if (wrong.length > 0) {
      setProblems(wrong);
      input.current?.focus();
      return;
    }
    done.current = true;
    if (text === initial && !typed) onCancel();
  };

  const [problem] = problems;
  return (
    <span className={inPlace.editor}>
      <input
        ref={input}
        className={inPlace.input}
        aria-label={label}
        aria-invalid={problem !== undefined}
        aria-describedby={problem === undefined ? undefined : 'cell-problem'}
        size={Math.max(4, text.length)}
        value={text}
        onChange={(event) => {
          setText(event.target.value);
          setProblems([]);
        }}
        onBlur={() => commit('stay')}
        onKeyDown={(event) => {
          event.stopPropagation();
          const leave = leaveBy(event);
          if (leave !== null) {
            event.preventDefault();
            commit(leave);
          } else if (event.key === 'Escape') {
            done.current = true;
            onCancel();
          }
        }}
      />
      {problem === undefined ? null : (
        <span className={classes.problem} id="cell-problem" role="alert">
          {problemSentence(problem)}
        </span>
      )}
    </span>
  );
}
