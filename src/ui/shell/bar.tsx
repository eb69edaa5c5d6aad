'use client';

import { Breadcrumbs } from '@mantine/core';
import Link from 'next/link';
import { usePathname } from 'next/navigation';
import * as common from '@/ui/words/screens/common';
import * as words from '@/ui/words/screens/parts';
import { Mark } from '../mark';
import { AccountButton } from './account-button';
import classes from './bar.module.css';

/** A step of the breadcrumb, outermost first. */
export interface Crumb {
  readonly name: string;
  /** Its link; absent: the current screen. */
  readonly href?: string;
}

interface BarProps {
  readonly crumbs: readonly Crumb[];
  readonly about?: React.ReactNode;
  /** The visible part of the screen, for the title. */
  readonly face?: string;
  readonly children?: React.ReactNode;
}

const SCREENS = [
  { name: common.desk, href: '/desk' },
  { name: common.library, href: '/library' },
  { name: common.templates, href: '/templates' },
] as const;

/** The header of every coach screen: links to other screens, a breadcrumb, and this screen's actions. */
export function Bar({ crumbs, about, face, children }: BarProps) {
  const path = usePathname();
  const titles = [...crumbs.map(({ name }) => name), ...(face === undefined ? [] : [face])];
  return (
    <header className={classes.bar}>
      <title>{words.denseLadder(titles.join(', '))}</title>
      <nav className={classes.screens} aria-label={words.screens}>
        <Link href="/desk" className={classes.home} aria-label={common.toTheDesk} prefetch={false}>
          <Mark />
        </Link>
        {SCREENS.map(({ name, href }) => (
          <Link
            key={href}
            href={href}
            className={classes.screen}
            aria-current={path === href ? 'page' : undefined}
            prefetch={false}
          >
            {name}
          </Link>
        ))}
      </nav>
      <h1 className={SCREENS.some(({ href }) => href === path) ? classes.unseen : classes.title}>
        <Breadcrumbs separator="/" classNames={{ root: classes.crumbs, separator: classes.separator }}>
          {crumbs.map(({ name, href }) =>
            href === undefined ? (
              <span key={name} className={classes.crumb}>
                {name}
              </span>
            ) : (
              <Link key={href} href={href} className={classes.crumb} prefetch={false}>
                {name}
              </Link>
            ),
          )}
        </Breadcrumbs>
      </h1>
      <span className={classes.about}>{about}</span>
      <span className={classes.space} />
      {children}
      <AccountButton />
    </header>
  );
}

export { classes as barClasses };
