'use client';

import { UnstyledButton } from '@mantine/core';
import { barClasses } from './bar';

interface TabsProps<T extends string> {
  readonly label: string;
  readonly names: readonly T[];
  readonly now: T;
  readonly onChoose: (name: T) => void;
}

/** Tabs in the header; Alt and a digit switch too. */
export function Tabs<T extends string>({ label, names, now, onChoose }: TabsProps<T>) {
  return (
    <nav className={barClasses.tabs} aria-label={label}>
      {names.map((name) => (
        <UnstyledButton
          key={name}
          className={barClasses.tab}
          aria-current={name === now ? 'page' : undefined}
          onClick={() => onChoose(name)}
        >
          {name}
        </UnstyledButton>
      ))}
    </nav>
  );
}
