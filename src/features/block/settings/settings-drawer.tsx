import * as screenWords from '@/ui/words/screens/block-settings';
import '@mantine/core/styles/Drawer.layer.css';
import { Button, Drawer, NativeSelect, TextInput } from '@mantine/core';
import { useState } from 'react';
import type { Block, Problem } from '@/core';
import { plural } from '@/ui/words/figures';
import { problemSentence } from '@/ui/words/problems';
import type { SettingColumn } from './setting-entry';
import { type Setting, settingsOf } from './settings';
import classes from './settings-drawer.module.css';

interface SettingsDrawerProps {
  readonly block: Block;
  /** Rules that the block sets differently. */
  readonly own: number;
  readonly onCommit: (column: SettingColumn, text: string) => readonly Problem[];
  readonly onConventions: () => void;
  readonly onClose: () => void;
}

/** Every setting of the block by name, with a line of explanation. Each applies at once and can be undone. */
export default function SettingsDrawer({
  block,
  own,
  onCommit,
  onConventions,
  onClose,
}: SettingsDrawerProps) {
  return (
    <Drawer opened onClose={onClose} position="right" size={460} title={screenWords.blockSettings}>
      {/* biome-ignore lint/a11y/noStaticElementInteractions: keys typed here are not meant for the table behind */}
      <div onKeyDown={(event) => event.key !== 'Escape' && event.stopPropagation()}>
        {settingsOf(block).map((setting) => (
          <Field key={setting.column} setting={setting} onCommit={(text) => onCommit(setting.column, text)} />
        ))}
        <div className={classes.field}>
          <Button variant="link" onClick={onConventions}>
            {screenWords.rulesAndNumbers(
              own === 0 ? screenWords.defaults : screenWords.ofYourOwn(plural(own, 'number')),
            )}
          </Button>
          <p className={classes.help}>{screenWords.theNumbersBehindEveryRule}</p>
        </div>
      </div>
    </Drawer>
  );
}

interface FieldProps {
  readonly setting: Setting;
  readonly onCommit: (text: string) => readonly Problem[];
}

function Field({ setting: { name, value, says, options }, onCommit }: FieldProps) {
  const [typed, setTyped] = useState<string | null>(null);
  const [problems, setProblems] = useState<readonly Problem[]>([]);
  const commit = (text: string) => {
    const said = onCommit(text);
    setProblems(said);
    if (said.length === 0) setTyped(null);
  };
  const common = {
    className: classes.field,
    label: name,
    description: says,
    error: problems.length === 0 ? undefined : problems.map(problemSentence).join(' '),
  };
  return options === undefined ? (
    <TextInput
      {...common}
      value={typed ?? value}
      onChange={(event) => setTyped(event.target.value)}
      onBlur={() => {
        if (typed !== null) commit(typed);
      }}
      onKeyDown={(event) => {
        if (event.key === 'Enter' && typed !== null) commit(typed);
      }}
    />
  ) : (
    <NativeSelect
      {...common}
      value={value}
      data={[...options]}
      onChange={(event) => commit(event.target.value)}
    />
  );
}
