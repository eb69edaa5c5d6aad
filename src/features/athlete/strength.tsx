'use client';

import own from './athlete.module.css';
import { BestSets } from './best-sets';
import { Effort } from './effort';
import { Sides } from './sides';
import type { StrengthProps } from './strength-props';

/** Recent best sets with their strength, left against right, and the curve from which loads are found. */
export default function Strength(props: StrengthProps) {
  return (
    <div className={own.strength}>
      <BestSets {...props} />
      <div className={own.strengthFacts}>
        <Sides {...props} />
        <Effort {...props} />
      </div>
    </div>
  );
}
