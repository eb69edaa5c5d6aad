'use client';

import { Button } from '@mantine/core';
import dynamic from 'next/dynamic';
import { useState } from 'react';
import * as common from '@/ui/words/screens/common';
import classes from './bar.module.css';
import { useShell } from './coach-shell';

const load = () => import('./account-menu');
const AccountMenu = dynamic(load, { ssr: false });

/** Opens the account menu, which loads on hover or focus. */
export function AccountButton() {
  const { coach } = useShell();
  const [wanted, setWanted] = useState(false);
  const button = (
    <Button
      variant="quiet"
      className={classes.account}
      aria-haspopup="menu"
      onPointerEnter={() => void load()}
      onFocus={() => void load()}
      {...(wanted ? {} : { onClick: () => setWanted(true) })}
    >
      {coach || common.account} ▾
    </Button>
  );
  return wanted ? <AccountMenu>{button}</AccountMenu> : button;
}
