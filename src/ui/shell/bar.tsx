import Link from 'next/link';
import { Mark } from '../mark';
import { SchemeButton } from '../scheme-button';
import classes from './bar.module.css';

interface BarProps {
  readonly title: string;
  /** Where the title leads, if anywhere. */
  readonly href?: string;
  readonly about?: React.ReactNode;
  readonly children?: React.ReactNode;
}

/** The line along the top of every desk screen: where you are, and what can be done from here. */
export function Bar({ title, href, about, children }: BarProps) {
  return (
    <header className={classes.bar}>
      <Link href="/desk" className={classes.home} aria-label="To the desk" prefetch={false}>
        <Mark />
      </Link>
      <h1 className={classes.title}>
        {href === undefined ? (
          title
        ) : (
          <Link href={href} className={classes.who} prefetch={false}>
            {title}
          </Link>
        )}
      </h1>
      <span className={classes.about}>{about}</span>
      <span className={classes.space} />
      {children}
      <SchemeButton />
    </header>
  );
}

export { classes as barClasses };
