import { useId } from 'react';
import { type RepRange, type TechniqueParameters, techniqueStructure } from '@/core';
import * as screenWords from '@/ui/words/screens/parts';
import classes from './technique-drawing.module.css';
import { techniqueSentence } from './words/techniques';

const HEIGHT = 60;
const LABELS = 14;
const REP = 6;
const LEAST_BAR = 7;
/** Longest technique drawn at full width. */
const WIDTH = 430;
/** Sets drawn separately; the others are like them. */
const MOST_ROUNDS = 4;

interface TechniqueDrawingProps {
  readonly technique: TechniqueParameters;
  readonly range: RepRange;
  readonly rest: number;
}

/** Gap after a bar: none, a short pause, or the rest between sets. */
function gap(pause: number, ends: boolean): number {
  if (ends) return 14;
  return pause === 0 ? 0 : 5;
}

/**
 * A technique's structure: bars as wide as their reps and as high as their load. Half reps are half hatched, reps
 * past failure hatched, easy ones outlined.
 */
export function TechniqueDrawing({ technique, range, rest }: TechniqueDrawingProps) {
  const hatching = useId();
  const all = techniqueStructure(technique, range, rest);
  const rounds = new Set(all.map(({ round }) => round)).size;
  const bars = all.filter(({ round }) => round <= MOST_ROUNDS);
  let x = 1;
  const placed = bars.map((bar, at) => {
    const left = x;
    const width = Math.max(LEAST_BAR, bar.reps * REP);
    x += width + gap(bar.pause, bars[at + 1]?.round !== bar.round);
    return { ...bar, left, width };
  });
  const width = Math.max(WIDTH, x + (rounds > MOST_ROUNDS ? 50 : 0));
  const more = rounds - MOST_ROUNDS;
  return (
    <svg
      className={classes.drawing}
      viewBox={`0 0 ${width} ${HEIGHT + LABELS}`}
      width={WIDTH}
      height={HEIGHT + LABELS}
      preserveAspectRatio="xMinYMid meet"
      role="img"
      aria-label={techniqueSentence({ technique, drift: 'hold RIR' })}
    >
      <defs>
        <pattern
          id={hatching}
          width="5"
          height="5"
          patternUnits="userSpaceOnUse"
          patternTransform="rotate(45)"
        >
          <line x1="0" y1="0" x2="0" y2="5" className={classes.hatch} />
        </pattern>
      </defs>
      <line x1="0" x2={x} y1={HEIGHT} y2={HEIGHT} className={classes.ground} />
      {placed.map((bar) => {
        const height = (HEIGHT - 4) * bar.share;
        const half = bar.manner === 'long half' || bar.manner === 'short half';
        const top = HEIGHT - height;
        return (
          <g key={bar.left}>
            <rect
              x={bar.left}
              y={half ? HEIGHT - height / 2 : top}
              width={bar.width}
              height={half ? height / 2 : height}
              className={bar.role === 'easy' ? classes.easy : bar.past ? classes.past : classes.bar}
              {...(bar.past && bar.role !== 'easy' ? { fill: `url(#${hatching})` } : {})}
            />
            {half ? (
              <rect x={bar.left} y={top} width={bar.width} height={height} className={classes.outline} />
            ) : null}
            {bar.width >= LEAST_BAR ? (
              <text x={bar.left + bar.width / 2} y={HEIGHT + 11} className={classes.label}>
                {bar.reps}
              </text>
            ) : null}
          </g>
        );
      })}
      {more > 0 ? (
        <text x={x + 4} y={HEIGHT - 4} className={classes.more}>
          {screenWords.moreCount(more)}
        </text>
      ) : null}
    </svg>
  );
}
