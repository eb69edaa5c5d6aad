'use client';

import { Button, UnstyledButton } from '@mantine/core';
import dynamic from 'next/dynamic';
import { useRef, useState } from 'react';
import type { Block, Edit, Problem, Result } from '@/core';
import { plural } from '@/ui/words/figures';
import * as screenWords from '@/ui/words/screens/block';
import * as common from '@/ui/words/screens/common';
import classes from './block.module.css';
import type { Focus } from './focus';
import { type SettingColumn, settingEntry } from './settings/setting-entry';
import { settingsOf } from './settings/settings';
import { TextEditor } from './sheet/editor';

const SettingsDrawer = dynamic(() => import('./settings/settings-drawer'), { ssr: false });

interface BlockLineProps {
  readonly block: Block;
  readonly onChange: (edit: Edit) => Result<null>;
  readonly onFocus: (focus: Focus) => void;
  readonly onConventions: () => void;
  readonly children: React.ReactNode;
}

/** Settings of the whole block, each editable in place. */
export function BlockLine({ block, onChange, onFocus, onConventions, children }: BlockLineProps) {
  const [open, setOpen] = useState<SettingColumn | null>(null);
  const [all, setAll] = useState(false);
  const more = useRef<HTMLButtonElement>(null);
  const line = useRef<HTMLDivElement>(null);
  const close = (column: SettingColumn) => {
    setOpen(null);
    requestAnimationFrame(() =>
      line.current?.querySelector<HTMLElement>(`[data-setting="${column}"]`)?.focus(),
    );
  };
  const take = (column: SettingColumn, text: string): readonly Problem[] => {
    const entry = settingEntry(column, text, block);
    const changed = entry.ok ? onChange(entry.value) : entry;
    return changed.ok ? [] : changed.problems;
  };
  const commit = (column: SettingColumn, text: string): readonly Problem[] => {
    const problems = take(column, text);
    if (problems.length === 0) close(column);
    return problems;
  };
  const settings = settingsOf(block);
  const own = Object.keys(block.conventions).length;
  const shown = settings.filter(({ value, usual }) => value !== usual);
  return (
    <section className={classes.line} ref={line} aria-label={common.block}>
      {shown.map(({ column, before, after, value, name, says }) => (
        <span className={classes.setting} key={column}>
          {before}
          <span style={{ position: 'relative' }}>
            <UnstyledButton
              className={classes.settingValue}
              data-setting={column}
              aria-label={`${name}: ${value}`}
              onClick={() => setOpen(column)}
              onFocus={() => onFocus({ kind: 'setting', name, text: says })}
            >
              {value}
            </UnstyledButton>
            {open === column ? (
              <TextEditor
                label={name}
                initial={value}
                typed={false}
                onCommit={(text) => commit(column, text)}
                onCancel={() => close(column)}
              />
            ) : null}
          </span>
          {after}
        </span>
      ))}
      {own > 0 ? (
        <Button variant="quiet" onClick={onConventions} title={screenWords.altC}>
          {plural(own, 'convention')}
        </Button>
      ) : null}
      <Button variant="quiet" ref={more} aria-haspopup="dialog" onClick={() => setAll(true)}>
        {screenWords.allSettings}
      </Button>
      {all ? (
        <SettingsDrawer
          block={block}
          own={own}
          onCommit={take}
          onConventions={() => {
            setAll(false);
            onConventions();
          }}
          onClose={() => {
            setAll(false);
            requestAnimationFrame(() => more.current?.focus());
          }}
        />
      ) : null}
      <span style={{ flex: 1 }} />
      {children}
    </section>
  );
}
