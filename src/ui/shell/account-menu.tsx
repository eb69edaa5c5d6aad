'use client';
import * as common from '@/ui/words/screens/common';

import '@mantine/core/styles/Menu.layer.css';
import { Menu, useMantineColorScheme } from '@mantine/core';
import Link from 'next/link';
import { useTransition } from 'react';
import { useClock } from '../clock';
import { useShell } from './coach-shell';

interface AccountMenuProps {
  /** What opens it. */
  readonly children: React.ReactNode;
}

/** The account menu: account, theme, clock, sign out. */
export default function AccountMenu({ children }: AccountMenuProps) {
  const { signOut } = useShell();
  const { colorScheme, setColorScheme } = useMantineColorScheme();
  const [clock, setClock] = useClock();
  const [, leave] = useTransition();
  return (
    <Menu position="bottom-end" offset={2} width={200} defaultOpened>
      <Menu.Target>{children}</Menu.Target>
      <Menu.Dropdown>
        <Menu.Item component={Link} href="/account">
          {common.account}
        </Menu.Item>
        <Menu.Item component={Link} href="/import-export">
          {common.importAndExport}
        </Menu.Item>
        <Menu.Item component={Link} href="/glossary">
          {common.glossaryAndShortcuts}
        </Menu.Item>
        <Menu.Divider />
        <Menu.RadioGroup
          value={colorScheme}
          onChange={(scheme) => setColorScheme(scheme as typeof colorScheme)}
        >
          <Menu.RadioItem value="light">{common.lightTheme}</Menu.RadioItem>
          <Menu.RadioItem value="dark">{common.darkTheme}</Menu.RadioItem>
          <Menu.RadioItem value="auto">{common.themeOfTheDevice}</Menu.RadioItem>
        </Menu.RadioGroup>
        <Menu.Divider />
        <Menu.RadioGroup value={clock} onChange={(value) => setClock(value === '12' ? '12' : '24')}>
          <Menu.RadioItem value="24">{common.clockOf24Hours}</Menu.RadioItem>
          <Menu.RadioItem value="12">{common.clockOf12Hours}</Menu.RadioItem>
        </Menu.RadioGroup>
        {signOut === null ? null : (
          <>
            <Menu.Divider />
            <Menu.Item onClick={() => leave(signOut)}>{common.signOut}</Menu.Item>
          </>
        )}
      </Menu.Dropdown>
    </Menu>
  );
}
