'use client';

import '@mantine/core/styles/Checkbox.layer.css';
import { Checkbox } from '@mantine/core';
import { type Field, fieldsOf, type Problem, refused, type TechniqueParameters } from '@/core';
import { FormRow, formClasses as form, SelectField } from '@/ui/form';
import { readNumber } from '@/ui/read';
import { Typed } from '@/ui/typed';
import { figure } from '@/ui/words/figures';
import { FIELD_WORDS } from '../../../ui/words/technique-fields';

/** Shares are written as percentages. */
const HUNDRED = 100;

interface TechniqueFieldsProps {
  readonly technique: TechniqueParameters;
  readonly onChange: (technique: TechniqueParameters) => void;
}

/** A form for a technique's parameters, made from its fields; including those inside a density. */
export function TechniqueFields({ technique, onChange }: TechniqueFieldsProps) {
  const put = (name: string, value: unknown) =>
    onChange({ ...technique, [name]: value } as unknown as TechniqueParameters);
  const values = technique as unknown as Readonly<Record<string, unknown>>;
  return (
    <>
      {Object.entries(fieldsOf(technique.kind)).map(([name, field]) =>
        name === 'taken' ? null : (
          <FormRow key={`${technique.kind}/${name}`} label={FIELD_WORDS[name] ?? name}>
            <FieldInput
              label={FIELD_WORDS[name] ?? name}
              field={field}
              value={values[name]}
              onValue={(value) => put(name, value)}
            />
          </FormRow>
        ),
      )}
      {technique.kind === 'density' ? (
        <TechniqueFields technique={technique.of} onChange={(of) => put('of', of)} />
      ) : null}
    </>
  );
}

interface FieldInputProps {
  readonly label: string;
  readonly field: Field;
  readonly value: unknown;
  readonly onValue: (value: unknown) => void;
}

function FieldInput({ label, field, value, onValue }: FieldInputProps) {
  switch (field.type) {
    case 'whole':
      return (
        <Typed
          label={label}
          className={form.number}
          text={String(value)}
          read={(text) => readNumber(text, { field: label, low: field.least, high: field.most, whole: true })}
          onValue={onValue}
        />
      );
    case 'share':
      return (
        <Typed
          label={label}
          className={form.number}
          text={figure(Number(value) * HUNDRED)}
          read={(text) =>
            readNumber(text, {
              field: label,
              low: Math.round(field.least * HUNDRED),
              high: Math.round(field.most * HUNDRED),
              whole: true,
            })
          }
          onValue={(percent) => onValue(percent / HUNDRED)}
        />
      );
    case 'yes':
      return (
        <Checkbox
          aria-label={label}
          checked={value === true}
          onChange={(event) => onValue(event.target.checked)}
        />
      );
    case 'choice':
      return <SelectField label={label} value={String(value)} options={field.of} onValue={onValue} />;
    case 'band': {
      const { low, high } = value as { low: number; high: number };
      return (
        <Typed
          label={label}
          className={form.number}
          text={`${low}-${high}`}
          read={(text) => {
            const [a, b] = numbers(text);
            if (a === undefined || b === undefined) return refused(notUnderstood(label, text, '15-20'));
            if (a > b || a < field.least || b > field.most)
              return refused(notUnderstood(label, text, `${field.least}-${field.most}`));
            return { ok: true, value: { low: a, high: b } };
          }}
          onValue={onValue}
        />
      );
    }
    case 'list':
      return (
        <Typed
          label={label}
          text={(value as readonly number[]).join('-')}
          read={(text) => {
            const list = numbers(text);
            const fits = list.every((one) => one >= field.least && one <= field.most);
            const isShort = list.length === 0 && field.otherwise === undefined;
            if (isShort || list.length > field.longest || !fits)
              return refused(notUnderstood(label, text, '20-15-10'));
            return { ok: true, value: list };
          }}
          onValue={onValue}
        />
      );
  }
}

function numbers(text: string): readonly number[] {
  return (text.match(/\d+/g) ?? []).map(Number);
}

function notUnderstood(path: string, text: string, example: string): Problem {
  return { code: 'not-understood', path, text, example };
}
