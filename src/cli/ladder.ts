import {
  type Athlete,
  type Block,
  type BlockPlan,
  catalogueWith,
  checkInput,
  EMPTY_LOG,
  MUSCLES,
  newAthlete,
  runChecks,
  sessionsOf,
  tensionSeconds,
  unfold,
} from '../core';
import { decodeAthlete, decodeBlock } from '../core/codecs';
import { decodeOwnFile } from '../formats/archive/files';
import { jsonSchemas } from '../formats/formats';
import { exitWith, readJsonFile, valueOrExit } from './arguments';
import { FILES_USAGE, filesCommand } from './files-command';

const USAGE = `ladder unfold|check|time|volume BLOCK.json [--athlete ATHLETE.json]
ladder schema [block|athlete|template|library|account]
${FILES_USAGE}

Without an athlete, the plan is for an intermediate athlete who maintains weight, with a full gym in kilograms.`;

/** The default athlete. */
function defaultAthlete(startDate: string): Athlete {
  const bodyweight = { value: 80, unit: 'kg' } as const;
  return newAthlete(
    'anybody',
    'gym',
    {
      name: 'Anybody',
      level: 'intermediate',
      phase: 'holding',
      unit: 'kg',
      bodyweight,
      place: 'full gym',
      timeZone: 'UTC',
      days: [0, 1, 3, 4],
    },
    startDate,
  );
}

function blockOf(file: string): Block {
  return valueOrExit(decodeBlock(readJsonFile(file)));
}

function athleteOf(file: string | undefined, block: Pick<Block, 'startDate'>): Athlete {
  if (file === undefined) return defaultAthlete(block.startDate);
  const unchecked = readJsonFile(file);
  // An athlete's full export contains the profile.
  const own = decodeOwnFile(unchecked);
  if (own.ok && own.value.kind === 'athlete') return own.value.file.athlete;
  return valueOrExit(decodeAthlete(unchecked));
}

/** Weeks without reasons: what is planned, which muscles it counts toward, how long it takes. */
function weeksOf(blockPlan: BlockPlan) {
  return blockPlan.weeks.map(({ plan }) => ({
    week: plan.week,
    kind: plan.kind,
    startDate: plan.startDate,
    rir: plan.rir,
    hardSets: plan.hardSets,
    sessions: plan.sessions.map((session) => ({
      id: session.sessionId,
      name: session.name,
      day: session.day,
      slots: session.slots.map(({ slotId, exerciseId, variant, unit, rest, sets, warmUp }) => ({
        slotId,
        exerciseId,
        variant,
        unit,
        rest,
        sets: sets.map(({ id, load, reps, rir, hard }) => ({ id, load, reps, rir, hard })),
        warmUp,
      })),
    })),
  }));
}

async function main(given: readonly string[]): Promise<unknown> {
  const [command, file, flag, athleteFile] = given;
  if (command === 'schema') return jsonSchemas()[file ?? 'block'] ?? exitWith(USAGE);
  const done = await filesCommand(given, (of, startDate) =>
    of === undefined ? defaultAthlete(startDate) : athleteOf(of, { startDate }),
  );
  if (done !== undefined) return done;
  if (command === undefined || file === undefined || (flag !== undefined && flag !== '--athlete'))
    return exitWith(USAGE);
  const block = blockOf(file);
  const athlete = athleteOf(athleteFile, block);
  const exercises = catalogueWith([]).find;
  const blockPlan = unfold({ block, athlete, exercises, issued: [], log: EMPTY_LOG, answers: [] });
  switch (command) {
    case 'unfold':
      return { name: block.name, weeks: weeksOf(blockPlan) };
    case 'check':
      return runChecks({ block, athlete, blockPlan, exercises }).map(
        ({ id, severity, subject, detail, fixes }) => ({
          id,
          severity,
          place: subject,
          detail,
          fixes,
        }),
      );
    case 'time': {
      const input = checkInput({ block, athlete, blockPlan, exercises });
      if (input === undefined) return [];
      return sessionsOf(input).map(({ session, slots }) => ({
        session: session.name,
        secondsLow: session.seconds.low,
        secondsHigh: session.seconds.high,
        restSeconds: session.whySeconds.code === 'minutes' ? session.whySeconds.rest : 0,
        tensionSeconds: Object.fromEntries(tensionSeconds(slots, input.conventions)),
      }));
    }
    case 'volume':
      return blockPlan.weeks.map(({ plan }) => ({
        week: plan.week,
        muscles: Object.fromEntries(
          MUSCLES.map((muscle) => {
            const { goal, sets, measured, frequency, directFrequency, landmarks } = plan.muscles[muscle];
            return [muscle, { goal, sets, measured, frequency, directFrequency, ...landmarks }];
          }),
        ),
      }));
    default:
      return exitWith(USAGE);
  }
}

const said = await main(process.argv.slice(2));
console.log(typeof said === 'string' ? said.trimEnd() : JSON.stringify(said, null, 2));
