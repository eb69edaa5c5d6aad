import { Button } from '@mantine/core';
import type { Exercise } from '@/core';
import { formClasses as classes, Section } from '@/ui/form';
import { newId } from '@/ui/new-id';
import { readText } from '@/ui/read';
import { Typed } from '@/ui/typed';
import * as common from '@/ui/words/screens/common';
import * as words from '@/ui/words/screens/library';
import own from './library.module.css';
import { readShares, sharesText } from './shares-text';

interface VariantsProps {
  readonly variants: Exercise['variants'];
  readonly onChange: (variants: Exercise['variants']) => void;
}

/** Variants that change the shares: stance, stride, bench angle, grip. */
export function Variants({ variants, onChange }: VariantsProps) {
  const put = (at: number, part: Partial<Exercise['variants'][number]>) =>
    onChange(variants.map((one, index) => (index === at ? { ...one, ...part } : one)));
  return (
    <Section
      title={words.setUps}
      aside={
        <Button
          variant="link"
          onClick={() =>
            onChange([...variants, { id: newId().slice(0, 12), name: 'wide grip', contributions: {} }])
          }
        >
          {common.add}
        </Button>
      }
    >
      {variants.length === 0 ? <p className={classes.soft}>{words.noneASetUpShifts}</p> : null}
      {variants.map((one, at) => (
        <div className={own.variant} key={one.id}>
          <Typed
            label={words.nameOfSetUp(at + 1)}
            text={one.name}
            read={readText(80)}
            onValue={(name) => put(at, { name })}
          />
          <Typed
            label={words.sharesChangedBySetUp(at + 1)}
            className={classes.wide}
            placeholder={words.glutes1Quads05}
            text={sharesText(one.contributions)}
            read={readShares}
            onValue={(contributions) => put(at, { contributions })}
          />
          <Button
            variant="link"
            aria-label={words.removeSetUp(one.name)}
            onClick={() => onChange(variants.filter((_, index) => index !== at))}
          >
            {common.removeText}
          </Button>
        </div>
      ))}
    </Section>
  );
}
