'use client';

import { Button, UnstyledButton } from '@mantine/core';
import { useState } from 'react';
import {
  EQUIPMENT,
  type EquipmentSet,
  hundredths,
  type LoadGrid,
  type Loading,
  loadGrid,
  loadRecipe,
  PLACE_KINDS,
  type Place,
  type PlaceKind,
  presetPlace,
  STACKS,
  type StackLoading,
  UNITS,
  type Unit,
} from '@/core';
import { formClasses as classes, FormRow, Section, SelectField } from '@/ui/form';
import { newId } from '@/ui/new-id';
import { readNumber, readText } from '@/ui/read';
import { Recipe } from '@/ui/recipe';
import { Toggles } from '@/ui/toggles';
import { Typed } from '@/ui/typed';
import { figure, load as loadWords, plural } from '@/ui/words/figures';
import * as screenWords from '@/ui/words/screens/athlete';
import * as common from '@/ui/words/screens/common';
import own from './athlete.module.css';
import { bandsText, platesText, readBands, readPlates, readWeights, weightsText } from './loads-text';
import type { DraftTools } from './use-draft';

/** Several places, each with its equipment and the loads it makes. */
export default function EquipmentTab({ tools }: { readonly tools: DraftTools }) {
  const { athlete, change } = tools;
  const { places } = athlete;
  const [chosen, setChosen] = useState(places[0]?.id ?? '');
  const place = places.find(({ id }) => id === chosen) ?? places[0];
  const put = (changed: Place) =>
    change({ places: places.map((one) => (one.id === changed.id ? changed : one)) });
  const add = (kind: PlaceKind) => {
    const made = presetPlace(kind, athlete.unit, newId().slice(0, 12));
    change({ places: [...places, made] });
    setChosen(made.id);
  };
  return (
    <div className={own.places}>
      <div>
        <Section title={common.equipment}>
          <ul className={own.list}>
            {places.map(({ id, name }, at) => (
              <li key={id}>
                <UnstyledButton
                  className={own.choice}
                  aria-current={id === place?.id}
                  onClick={() => setChosen(id)}
                >
                  {name.trim() || screenWords.unnamed}
                </UnstyledButton>
                <span className={classes.soft}>{at === 0 ? screenWords.usual : ''}</span>
              </li>
            ))}
          </ul>
          <p className={classes.soft}>{screenWords.addAPlace}</p>
          <div className={own.actions}>
            {PLACE_KINDS.map((kind) => (
              <Button variant="link" key={kind} onClick={() => add(kind)}>
                {kind}
              </Button>
            ))}
          </div>
        </Section>
      </div>
      {place === undefined ? null : (
        <PlaceForm
          key={place.id}
          place={place}
          tools={tools}
          onChange={put}
          usual={place === places[0]}
          onUsual={() => change({ places: [place, ...places.filter((one) => one !== place)] })}
          onRemove={
            places.length < 2 ? undefined : () => change({ places: places.filter((one) => one !== place) })
          }
        />
      )}
    </div>
  );
}

interface PlaceFormProps {
  readonly place: Place;
  readonly tools: DraftTools;
  readonly onChange: (place: Place) => void;
  readonly usual: boolean;
  readonly onUsual: () => void;
  readonly onRemove: (() => void) | undefined;
}

/** The loads of a place, by its kinds of equipment. */
function PlaceLoads({ place, onChange }: Pick<PlaceFormProps, 'place' | 'onChange'>) {
  const { loads } = place;
  const put = <K extends keyof EquipmentSet>(kind: K, part: Partial<EquipmentSet[K]>) =>
    onChange({ ...place, loads: { ...loads, [kind]: { ...loads[kind], ...part } } });
  const has = (...names: readonly string[]) => place.equipment.some((one) => names.includes(one));
  return (
    <Section title={screenWords.availableLoads} aside={screenWords.weights12525}>
      {has('barbell') ? (
        <PlateRow
          name="Barbell"
          word="bar"
          kind="barbell"
          loads={loads}
          put={(part) => put('barbell', part)}
        />
      ) : null}
      {has('dumbbells') ? (
        <Kind name="Dumbbells" loading="dumbbell" loads={loads} onUnit={(unit) => put('dumbbell', { unit })}>
          <Typed
            label={screenWords.dumbbellsBothOfAPair}
            className={classes.wide}
            text={weightsText(loads.dumbbell.weights)}
            read={(text) => readWeights(text, 1)}
            onValue={(weights) => put('dumbbell', { weights })}
          />
        </Kind>
      ) : null}
      {has('machine', 'cable') ? (
        <StackRow
          name={screenWords.stacks}
          loading="stack"
          loads={loads}
          put={(part) => put('stack', part)}
        />
      ) : null}
      {has('machine') ? (
        <StackRow
          name={screenWords.heavyStacks}
          loading="heavy stack"
          loads={loads}
          put={(part) => put('heavyStack', part)}
        />
      ) : null}
      {has('cable') ? (
        <StackRow
          name={screenWords.cables}
          loading="cable"
          loads={loads}
          put={(part) => put('cable', part)}
        />
      ) : null}
      {has('plate machine') ? (
        <PlateRow
          name={screenWords.plateMachines}
          word="start"
          kind="plateLoaded"
          loads={loads}
          put={(part) => put('plateLoaded', part)}
        />
      ) : null}
      <Kind
        name="Bodyweight"
        loading="bodyweight"
        loads={loads}
        onUnit={(unit) => put('bodyweight', { unit })}
      >
        <span className={classes.soft}>{screenWords.belt}</span>
        <Typed
          label={screenWords.platesForTheBelt}
          className={classes.wide}
          text={weightsText(loads.bodyweight.belt)}
          read={(text) => readWeights(text)}
          onValue={(belt) => put('bodyweight', { belt: belt.slice(0, 12) })}
        />
        <span className={classes.soft}>{screenWords.assistance}</span>
        <Typed
          label={screenWords.assistanceByMachineOrBand}
          className={classes.wide}
          text={weightsText(loads.bodyweight.assistance)}
          read={(text) => readWeights(text)}
          onValue={(assistance) => put('bodyweight', { assistance: assistance.slice(0, 60) })}
        />
      </Kind>
      {has('band') ? (
        <Kind name="Bands" loading="band" loads={loads} onUnit={(unit) => put('bands', { unit })}>
          <Typed
            label={screenWords.bandsByNameAndPull}
            className={classes.wide}
            text={bandsText(loads.bands.levels)}
            read={readBands}
            onValue={(levels) => put('bands', { levels })}
          />
        </Kind>
      ) : null}
    </Section>
  );
}

function PlaceForm({ place, tools, onChange, usual, onUsual, onRemove }: PlaceFormProps) {
  const at = tools.athlete.places.findIndex(({ id }) => id === place.id);
  return (
    <div>
      <Section
        title={place.name.trim() || screenWords.unnamedPlace}
        aside={
          <span className={own.actions}>
            {usual ? null : (
              <Button variant="link" onClick={onUsual}>
                {screenWords.setAsUsualPlace}
              </Button>
            )}
            {onRemove === undefined ? null : (
              <Button variant="link" onClick={onRemove}>
                {common.removeText}
              </Button>
            )}
          </span>
        }
      >
        <FormRow label={common.name} htmlFor="place-name">
          <Typed
            id="place-name"
            label={screenWords.nameOfThePlace}
            className={classes.wide}
            text={place.name}
            read={readText(60)}
            onValue={(name) => onChange({ ...place, name })}
            problem={tools.problemAt(`places/${at}/name`) === undefined ? undefined : common.enterAName}
          />
        </FormRow>
        <FormRow label={common.equipment}>
          <Toggles
            label={screenWords.equipmentAtThisPlace}
            value={place.equipment}
            options={EQUIPMENT}
            onValue={(equipment) => onChange({ ...place, equipment })}
          />
        </FormRow>
      </Section>
      <PlaceLoads place={place} onChange={onChange} />
      <TryLoad place={place} />
    </div>
  );
}

interface KindProps {
  readonly name: string;
  readonly loading: Loading;
  readonly loads: EquipmentSet;
  readonly onUnit: (unit: Unit) => void;
  readonly children: React.ReactNode;
}

/** One kind of equipment: its figures, with the resulting loads below. */
function Kind({ name, loading, loads, onUnit, children }: KindProps) {
  const grid = loadGrid(loading, loads);
  return (
    <div className={own.kind}>
      <div className={own.entry}>
        <span className={own.kindName}>{name}</span>
        <SelectField
          label={screenWords.unitOf(name.toLowerCase())}
          value={grid.unit}
          options={UNITS}
          onValue={onUnit}
        />
        {children}
      </div>
      <p className={own.makes}>{screenWords.makesLoads(resultingLoads(grid))}</p>
    </div>
  );
}

function resultingLoads({ steps, loading, unit }: LoadGrid): string {
  const say = (hundredth: number | undefined) =>
    hundredth === undefined ? '' : loadWords(hundredth / 100, loading);
  if (steps.length <= 6) return `${steps.map(say).join(', ')} ${unit}`;
  return `${steps.slice(0, 5).map(say).join(', ')} … ${say(steps.at(-1))} ${unit}, ${plural(steps.length, 'load')}`;
}

interface PlateRowProps {
  readonly name: string;
  readonly word: string;
  readonly kind: 'barbell' | 'plateLoaded';
  readonly loads: EquipmentSet;
  readonly put: (part: Partial<EquipmentSet['barbell']>) => void;
}

function PlateRow({ name, word, kind, loads, put }: PlateRowProps) {
  const { bar, plates } = loads[kind];
  const loading = kind === 'barbell' ? 'barbell' : 'plate-loaded';
  return (
    <Kind name={name} loading={loading} loads={loads} onUnit={(unit) => put({ unit })}>
      <span className={classes.soft}>{word}</span>
      <Typed
        label={`${name}, ${word}`}
        className={own.short}
        text={figure(bar)}
        read={(text) => readNumber(text, { field: word, low: kind === 'barbell' ? 1 : 0, high: 200 })}
        onValue={(value) => put({ bar: value })}
      />
      <span className={classes.soft}>{screenWords.pairsOfPlates}</span>
      <Typed
        label={screenWords.pairsOfPlatesLabel(name)}
        className={classes.wide}
        text={platesText(plates)}
        read={readPlates}
        onValue={(value) => put({ plates: value })}
      />
    </Kind>
  );
}

function StackRow({
  name,
  loading,
  loads,
  put,
}: {
  readonly name: string;
  readonly loading: StackLoading;
  readonly loads: EquipmentSet;
  readonly put: (part: Partial<EquipmentSet['stack']>) => void;
}) {
  const stack = loads[STACKS[loading]];
  const number = (field: 'first' | 'step' | 'last') => (
    <>
      <span className={classes.soft}>{field}</span>
      <Typed
        label={screenWords.stackField(name, field)}
        className={own.short}
        text={figure(stack[field])}
        read={(text) => readNumber(text, { field, low: 0.5, high: 1000 })}
        onValue={(value) => put({ [field]: value })}
      />
    </>
  );
  return (
    <Kind name={name} loading={loading} loads={loads} onUnit={(unit) => put({ unit })}>
      {number('first')}
      {number('step')}
      {number('last')}
      <span className={classes.soft}>{screenWords.addOnWeights}</span>
      <Typed
        label={screenWords.stackAddOnWeights(name)}
        className={own.short}
        text={weightsText(stack.addOns)}
        read={(text) => readWeights(text)}
        onValue={(addOns) => put({ addOns: addOns.slice(0, 6) })}
      />
      <span className={classes.soft}>{screenWords.extraPlatesOnTopOf}</span>
      <Typed
        label={screenWords.stackExtraPlates(name)}
        className={own.short}
        text={weightsText(stack.loosePlates)}
        read={(text) => readWeights(text)}
        onValue={(loosePlates) => put({ loosePlates: loosePlates.slice(0, 8) })}
      />
    </Kind>
  );
}

const TRIES = ['barbell', 'dumbbell', 'stack', 'heavy stack', 'cable', 'plate-loaded', 'bodyweight'] as const;

/** A load to try: how this place makes it. */
function TryLoad({ place }: { readonly place: Place }) {
  const [loading, setLoading] = useState<(typeof TRIES)[number]>('barbell');
  const [load, setLoad] = useState(60);
  const grid = loadGrid(loading, place.loads);
  return (
    <Section title={screenWords.checkALoad}>
      <div className={own.entry}>
        <SelectField label={screenWords.kindOfLoad} value={loading} options={TRIES} onValue={setLoading} />
        <Typed
          label={screenWords.loadToCheck}
          className={classes.number}
          text={figure(load)}
          read={(text) => readNumber(text, { field: 'load', low: -200, high: 1000 })}
          onValue={(value) => setLoad(hundredths(value) / 100)}
        />
        <span className={classes.soft}>{grid.unit}</span>
        <span className={own.answer}>
          <Recipe recipe={loadRecipe(load, loading, place.loads)} />
        </span>
      </div>
    </Section>
  );
}
