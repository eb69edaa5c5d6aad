import { UnstyledButton, VisuallyHidden } from '@mantine/core';
import { type BlockPlan, MUSCLES, type Muscle } from '@/core';
import { LadderDrawing, type LadderRung, rungState } from '@/ui/ladder-drawing';
import { Term } from '@/ui/term';
import { figure } from '@/ui/words/figures';
import * as common from '@/ui/words/screens/common';
import * as screenWords from '@/ui/words/screens/ladder';
import { STANDING_NAMES } from '@/ui/words/values';
import classes from './ladder.module.css';

interface LaddersProps {
  readonly blockPlan: BlockPlan;
  /** Another version to compare with. */
  readonly other: BlockPlan | null;
  readonly onFocusMuscle: (muscle: Muscle) => void;
  /** Goes to the Sheet where a muscle is trained in a week. */
  readonly onOpen: (muscle: Muscle, week: number) => void;
}

function rungsOf(blockPlan: BlockPlan, muscle: Muscle): readonly LadderRung[] {
  return blockPlan.weeks.map((weekState) => {
    const { measured, landmarks } = weekState.plan.muscles[muscle];
    return {
      week: weekState.plan.week,
      sets: measured,
      state: rungState(weekState),
      floor: landmarks.floor,
      ceiling: landmarks.ceiling,
    };
  });
}

/** Every muscle's volume over the weeks, side by side at one scale. */
export function Ladders({ blockPlan, other, onFocusMuscle, onOpen }: LaddersProps) {
  const all = MUSCLES.map((muscle) => ({ muscle, rungs: rungsOf(blockPlan, muscle) }));
  const most = Math.max(
    8,
    ...all.flatMap(({ rungs }) => rungs.map(({ sets, ceiling }) => Math.max(sets, ceiling))),
  );
  return (
    <section aria-label={screenWords.ladders}>
      <h2 className={classes.head}>
        {screenWords.hardSetsAWeek}
        <span className={classes.key}>
          {screenWords.week1AtTheBottom} <Term word="volume range">{common.minimum}</Term> {screenWords.and}{' '}
          {common.maximum}
          {screenWords.filledIsDoneDashedIs} {common.deloadText}
          {other === null ? '' : screenWords.ticksShowTheOtherVersion}
        </span>
      </h2>
      <div className={classes.ladders}>
        {all.map(({ muscle, rungs }) => {
          const { goal } = blockPlan.weeks[0]?.plan.muscles[muscle] ?? { goal: 'grow' };
          const [first, last] = [rungs[0], rungs.filter(({ state }) => state !== 'deload').at(-1)];
          return (
            <UnstyledButton
              key={muscle}
              className={classes.ladder}
              data-goal={goal}
              onFocus={() => onFocusMuscle(muscle)}
              onClick={(event) => {
                const box = event.currentTarget.querySelector('svg')?.getBoundingClientRect();
                const up =
                  box === undefined || event.clientY === 0 ? 0 : (box.bottom - event.clientY) / box.height;
                const at = Math.max(0, Math.min(rungs.length - 1, Math.floor(up * rungs.length)));
                onOpen(muscle, rungs[at]?.week ?? blockPlan.currentWeek);
              }}
            >
              <VisuallyHidden>
                {screenWords.setsByWeek(rungs.map(({ sets }) => figure(sets, 1)).join(', '))}
              </VisuallyHidden>
              <span className={classes.muscle}>
                {muscle}
                <span className={classes.span}>
                  {goal === 'hold' ? `${STANDING_NAMES.held} ` : ''}
                  {[...new Set([first?.sets ?? 0, last?.sets ?? 0].map((sets) => figure(sets, 1)))].join('–')}
                </span>
              </span>
              <LadderDrawing
                rungs={rungs}
                most={most}
                current={blockPlan.currentWeek}
                {...(other === null ? {} : { other: rungsOf(other, muscle) })}
              />
            </UnstyledButton>
          );
        })}
      </div>
    </section>
  );
}
