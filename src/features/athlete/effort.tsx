import { Button } from '@mantine/core';
import {
  beatsDefault,
  CAUTIOUS_TABLE,
  CURVES,
  type CurveKind,
  chosenCurve,
  conventionsWith,
  fitPersonalCurve,
  type PersonalFit,
  rirBias,
} from '@/core';
import { formClasses as classes, FormRow, Section, SelectField } from '@/ui/form';
import { readNumber } from '@/ui/read';
import { Typed } from '@/ui/typed';
import { estimate, figure } from '@/ui/words/figures';
import { capital } from '@/ui/words/names';
import * as screenWords from '@/ui/words/screens/athlete';
import * as common from '@/ui/words/screens/common';
import own from './athlete.module.css';
import { CurveChart } from './charts';
import type { StrengthProps } from './strength-props';

const conventions = conventionsWith();

const CURVE_WORDS: Readonly<Record<CurveKind, string>> = {
  Epley: screenWords.epley11N30,
  Brzycki: screenWords.brzycki37N36Up,
  table: screenWords.tableWithCautiousDefaults,
  personal: screenWords.personalFromLoggedSets,
};

function fitSentence(fit: PersonalFit | undefined): string {
  if (fit === undefined) return screenWords.aPersonalCurveNeeds6;
  const verdict = beatsDefault(fit)
    ? screenWords.itPredictsLoadsBetterThan
    : screenWords.itDoesNotPredictLoads;
  return screenWords.basedOnLoggedSetsOf(
    fit.sets,
    figure(fit.from, 0),
    figure(fit.to, 0),
    figure(fit.slope, 3),
    estimate(fit.error),
    estimate(fit.epleyError),
    verdict,
  );
}

/** The curve from which loads are found, and the accuracy of reported RIR. */
export function Effort({ tools, exposures }: Pick<StrengthProps, 'tools' | 'exposures'>) {
  const { athlete, change, problemAt } = tools;
  const { effort } = athlete;
  const fit = fitPersonalCurve(exposures, conventions);
  const bias = rirBias(exposures, chosenCurve(effort), conventions);
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
      <Section title={screenWords.repsToFailureAndLoad}>
        <FormRow label={screenWords.curveForLoads} htmlFor="curve">
          <SelectField
            id="curve"
            label={screenWords.repMaxCurve}
            value={effort.curve}
            options={CURVES.filter(
              (curve) => curve !== 'personal' || fit !== undefined || effort.personal !== null,
            )}
            names={(curve) => CURVE_WORDS[curve]}
            onValue={choose}
          />
        </FormRow>
        <CurveChart effort={effort} fit={fit ?? effort.personal} exposures={exposures} />
        <p className={classes.soft}>{screenWords.percentOf1rmByReps(fitSentence(fit))}</p>
        {effort.curve !== 'personal' && fit !== undefined && beatsDefault(fit) ? (
          <Button variant="link" onClick={() => choose('personal')}>
            {screenWords.useThePersonalCurve}
          </Button>
        ) : null}
      </Section>
      {effort.curve === 'table' ? (
        <Section
          title={screenWords.tablePercentOf1rm}
          aside={
            <Button
              variant="link"
              disabled={effort.table === null}
              onClick={() => change({ effort: { ...effort, table: null } })}
            >
              {screenWords.resetToDefaults}
            </Button>
          }
        >
          <div className={own.cells}>
            {table.map((value, at) => (
              // biome-ignore lint/suspicious/noArrayIndexKey: the place in the table is the rep count
              <div key={at} className={own.cell}>
                <span className={classes.soft}>{at + 1}</span>
                <Typed
                  label={screenWords.percentAtReps(at + 1)}
                  className={own.short}
                  text={figure(value * 100, 1)}
                  read={(text) => readNumber(text, { field: common.percent, low: 1, high: 100 })}
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
      <Section title={screenWords.accuracyOfReportedRir}>
        <p>
          {bias === undefined
            ? screenWords.notEnoughDataYetThis
            : bias.steady
              ? screenWords.reportsRepsLeftAboutOff(
                  capital(tools.athlete.name.split(' ')[0] ?? screenWords.theAthleteText),
                  bias.mean > 0 ? screenWords.tooFew : screenWords.tooMany,
                  estimate(Math.abs(bias.mean)),
                  bias.pairs,
                )
              : screenWords.accurateSoFarRepsOn(
                  bias.mean >= 0 ? '+' : '−',
                  estimate(Math.abs(bias.mean)),
                  bias.pairs,
                )}
        </p>
      </Section>
    </div>
  );
}
