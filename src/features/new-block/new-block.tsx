'use client';

import { useWindowEvent } from '@mantine/hooks';
import { useDeferredValue, useEffect, useMemo, useState } from 'react';
import {
  addDays,
  type Block,
  type BlockSettled,
  type BlockSource,
  BOUNDS,
  CREDITING_SCHOOLS,
  catalogueWith,
  check,
  DELOAD_KINDS,
  deloadStart,
  EMPTY_LOG,
  emptyBlock,
  type Goal,
  LANDMARK_SCHOOLS,
  MUSCLES,
  type Muscle,
  prerequisitesFor,
  startBlock,
  TEMPLATES,
  unfold,
  weekdayOf,
} from '@/core';
import { Choose, formClasses as form, Line, Section, Toggles, Typed, UnreadFields } from '@/ui/form';
import { readDate, readNumber, readText } from '@/ui/read';
import { Bar } from '@/ui/shell/bar';
import { useReady } from '@/ui/use-ready';
import { useUnread } from '@/ui/use-unread';
import { deloadText, measureText, readDeload } from '@/ui/words/deloads';
import { counted } from '@/ui/words/figures';
import { namesOf } from '@/ui/words/names';
import { problemSentence } from '@/ui/words/problems';
import type { NewBlockActions, NewBlockData, SourceChoice } from './contract';
import classes from './new-block.module.css';
import { Preview } from './preview';

/** Ways of deloading to pick from; combinations are written in the block's own line. */
const DELOADS = [...DELOAD_KINDS.map((kind) => measureText(deloadStart(kind))), 'none'];

type Chosen = 'empty' | 'other' | `template/${string}` | `design/${string}`;

function asSource(chosen: Chosen, other: string): SourceChoice {
  if (chosen === 'empty') return { kind: 'empty' };
  if (chosen === 'other') return { kind: 'design', id: other };
  const [kind, id] = chosen.split(/\/(.*)/s);
  return { kind: kind as 'template' | 'design', id: id ?? '' };
}

/** A block begins: from a split's template, an earlier block, another athlete's, or nothing. */
export function NewBlock({
  data,
  actions,
}: {
  readonly data: NewBlockData;
  readonly actions: NewBlockActions;
}) {
  const { athlete, earlier, others, ownTemplates } = data;
  const ready = useReady();
  const [last] = earlier;
  const suited = TEMPLATES.find(({ from }) => from === athlete.level) ?? TEMPLATES[0];
  const [chosen, setChosen] = useState<Chosen>(
    last === undefined ? `template/${suited?.id}` : `design/${last.id}`,
  );
  const [other, setOther] = useState(others[0]?.id ?? '');
  const [removed, setRemoved] = useState<readonly string[]>([]);
  const [designs, setDesigns] = useState<ReadonlyMap<string, Block>>(new Map());
  const [asked, setAsked] = useState<string | null>(null);
  const [message, setMessage] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const unread = useUnread();
  const plain = emptyBlock(data.name, data.startDate);
  const [settled, setSettled] = useState<BlockSettled>({
    name: data.name,
    startDate: data.startDate,
    weeks: plain.weeks,
    deload: plain.deload,
    crediting: plain.crediting,
    landmarks: plain.landmarks,
    goals: {},
  });
  const set = (part: Partial<BlockSettled>) => setSettled((now) => ({ ...now, ...part }));
  const source = asSource(chosen, other);
  const design = source.kind === 'design' ? designs.get(source.id) : undefined;

  // A design is fetched when it is looked at; what it settles becomes what the form says.
  const wanted = source.kind === 'design' && design === undefined ? source.id : null;
  useEffect(() => {
    if (wanted === null || wanted === '') return;
    let left = false;
    void actions
      .design(wanted)
      .catch(() => ({ status: 'unavailable' as const }))
      .then((answer) => {
        if (left) return;
        if ('block' in answer) setDesigns((before) => new Map(before).set(wanted, answer.block));
        else setMessage('The block cannot be read just now. Please try again in a moment.');
      });
    return () => {
      left = true;
    };
  }, [wanted, actions]);
  useEffect(() => {
    if (design === undefined) return;
    const { weeks, deload, crediting, landmarks, goals } = design;
    setSettled((now) => ({ ...now, weeks, deload, crediting, landmarks, goals }));
  }, [design]);

  const catalogue = useMemo(() => catalogueWith(data.ownExercises), [data.ownExercises]);
  const template = TEMPLATES.find(({ id }) => source.kind === 'template' && id === source.id);
  // Worked out behind the typing.
  const wished = useDeferredValue(settled);
  const outlook = useMemo(() => {
    const from: BlockSource | null =
      template !== undefined
        ? { kind: 'template', template }
        : design !== undefined
          ? { kind: 'design', block: design }
          : null;
    if (from === null) return null;
    let next = 0;
    const block = startBlock(from, wished, { athlete, catalogue, newId: () => `p${next++}` });
    const blockPlan = unfold({
      block,
      athlete,
      issued: [],
      log: EMPTY_LOG,
      answers: [],
      exercises: catalogue.find,
    });
    return { block, blockPlan, findings: check({ block, athlete, blockPlan, exercises: catalogue.find }) };
  }, [template, design, wished, athlete, catalogue]);

  const remove = async (id: string) => {
    const answer = await actions.removeTemplate(id).catch(() => ({ status: 'unavailable' as const }));
    if (answer.status !== 'removed') {
      setMessage('The server does not answer just now; the template stays. Please try again.');
      return;
    }
    setRemoved([...removed, id]);
    if (chosen === `design/${id}`) setChosen('empty');
  };

  const start = async () => {
    if (busy || unread.count > 0) return;
    setBusy(true);
    setMessage(null);
    const answer = await actions.start(source, settled).catch(() => ({ status: 'unavailable' as const }));
    setBusy(false);
    // Nothing comes back when it leads on.
    if (answer === undefined) return;
    setMessage(
      answer.status === 'refused'
        ? answer.problems.map(problemSentence).join(' ')
        : answer.status === 'gone'
          ? 'What it would start from is no longer there. Choose another start.'
          : 'The server does not answer just now. What you chose stays here; please try again.',
    );
  };
  useWindowEvent('keydown', (event) => {
    if (!(event.ctrlKey || event.metaKey) || event.key !== 'Enter') return;
    event.preventDefault();
    void start();
  });

  const goalOf = (muscle: Muscle): Goal => settled.goals[muscle] ?? athlete.goals[muscle] ?? 'grow';
  const withGoal = (goal: Goal) => MUSCLES.filter((muscle) => goalOf(muscle) === goal);
  const setGoals = (goal: Goal, muscles: readonly Muscle[]) => {
    const goals = Object.fromEntries(
      MUSCLES.flatMap((muscle) => {
        const now = muscles.includes(muscle) ? goal : goalOf(muscle) === goal ? 'grow' : goalOf(muscle);
        return now === (athlete.goals[muscle] ?? 'grow') ? [] : [[muscle, now]];
      }),
    );
    set({ goals });
  };

  const option = (value: Chosen, name: string, aside: string) => (
    <label className={classes.option} key={value} data-chosen={value === chosen}>
      <input type="radio" name="source" checked={value === chosen} onChange={() => setChosen(value)} />
      <span>{name}</span>
      <span className={classes.soft}>{aside}</span>
    </label>
  );

  return (
    <UnreadFields value={unread.report}>
      <Bar title="New block" about={`for ${athlete.name}`} />
      <main className={classes.page} data-ready={ready}>
        <fieldset className={classes.sources} aria-label="Start from">
          {last === undefined ? null : <h2>Go on from</h2>}
          {earlier
            .slice(0, 3)
            .map(({ id, name }, at) => option(`design/${id}`, name, at === 0 ? 'last block' : 'earlier'))}
          <h2>A split</h2>
          {TEMPLATES.map(({ id, name, cycleDays, from }) =>
            option(`template/${id}`, name, `${from}${cycleDays === 7 ? '' : `, ${cycleDays} days`}`),
          )}
          {ownTemplates.length === removed.length ? null : <h2>Your templates</h2>}
          {ownTemplates
            .filter(({ id }) => !removed.includes(id))
            .map(({ id, name }) => (
              <div className={classes.own} key={id}>
                {option(`design/${id}`, name, '')}
                <button
                  type="button"
                  className={form.button}
                  aria-label={asked === id ? `Remove ${name} for good` : `Remove the template ${name}`}
                  onBlur={() => setAsked(null)}
                  onClick={() => (asked === id ? void remove(id) : setAsked(id))}
                >
                  {asked === id ? 'Remove for good' : '×'}
                </button>
              </div>
            ))}
          <h2>Or</h2>
          {others.length === 0
            ? null
            : option('other', 'Another athlete’s block', counted(others.length, 'block'))}
          {chosen === 'other' ? (
            <Choose
              label="Block to copy"
              value={other}
              options={others.map(({ id }) => id)}
              names={(id) => {
                const found = others.find((one) => one.id === id);
                return `${found?.athlete}: ${found?.name}`;
              }}
              onValue={setOther}
            />
          ) : null}
          {option('empty', 'Nothing', 'an empty block')}
        </fieldset>
        <div className={classes.middle}>
          <Section
            title="The block"
            aside={<span className={classes.soft}>all of it can be changed later</span>}
          >
            <Line label="Name" htmlFor="block-name">
              <Typed
                id="block-name"
                label="Name"
                className={form.wide}
                text={settled.name}
                read={readText(120)}
                onValue={(name) => set({ name })}
              />
            </Line>
            <Line label="Begins on" htmlFor="begins">
              <Typed
                id="begins"
                label="Begins on"
                className={classes.date}
                text={settled.startDate}
                read={readDate}
                onValue={(date) => set({ startDate: addDays(date, -weekdayOf(date)) })}
              />
              <span className={classes.soft}>a Monday, as days go in {athlete.timeZone}</span>
            </Line>
            <Line label="Building weeks" htmlFor="weeks">
              <Typed
                id="weeks"
                label="Building weeks"
                className={form.number}
                text={String(settled.weeks)}
                read={(text) => readNumber(text, { field: 'weeks', ...BOUNDS.weeks, whole: true })}
                onValue={(weeks) => set({ weeks })}
              />
            </Line>
            <Line label="Then">
              <Choose
                label="Deload"
                value={deloadText(settled.deload)}
                options={[...new Set([...DELOADS, deloadText(settled.deload)])]}
                names={(text) => (text === 'none' ? 'no deload' : `a deload: ${text}`)}
                onValue={(text) => {
                  const deload = readDeload(text, 'block/deload');
                  if (deload.ok) set({ deload: deload.value });
                }}
              />
            </Line>
            <Line label="Sets count">
              <Choose
                label="Counting of sets"
                value={settled.crediting}
                options={CREDITING_SCHOOLS}
                onValue={(crediting) => set({ crediting })}
              />
            </Line>
            <Line label="Landmarks">
              <Choose
                label="Landmarks"
                value={settled.landmarks}
                options={LANDMARK_SCHOOLS}
                onValue={(landmarks) => set({ landmarks })}
              />
            </Line>
            <Line label="Priority">
              <Toggles
                label="Priority muscles"
                value={withGoal('priority')}
                options={MUSCLES}
                onValue={(muscles) => setGoals('priority', muscles)}
              />
            </Line>
            <Line label="Only hold">
              <Toggles
                label="Held muscles"
                value={withGoal('hold')}
                options={MUSCLES}
                onValue={(muscles) => setGoals('hold', muscles)}
              />
            </Line>
          </Section>
          {message === null ? null : (
            <p className={form.problem} role="alert">
              {message}
            </p>
          )}
          <button
            type="button"
            className={form.strong}
            aria-disabled={busy || unread.count > 0 || wanted !== null}
            onClick={() => void start()}
            title="Ctrl Enter"
          >
            Start the block
          </button>
        </div>
        <Preview
          template={template}
          prerequisites={template === undefined ? [] : prerequisitesFor(template, athlete)}
          outlook={outlook}
          nothing={
            source.kind === 'empty' ? 'Sessions and exercises are added by hand.' : 'Reading the block …'
          }
          names={namesOf(catalogue)}
        />
      </main>
    </UnreadFields>
  );
}
