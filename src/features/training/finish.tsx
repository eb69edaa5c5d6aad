import { UnstyledButton } from '@mantine/core';
import { plural, setText } from '@/ui/words/figures';
import { capital } from '@/ui/words/names';
import * as screenWords from '@/ui/words/screens/training';
import { setName } from '@/ui/words/techniques';
import type { SessionData } from './contract';
import { nameOf } from './issued-name';
import type { AskedSet } from './order';
import classes from './training.module.css';

interface EndProps {
  readonly data: SessionData;
  /** Planned sets not logged. */
  readonly open: readonly AskedSet[];
  readonly finished: boolean;
  readonly onOpen: (key: string) => void;
  readonly onFinish: () => void;
}

/** After the last set, or earlier if the session is cut short: open sets, and finishing. */
export function Finish({ data, open, finished, onOpen, onFinish }: EndProps) {
  if (finished) return <p className={classes.slotName}>{screenWords.sessionFinished}</p>;
  return (
    <div>
      <p className={classes.slotName}>
        {open.length === 0
          ? screenWords.allSetsAreLogged
          : screenWords.notLogged(plural(open.length, 'set'), open.length === 1 ? 'is' : 'are')}
      </p>
      {open.map(({ key, slot, set }) => (
        <UnstyledButton className={classes.setRow} key={key} onClick={() => onOpen(key)}>
          <span>
            {capital(nameOf(slot, data, set))}, {setName(set, slot.sets)}
          </span>
          <span className={classes.soft}>{setText(set.load, set.reps, slot)}</span>
        </UnstyledButton>
      ))}
      <p className={classes.soft}>{screenWords.finishingTellsYourCoachThat}</p>
      <UnstyledButton className={classes.go} onClick={onFinish}>
        {screenWords.finishSession}
      </UnstyledButton>
    </div>
  );
}
