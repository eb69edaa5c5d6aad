import { readFileSync } from 'node:fs';
import {
  type Athlete,
  type Block,
  type BlockPlan,
  catalogueWith,
  check,
  checkInput,
  EMPTY_LOG,
  MUSCLES,
  newAthlete,
  sessionsOf,
  tensionSeconds,
  unfold,
} from '../core';
import { blockJsonSchema, decodeAthlete, decodeBlock } from '../core/codecs';

const USAGE = `ladder unfold|check|time|volume BLOCK.json [--athlete ATHLETE.json]
ladder schema

Prints JSON. Without an athlete, one is assumed: intermediate, holding weight, a full gym in kilograms.`;

function fail(message: string): never {
  console.error(message);
  process.exit(2);
}

function read(file: string): unknown {
  try {
    return JSON.parse(readFileSync(file, 'utf8'));
  } catch (error) {
    return fail(`${file}: ${error instanceof Error ? error.message : error}`);
  }
}

function somebody(startDate: string): Athlete {
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
    },
    startDate,
  );
}

const problems = (list: readonly object[]): never => fail(JSON.stringify({ problems: list }, null, 2));

function blockOf(file: string): Block {
  const decoded = decodeBlock(read(file));
  return decoded.ok ? decoded.value : problems(decoded.problems);
}

function athleteOf(file: string | undefined, block: Block): Athlete {
  if (file === undefined) return somebody(block.startDate);
  const decoded = decodeAthlete(read(file));
  return decoded.ok ? decoded.value : problems(decoded.problems);
}

/** Weeks without reasons: what is asked, to whom it counts, how long it takes. */
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

function main([command, file, flag, athleteFile]: readonly string[]): unknown {
  if (command === 'schema') return blockJsonSchema();
  if (command === undefined || file === undefined || (flag !== undefined && flag !== '--athlete'))
    return fail(USAGE);
  const block = blockOf(file);
  const athlete = athleteOf(athleteFile, block);
  const exercises = catalogueWith([]).find;
  const blockPlan = unfold({ block, athlete, exercises, issued: [], log: EMPTY_LOG, answers: [] });
  switch (command) {
    case 'unfold':
      return { name: block.name, weeks: weeksOf(blockPlan) };
    case 'check':
      return check({ block, athlete, blockPlan, exercises }).map(
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
      return fail(USAGE);
  }
}

console.log(JSON.stringify(main(process.argv.slice(2)), null, 2));
