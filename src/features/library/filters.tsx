import { NativeSelect, TextInput } from '@mantine/core';
import { JOINTS, MUSCLES, PATTERNS } from '@/core';
import * as common from '@/ui/words/screens/common';
import * as words from '@/ui/words/screens/library';
import type { LibraryData } from './contract';
import type { Filter } from './filter';
import classes from './library.module.css';

interface FiltersProps {
  readonly filter: Filter;
  readonly places: LibraryData['places'];
  readonly onNarrow: (part: Partial<Filter>) => void;
}

/** The filters of the exercise list. */
export function Filters({ filter, places, onNarrow }: FiltersProps) {
  return (
    <div className={classes.filters}>
      <TextInput
        className={classes.search}
        type="search"
        placeholder={words.searchByNameEquipmentSet}
        aria-label={common.searchExercises}
        value={filter.text}
        autoFocus
        onChange={(event) => onNarrow({ text: event.target.value })}
      />
      <Any
        label={common.muscle}
        all={words.anyMuscle}
        options={MUSCLES}
        value={filter.muscle}
        onValue={(muscle) => onNarrow({ muscle })}
      />
      <Any
        label={words.pattern}
        all={words.anyPattern}
        options={PATTERNS}
        value={filter.pattern}
        onValue={(pattern) => onNarrow({ pattern })}
      />
      <Any
        label={words.place}
        all={words.anyPlace}
        options={places.map(({ name }) => name)}
        value={filter.place?.name ?? null}
        onValue={(name) => onNarrow({ place: places.find((one) => one.name === name) ?? null })}
      />
      <Any
        label={words.avoidJoint}
        all={words.anyJoint}
        options={JOINTS}
        names={(joint) => words.avoidsThe(joint)}
        value={filter.spare}
        onValue={(spare) => onNarrow({ spare })}
      />
      <Any
        label={words.source}
        all={words.all}
        options={['own']}
        value={filter.ownOnly ? 'own' : null}
        onValue={(own) => onNarrow({ ownOnly: own !== null })}
      />
    </div>
  );
}

interface AnyProps<T extends string> {
  readonly label: string;
  /** The value for no choice. */
  readonly all: string;
  readonly options: readonly T[];
  readonly names?: (option: T) => string;
  readonly value: T | null;
  readonly onValue: (value: T | null) => void;
}

/** One option of a list, or any. */
function Any<T extends string>({ label, all, options, names, value, onValue }: AnyProps<T>) {
  return (
    <NativeSelect
      aria-label={label}
      value={value ?? ''}
      onChange={(event) => onValue(event.target.value === '' ? null : (event.target.value as T))}
      data={[
        { value: '', label: all },
        ...options.map((option) => ({ value: option, label: names?.(option) ?? option })),
      ]}
    />
  );
}
