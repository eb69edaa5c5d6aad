import { useDeferredValue, useEffect, useMemo, useState } from 'react';
import {
  type Block,
  type BlockSource,
  catalogueWith,
  daysBetween,
  emptyBlock,
  fullDesign,
  LEVELS,
  type LocalDate,
  type NewBlockSettings,
  RETURN_AFTER,
  RETURN_WEEKS,
  runChecks,
  startBlock,
  TEMPLATES,
  untrainedPlan,
} from '@/core';
import { useAction, useAnswer } from '@/ui/use-action';
import { outcomeSentence } from '@/ui/words/outcomes';
import { problemSentence } from '@/ui/words/problems';
import * as screenWords from '@/ui/words/screens/new-block';
import type { NewBlockActions, NewBlockData, SourceChoice } from './contract';

/** The start of a block as chosen in the list. */
export type Chosen = 'empty' | 'other' | `template/${string}` | `design/${string}`;

function asSource(chosen: Chosen, other: string): SourceChoice {
  if (chosen === 'empty') return { kind: 'empty' };
  if (chosen === 'other') return { kind: 'design', id: other };
  const [kind, id] = chosen.split(/\/(.*)/s);
  return { kind: kind as 'template' | 'design', id: id ?? '' };
}

/** A new block's settings, and the inputs of its preview. */
export function useNewBlock(data: NewBlockData, actions: NewBlockActions, isUnread: boolean) {
  const { athlete, earlier, others } = data;
  const [last] = earlier;
  const [chosen, setChosen] = useState<Chosen>(() => firstChosen(data, last?.id));
  const [other, setOther] = useState(others[0]?.id ?? '');
  const [message, setMessage] = useState<string | null>(null);
  const starting = useAction(actions.start);
  const [settings, setSettings] = useState<NewBlockSettings>(() => plainSettings(data));
  const set = (part: Partial<NewBlockSettings>) => setSettings((now) => ({ ...now, ...part }));
  const source = asSource(chosen, other);
  const { design, wanted } = useDesign(source, actions, setMessage);
  useEffect(() => {
    if (design === undefined) return;
    const { weeks, deload, crediting, landmarks, goals } = design;
    // A return has its own number of weeks.
    const own = (now: NewBlockSettings) => (now.returning ? now.weeks : weeks);
    setSettings((now) => ({ ...now, weeks: own(now), deload, crediting, landmarks, goals }));
  }, [design]);

  const catalogue = useMemo(() => catalogueWith(data.ownExercises), [data.ownExercises]);
  const template = TEMPLATES.find(({ id }) => source.kind === 'template' && id === source.id);
  // Computed while typing.
  const wished = useDeferredValue(settings);
  // The name does not affect the preview, so typing it computes nothing.
  const { startDate, weeks, deload, crediting, landmarks, goals, returning } = wished;
  const outlook = useMemo(() => {
    const from: BlockSource | null =
      template !== undefined
        ? { kind: 'template', template }
        : design !== undefined
          ? { kind: 'design', block: design }
          : null;
    if (from === null) return null;
    let next = 0;
    const laid = { name: data.name, startDate, weeks, deload, crediting, landmarks, goals, returning };
    const block = startBlock(from, laid, {
      athlete,
      catalogue,
      newId: () => screenWords.paragraphKey(next++),
    });
    const blockPlan = untrainedPlan({ block, athlete, exercises: catalogue.find });
    return {
      block,
      blockPlan,
      findings: runChecks({ block, athlete, blockPlan, exercises: catalogue.find }),
    };
  }, [
    template,
    design,
    data.name,
    startDate,
    weeks,
    deload,
    crediting,
    landmarks,
    goals,
    returning,
    athlete,
    catalogue,
  ]);

  const start = async () => {
    if (starting.isBusy || isUnread) return;
    setMessage(null);
    const answer = await starting.ask(source, settings);
    // Does not return when it navigates away.
    if (answer === undefined) return;
    setMessage(
      answer.status === 'refused'
        ? answer.problems.map(problemSentence).join(' ')
        : answer.status === 'gone'
          ? screenWords.theBlockOrTemplateTo
          : screenWords.yourChoicesAreStillHere(outcomeSentence(answer)),
    );
  };

  return {
    chosen,
    setChosen,
    other,
    setOther,
    message,
    setMessage,
    busy: starting.isBusy,
    settings,
    set,
    source,
    wanted,
    catalogue,
    template,
    outlook,
    start,
  };
}

export type NewBlockUse = ReturnType<typeof useNewBlock>;

/**
 * The default choice: what the coach came from, otherwise the last block, otherwise the simplest split for level and
 * days.
 */
function firstChosen({ from, athlete }: NewBlockData, last: string | undefined): Chosen {
  if (from !== null) return from.kind === 'empty' ? 'empty' : `${from.kind}/${from.id}`;
  if (last !== undefined) return `design/${last}`;
  const level = LEVELS.indexOf(athlete.level);
  const [suited] = TEMPLATES.filter(
    ({ from: least, sessions, cycleDays }) =>
      LEVELS.indexOf(least) <= level && (sessions.length * 7) / cycleDays <= athlete.days.length,
  ).sort((a, b) => LEVELS.indexOf(b.from) - LEVELS.indexOf(a.from));
  return suited === undefined ? 'empty' : `template/${suited.id}`;
}

/** Days between the last training and a block's start; null: no earlier training. */
export function daysAway(
  { trainedUntil }: Pick<NewBlockData, 'trainedUntil'>,
  startDate: LocalDate,
): number | null {
  return trainedUntil === null ? null : daysBetween(trainedUntil, startDate);
}

function plainSettings(data: NewBlockData): NewBlockSettings {
  const { name, startDate, athlete } = data;
  const returning = (daysAway(data, startDate) ?? 0) >= RETURN_AFTER;
  const { weeks: usualWeeks, deload: usual, crediting, landmarks } = emptyBlock(name, startDate);
  // A novice needs no planned deload.
  const deload = athlete.level === 'novice' ? null : usual;
  const weeks = returning ? RETURN_WEEKS.usual : usualWeeks;
  return { name, startDate, weeks, deload, crediting, landmarks, goals: {}, returning };
}

/** The chosen design, loaded when it is viewed; `wanted` while loading. */
function useDesign(source: SourceChoice, actions: NewBlockActions, onMessage: (text: string) => void) {
  const [designs, setDesigns] = useState<ReadonlyMap<string, Block>>(new Map());
  const design = source.kind === 'design' ? designs.get(source.id) : undefined;
  const wanted = source.kind === 'design' && design === undefined ? source.id : null;
  useAnswer(wanted === '' ? null : wanted, actions.design, (answer, id) => {
    if ('block' in answer) setDesigns((before) => new Map(before).set(id, fullDesign(answer.block)));
    else onMessage(screenWords.theBlockCannotBeRead);
  });
  return { design, wanted };
}
