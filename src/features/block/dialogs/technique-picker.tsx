'use client';
import * as screenWords from '@/ui/words/screens/block-dialogs';
import * as common from '@/ui/words/screens/common';

import '@mantine/core/styles/Checkbox.layer.css';
import { Button, Checkbox, Modal, Table, TextInput } from '@mantine/core';
import { useDidUpdate } from '@mantine/hooks';
import { useMemo, useState } from 'react';
import {
  type Exercise,
  exerciseGate,
  inVariant,
  loggedAs,
  type PlainParameters,
  type Problem,
  type SchemeFigures,
  type Slot,
  startOf,
  type TechniqueKind,
  type TechniqueParameters,
  techniqueMisfit,
} from '@/core';
import { TechniqueDrawing } from '@/ui/technique-drawing';
import { UnreadFields } from '@/ui/typed';
import { useUnreadableFields } from '@/ui/use-unreadable-fields';
import { CLINICIAN } from '@/ui/words/cautions';
import { clock, figure } from '@/ui/words/figures';
import { problemSentence } from '@/ui/words/problems';
import { ALL_TECHNIQUES } from '@/ui/words/technique-text';
import { GATE_SENTENCES, LOGGED_WORDS, MISFIT_SENTENCES, techniqueSentence } from '@/ui/words/techniques';
import { keepingSets } from '../sheet/clipboard';
import { TechniqueFields } from './technique-fields';
import { TechniqueList } from './technique-list';
import classes from './technique-picker.module.css';

interface TechniquePickerProps {
  readonly label: string;
  readonly slot: Slot;
  readonly exercise: Exercise;
  /** The slot with other settings, planned by itself. */
  readonly schemeOf: (slot: Slot) => SchemeFigures | undefined;
  /** The text that opened it. */
  readonly search: string;
  readonly onTake: (
    technique: TechniqueParameters,
    drift: Slot['drift'],
    safety: string,
  ) => readonly Problem[];
  readonly onClose: () => void;
}

function found(text: string): typeof ALL_TECHNIQUES {
  const words = text.toLowerCase().split(/\s+/).filter(Boolean);
  return ALL_TECHNIQUES.filter(({ name, is }) =>
    words.every((word) => `${name} ${is}`.toLowerCase().includes(word)),
  );
}

/** The selection stays among the matches. */
function marked(shown: typeof ALL_TECHNIQUES, kind: TechniqueKind): TechniqueKind {
  return shown.some((one) => one.kind === kind) ? kind : (shown[0]?.kind ?? kind);
}

/**
 * A technique's parameters in this slot: the current ones if it is the same, otherwise the defaults with the slot's
 * sets.
 */
function started(kind: TechniqueKind, { technique }: Slot): TechniqueParameters {
  if (kind === technique.kind) return technique;
  const start = startOf(kind);
  if (start.kind === 'density') {
    const of: PlainParameters = technique.kind === 'density' ? technique.of : technique;
    return { ...start, of };
  }
  return keepingSets(start, technique);
}

/** Chooses a technique: its drawing, description and requirements, and a form for its parameters. */
export default function TechniquePicker({
  label,
  slot,
  exercise,
  schemeOf,
  search,
  onTake,
  onClose,
}: TechniquePickerProps) {
  const [text, setText] = useState(search);
  const shown = useMemo(() => found(text), [text]);
  const [kind, setKind] = useState<TechniqueKind>(() => marked(shown, slot.technique.kind));
  const [technique, setTechnique] = useState<TechniqueParameters>(() => started(kind, slot));
  const [drift, setDrift] = useState(slot.drift);
  const [safety, setSafety] = useState(slot.safety);
  const [problems, setProblems] = useState<readonly Problem[]>([]);
  const unread = useUnreadableFields();
  const choose = (next: TechniqueKind) => {
    setKind(next);
    setTechnique(started(next, slot));
    setProblems([]);
  };
  const find = (next: string) => {
    setText(next);
    const mark = marked(found(next), kind);
    if (mark !== kind) choose(mark);
  };
  // A letter may still reach the cell while the picker opens and has no focus yet.
  useDidUpdate(() => find(search), [search]);
  const take = () => {
    if (unread.count > 0) return;
    setProblems(onTake(technique, drift, safety));
  };
  const variant = inVariant(exercise, slot.variant);
  const gate = exerciseGate({ technique, safety }, variant);
  const unsafe = exerciseGate({ technique, safety: '' }, variant) === 'unsafe alone';
  const drifts = technique.kind === 'straight' || technique.kind === 'top + back-offs';
  const misfit = techniqueMisfit(technique, variant);
  const [problem] = problems;
  return (
    <Modal.Root opened onClose={onClose} yOffset="8vh" size={760} padding={0}>
      <Modal.Overlay />
      <Modal.Content aria-label={label} onKeyDown={(event) => event.stopPropagation()}>
        <form
          className={classes.picker}
          onSubmit={(event) => {
            event.preventDefault();
            take();
          }}
        >
          <TechniqueList
            label={label}
            text={text}
            shown={shown}
            kind={kind}
            onFind={find}
            onChoose={choose}
          />
          <div className={classes.main}>
            <TechniqueDrawing technique={technique} range={slot.range} rest={slot.rest} />
            <p className={classes.sentence}>
              {techniqueSentence({ technique, drift })} {LOGGED_WORDS[loggedAs(technique)]}
            </p>
            {gate === null ? null : (
              <p className={classes.gate} role="alert">
                {GATE_SENTENCES[gate]}
              </p>
            )}
            {technique.kind === 'restricted blood flow' ? (
              <p className={classes.caution}>{CLINICIAN}</p>
            ) : null}
            {misfit === null ? null : <p className={classes.caution}>{MISFIT_SENTENCES[misfit]}</p>}
            <Schemes now={schemeOf(slot)} then={schemeOf({ ...slot, technique, drift, safety })} />
            <UnreadFields.Provider value={unread.report}>
              <div className={classes.fields}>
                <TechniqueFields technique={technique} onChange={setTechnique} />
                {drifts ? <ConstantRepsField drift={drift} onDrift={setDrift} /> : null}
                {unsafe ? <SafetyField safety={safety} onSafety={setSafety} /> : null}
              </div>
            </UnreadFields.Provider>
            <div className={classes.foot}>
              {problem === undefined ? null : (
                <span className={classes.gate} role="alert">
                  {problemSentence(problem)}
                </span>
              )}
              <Button type="submit" variant="filled" aria-disabled={unread.count > 0}>
                {common.apply}
              </Button>
              <Button variant="quiet" onClick={onClose}>
                {common.cancel}
              </Button>
            </div>
          </div>
        </form>
      </Modal.Content>
    </Modal.Root>
  );
}

interface SchemesProps {
  readonly now: SchemeFigures | undefined;
  readonly then: SchemeFigures | undefined;
}

/** The slot now and with the new technique: counted sets, reps, time under tension and total time. */
function Schemes({ now, then }: SchemesProps) {
  if (now === undefined || then === undefined) return null;
  const rows: readonly (readonly [string, (of: SchemeFigures) => string])[] = [
    [screenWords.setsThatCount, ({ hard }) => figure(hard, 2)],
    [screenWords.totalReps, ({ reps }) => figure(reps, 0)],
    [screenWords.timeUnderTension, ({ tension }) => clock(tension)],
    [screenWords.timeForThisExercise, ({ seconds }) => clock(seconds)],
  ];
  return (
    <Table className={classes.schemes}>
      <Table.Thead>
        <Table.Tr>
          <Table.Th scope="col">{screenWords.inWeek1}</Table.Th>
          <Table.Th scope="col">{screenWords.now}</Table.Th>
          <Table.Th scope="col">{screenWords.newWord}</Table.Th>
        </Table.Tr>
      </Table.Thead>
      <Table.Tbody>
        {rows.map(([name, of]) => (
          <Table.Tr key={name}>
            <Table.Th scope="row">{name}</Table.Th>
            <Table.Td>{of(now)}</Table.Td>
            <Table.Td data-other={of(now) !== of(then)}>{of(then)}</Table.Td>
          </Table.Tr>
        ))}
      </Table.Tbody>
    </Table>
  );
}

interface HoldRepsProps {
  readonly drift: Slot['drift'];
  readonly onDrift: (drift: Slot['drift']) => void;
}

function ConstantRepsField({ drift, onDrift }: HoldRepsProps) {
  return (
    <Checkbox
      className={classes.check}
      label={screenWords.sameRepsInEverySet}
      checked={drift === 'hold reps'}
      onChange={(event) => onDrift(event.target.checked ? 'hold reps' : 'hold RIR')}
    />
  );
}

interface MadeSafeProps {
  readonly safety: string;
  readonly onSafety: (safety: string) => void;
}

/** How failure is made safe on free weights; asked only if nothing else does. */
function SafetyField({ safety, onSafety }: MadeSafeProps) {
  return (
    <TextInput
      className={classes.safety}
      label={common.madeSafeBy}
      value={safety}
      maxLength={200}
      placeholder={common.safetyBarsASpotter}
      onChange={(event) => onSafety(event.target.value)}
    />
  );
}
