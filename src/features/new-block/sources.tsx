import * as common from '@/ui/words/screens/common';
import * as screenWords from '@/ui/words/screens/new-block';
import '@mantine/core/styles/Radio.layer.css';
import { Radio } from '@mantine/core';
import { TEMPLATES } from '@/core';
import { SelectField } from '@/ui/form';
import { plural } from '@/ui/words/figures';
import type { NewBlockData } from './contract';
import classes from './new-block.module.css';
import type { Chosen, NewBlockUse } from './use-new-block';

interface SourcesProps {
  readonly data: NewBlockData;
  readonly use: NewBlockUse;
}

/** What a block can start from: earlier blocks, splits, own templates, another athlete's block, or empty. */
export function Sources({ data, use }: SourcesProps) {
  const { earlier, others } = data;
  const { chosen, setChosen, other, setOther } = use;
  const [last] = earlier;
  const option = (value: Chosen, name: string, aside: string) => (
    <Radio
      classNames={{
        root: classes.option,
        body: classes.optionBody,
        labelWrapper: classes.optionText,
        label: classes.optionLabel,
      }}
      key={value}
      name="source"
      data-chosen={value === chosen}
      checked={value === chosen}
      onChange={() => setChosen(value)}
      label={
        <>
          <span>{name}</span>
          <span className={classes.soft}>{aside}</span>
        </>
      }
    />
  );

  return (
    <fieldset className={classes.sources} aria-label={screenWords.startFrom}>
      {last === undefined ? null : <h2>{screenWords.continueFrom}</h2>}
      {earlier
        .slice(0, 3)
        .map(({ id, name }, at) =>
          option(`design/${id}`, name, at === 0 ? common.previousBlock : screenWords.earlier),
        )}
      <h2>{screenWords.aSplit}</h2>
      {TEMPLATES.map(({ id, name, cycleDays, from }) =>
        option(`template/${id}`, name, `${from}${cycleDays === 7 ? '' : screenWords.days(cycleDays)}`),
      )}
      {data.ownTemplates.length === 0 ? null : <h2>{screenWords.yourTemplates}</h2>}
      {data.ownTemplates.map(({ id, name }) => option(`design/${id}`, name, ''))}
      <h2>{screenWords.other}</h2>
      {others.length === 0
        ? null
        : option('other', screenWords.anotherAthletesBlock, plural(others.length, 'block'))}
      {chosen === 'other' ? (
        <SelectField
          label={screenWords.blockToCopy}
          value={other}
          options={others.map(({ id }) => id)}
          names={(id) => {
            const found = others.find((one) => one.id === id);
            return `${found?.athlete}: ${found?.name}`;
          }}
          onValue={setOther}
        />
      ) : null}
      {option('empty', screenWords.empty, screenWords.anEmptyBlock)}
    </fieldset>
  );
}
