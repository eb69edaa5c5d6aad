import { Button, Radio } from '@mantine/core';
import { useState } from 'react';
import { TEMPLATES } from '@/core';
import { Choose } from '@/ui/form';
import { useAction } from '@/ui/use-action';
import { plural } from '@/ui/words/figures';
import { outcomeSentence } from '@/ui/words/outcomes';
import type { NewBlockActions, NewBlockData } from './contract';
import classes from './new-block.module.css';
import type { Chosen, NewBlockUse } from './use-new-block';

interface SourcesProps {
  readonly data: NewBlockData;
  readonly actions: Pick<NewBlockActions, 'removeTemplate'>;
  readonly use: NewBlockUse;
}

/** What a block can start from: earlier blocks, splits, own templates, another athlete's block, nothing. */
export function Sources({ data, actions, use }: SourcesProps) {
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
    <fieldset className={classes.sources} aria-label="Start from">
      {last === undefined ? null : <h2>Go on from</h2>}
      {earlier
        .slice(0, 3)
        .map(({ id, name }, at) => option(`design/${id}`, name, at === 0 ? 'last block' : 'earlier'))}
      <h2>A split</h2>
      {TEMPLATES.map(({ id, name, cycleDays, from }) =>
        option(`template/${id}`, name, `${from}${cycleDays === 7 ? '' : `, ${cycleDays} days`}`),
      )}
      <OwnTemplates data={data} actions={actions} use={use} option={option} />
      <h2>Or</h2>
      {others.length === 0
        ? null
        : option('other', 'Another athlete’s block', plural(others.length, 'block'))}
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
  );
}

interface OwnTemplatesProps extends SourcesProps {
  readonly option: (value: Chosen, name: string, aside: string) => React.ReactNode;
}

/** The coach's own templates, each with a way to remove it that asks once more. */
function OwnTemplates({ data, actions, use, option }: OwnTemplatesProps) {
  const { ownTemplates } = data;
  const [removed, setRemoved] = useState<readonly string[]>([]);
  const [asked, setAsked] = useState<string | null>(null);
  const removing = useAction(actions.removeTemplate);
  const remove = async (id: string) => {
    const answer = await removing.ask(id);
    if (answer.status !== 'removed') {
      use.setMessage(`The template stays. ${outcomeSentence(answer)}`);
      return;
    }
    setRemoved([...removed, id]);
    if (use.chosen === `design/${id}`) use.setChosen('empty');
  };

  return (
    <>
      {ownTemplates.length === removed.length ? null : <h2>Your templates</h2>}
      {ownTemplates
        .filter(({ id }) => !removed.includes(id))
        .map(({ id, name }) => (
          <div className={classes.own} key={id}>
            {option(`design/${id}`, name, '')}
            <Button
              variant="link"
              aria-label={asked === id ? `Remove ${name} for good` : `Remove the template ${name}`}
              onBlur={() => setAsked(null)}
              onClick={() => (asked === id ? void remove(id) : setAsked(id))}
            >
              {asked === id ? 'Remove for good' : '×'}
            </Button>
          </div>
        ))}
    </>
  );
}
