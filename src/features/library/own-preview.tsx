import {
  conventionsWith,
  credits,
  type Exercise,
  newSlot,
  secondsPerRep,
  setCount,
  setSeconds,
} from '@/core';
import { figure, plural } from '@/ui/words/figures';
import * as screenWords from '@/ui/words/screens/library';
import { ContributionBars } from './contributions';
import own from './library.module.css';

const conventions = conventionsWith();

/** What three sets of it would count toward and cost, given the form. */
export function OwnPreview({ exercise }: { readonly exercise: Exercise }) {
  const slot = newSlot('preview', exercise);
  const sets = setCount(slot.technique);
  const credited = credits(exercise).map(([muscle, share]) => `${muscle} ${figure(sets * share)}`);
  const perRep = secondsPerRep({ measure: exercise.measure, tempo: slot.tempo }, conventions);
  const seconds = (reps: number) => setSeconds({ secondsPerRep: perRep, sides: exercise.sides }, reps);
  return (
    <div className={own.preview} role="status">
      <p>
        {screenWords.wouldCountTowardOneSet(
          plural(sets, 'hard set'),
          credited.length === 0 ? screenWords.nothingYet : credited.join(', '),
          seconds(slot.range.low),
          seconds(slot.range.high),
        )}
      </p>
      <ContributionBars exercise={exercise} />
    </div>
  );
}
