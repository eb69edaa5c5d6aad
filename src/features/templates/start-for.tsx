import Link from 'next/link';
import { Section } from '@/ui/form';
import * as common from '@/ui/words/screens/common';
import * as words from '@/ui/words/screens/templates';
import classes from './templates.module.css';

interface StartForProps {
  readonly from: string;
  readonly athletes: readonly { readonly id: string; readonly name: string }[];
}

/** Links from a template to a new block, one per athlete. */
export function StartFor({ from, athletes }: StartForProps) {
  return (
    <Section title={words.startABlockFromThis} aside={words.adjustedToDaysTimeAnd}>
      {athletes.length === 0 ? <p className={classes.soft}>{common.noAthletesYet}</p> : null}
      <div className={classes.athletes}>
        {athletes.map(({ id, name }) => (
          <Link
            key={id}
            href={`/blocks/new?athlete=${id}&from=${encodeURIComponent(from)}`}
            className={classes.option}
            prefetch={false}
          >
            {name}
          </Link>
        ))}
      </div>
    </Section>
  );
}
