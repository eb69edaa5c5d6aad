'use client';

import '@mantine/core/styles/Menu.layer.css';
import { Menu, useMantineColorScheme } from '@mantine/core';
import Link from 'next/link';
import { useTransition } from 'react';
import { useShell } from './coach-shell';

interface AccountMenuProps {
  /** What opens it. */
  readonly children: React.ReactNode;
}

/** The coach's own things, open: account, light and dark, the way out. */
export default function AccountMenu({ children }: AccountMenuProps) {
  const { signOut } = useShell();
  const { colorScheme, setColorScheme } = useMantineColorScheme();
  const [, leave] = useTransition();
  return (
    <Menu position="bottom-end" offset={2} width={200} defaultOpened>
      <Menu.Target>{children}</Menu.Target>
      <Menu.Dropdown>
        <Menu.Item component={Link} href="/account">
          Account
        </Menu.Item>
        <Menu.Item component={Link} href="/files">
          In and out
        </Menu.Item>
        <Menu.Item component={Link} href="/words">
          Words and keys
        </Menu.Item>
        <Menu.Divider />
        <Menu.RadioGroup
          value={colorScheme}
          onChange={(scheme) => setColorScheme(scheme as typeof colorScheme)}
        >
          <Menu.RadioItem value="light">Light</Menu.RadioItem>
          <Menu.RadioItem value="dark">Dark</Menu.RadioItem>
          <Menu.RadioItem value="auto">As the device has it</Menu.RadioItem>
        </Menu.RadioGroup>
        {signOut === null ? null : (
          <>
            <Menu.Divider />
            <Menu.Item onClick={() => leave(signOut)}>Sign out</Menu.Item>
          </>
        )}
      </Menu.Dropdown>
    </Menu>
  );
}
