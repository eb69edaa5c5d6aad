import { Button } from '@mantine/core';
import {
  beatsDefault,
  CAUTIOUS_TABLE,
  CURVES,
  type CurveKind,
  conventionsWith,
  curveOf,
  fitPersonalCurve,
  type PersonalFit,
  rirBias,
} from '@/core';
import { Choose, formClasses as classes, Line, Section } from '@/ui/form';
import { readNumber } from '@/ui/read';
import { Typed } from '@/ui/typed';
import { estimate, figure } from '@/ui/words/figures';
import { capital } from '@/ui/words/names';
import own from './athlete.module.css';
import { CurveChart } from './charts';
import type { StrengthProps } from './strength-props';

const conventions = conventionsWith();

const CURVE_WORDS: Readonly<Record<CurveKind, string>> = {
  Epley: 'Epley: 1 / (1 + n/30)',
  Brzycki: 'Brzycki: (37 − n)/36 to ten reps',
  table: 'table, cautious as shipped',
  personal: 'personal, from logged sets',
};

function fitSentence(fit: PersonalFit | undefined): string {
  if (fit === undefined)
    return 'A personal curve asks for 6 logged sets at 3 different counts, two of a week in one exercise.';
  const verdict = beatsDefault(fit) ? 'It tells the loads better' : 'It does not beat the default yet';
  return `${fit.sets} logged sets of ${figure(fit.from, 0)} to ${figure(fit.to, 0)} reps put the slope at ${figure(fit.slope, 3)}, off by ${estimate(fit.error)} %; Epley by ${estimate(fit.epleyError)} %. ${verdict}.`;
}

/** The curve that loads are found by, and how honestly reserve is reported. */
export function Effort({ tools, exposures }: Pick<StrengthProps, 'tools' | 'exposures'>) {
  const { athlete, change, problemAt } = tools;
  const { effort } = athlete;
  const fit = fitPersonalCurve(exposures, conventions);
  const bias = rirBias(exposures, curveOf(effort), conventions);
  const table = effort.table ?? CAUTIOUS_TABLE;
  const choose = (curve: CurveKind) =>
    change({
      effort: {
        ...effort,
        curve,
        personal: curve === 'personal' ? (fit ?? effort.personal) : effort.personal,
      },
    });
  return (
    <div>
      <Section title="Effort: reps to failure and load">
        <Line label="Loads are found by" htmlFor="curve">
          <Choose
            id="curve"
            label="Curve of reps to failure"
            value={effort.curve}
            options={CURVES.filter(
              (curve) => curve !== 'personal' || fit !== undefined || effort.personal !== null,
            )}
            names={(curve) => CURVE_WORDS[curve]}
            onValue={choose}
          />
        </Line>
        <CurveChart effort={effort} fit={fit ?? effort.personal} exposures={exposures} />
        <p className={classes.soft}>
          Per cent of 1RM by reps to failure; points are logged sets. {fitSentence(fit)}
        </p>
        {effort.curve !== 'personal' && fit !== undefined && beatsDefault(fit) ? (
          <Button variant="link" onClick={() => choose('personal')}>
            Use the personal curve
          </Button>
        ) : null}
      </Section>
      {effort.curve === 'table' ? (
        <Section
          title="The table: per cent of 1RM"
          aside={
            <Button
              variant="link"
              disabled={effort.table === null}
              onClick={() => change({ effort: { ...effort, table: null } })}
            >
              As shipped
            </Button>
          }
        >
          <div className={own.cells}>
            {table.map((value, at) => (
              // biome-ignore lint/suspicious/noArrayIndexKey: the place in the table is the rep count
              <div key={at} className={own.cell}>
                <span className={classes.soft}>{at + 1}</span>
                <Typed
                  label={`Per cent at ${at + 1} reps`}
                  className={own.short}
                  text={figure(value * 100, 1)}
                  read={(text) => readNumber(text, { field: 'per cent', low: 1, high: 100 })}
                  onValue={(percent) =>
                    change({
                      effort: { ...effort, table: table.map((one, k) => (k === at ? percent / 100 : one)) },
                    })
                  }
                  problem={problemAt(`effort/table/${at}`)}
                />
              </div>
            ))}
          </div>
        </Section>
      ) : null}
      <Section title="Reported reps in reserve">
        <p>
          {bias === undefined
            ? 'Not enough to tell yet: four slots that came a rep nearer to failure the next time.'
            : bias.steady
              ? `${capital(tools.athlete.name.split(' ')[0] ?? 'The athlete')} reports steadily ${bias.mean > 0 ? 'too few' : 'too many'} left: about ${estimate(Math.abs(bias.mean))} reps, over ${bias.pairs} pairs of sessions.`
              : `Honest so far: ${bias.mean >= 0 ? '+' : '−'}${estimate(Math.abs(bias.mean))} reps on average over ${bias.pairs} pairs of sessions.`}
        </p>
      </Section>
    </div>
  );
}
