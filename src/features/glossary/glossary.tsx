'use client';

import { Table } from '@mantine/core';
import { Section } from '@/ui/form';
import { Bar } from '@/ui/shell/bar';
import { GLOSSARY, WORDS } from '@/ui/words/glossary';
import { capital } from '@/ui/words/names';
import * as common from '@/ui/words/screens/common';
import * as screenWords from '@/ui/words/screens/glossary';
import { TASKS } from '@/ui/words/tasks';
import type { KeyList } from '../../ui/key-list';
import classes from './glossary.module.css';

interface WordsProps {
  /** Keys by screen. */
  readonly keys: readonly (readonly [screen: string, keys: KeyList])[];
}

/** Terms explained in a sentence each, and the keys of all screens. */
export function Glossary({ keys }: WordsProps) {
  return (
    <>
      <Bar crumbs={[{ name: common.glossaryAndShortcuts }]} />
      <main className={classes.page}>
        <Section title={screenWords.glossary}>
          <Table className={classes.table}>
            <Table.Tbody>
              {[...WORDS]
                .sort((a, b) => a.localeCompare(b))
                .map((word) => (
                  <Table.Tr key={word}>
                    <Table.Th scope="row">{capital(word)}</Table.Th>
                    <Table.Td>{GLOSSARY[word]}</Table.Td>
                  </Table.Tr>
                ))}
            </Table.Tbody>
          </Table>
        </Section>
        <Section title={screenWords.howTo}>
          {TASKS.map(({ id, name, how }) => (
            <div key={id} id={id} className={classes.task}>
              <h3>{name}</h3>
              <p>{how}</p>
            </div>
          ))}
        </Section>
        <div>
          {keys.map(([screen, list]) => (
            <Section title={screenWords.shortcuts(screen)} key={screen}>
              <Table className={classes.table}>
                <Table.Tbody>
                  {list.map(([key, does]) => (
                    <Table.Tr key={key}>
                      <Table.Th scope="row">{key}</Table.Th>
                      <Table.Td>{does}</Table.Td>
                    </Table.Tr>
                  ))}
                </Table.Tbody>
              </Table>
            </Section>
          ))}
        </div>
      </main>
    </>
  );
}
