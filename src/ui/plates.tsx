import * as screenWords from '@/ui/words/screens/parts';
import classes from './plates.module.css';

interface PlatesProps {
  readonly perSide: readonly number[];
  readonly heaviest: number;
}

/** One side's plates as they are on the bar, innermost first, as high as their weight. */
export function Plates({ perSide, heaviest }: PlatesProps) {
  const words = perSide.length === 0 ? screenWords.emptyBar : screenWords.eachSide(perSide.join(' + '));
  return (
    <div className={classes.plates}>
      <svg width={56 + perSide.length * 13} height="52" aria-hidden="true" focusable="false">
        <rect x="0" y="24" width={50 + perSide.length * 13} height="4" className={classes.sleeve} />
        <rect x="40" y="17" width="5" height="18" className={classes.sleeve} />
        {perSide.map((weight, at) => {
          const height = 16 + 34 * Math.sqrt(weight / heaviest);
          return (
            <rect
              // Plates of one weight are interchangeable: their position identifies them.
              // biome-ignore lint/suspicious/noArrayIndexKey: see above
              key={at}
              x={48 + at * 13}
              y={26 - height / 2}
              width="11"
              height={height}
              className={classes.plate}
            />
          );
        })}
      </svg>
      <span>{words}</span>
    </div>
  );
}
