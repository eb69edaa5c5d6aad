import * as screenWords from '@/ui/words/screens/account';
import * as common from '@/ui/words/screens/common';
import '@mantine/core/styles/Checkbox.layer.css';
import { Button, Checkbox, CopyButton } from '@mantine/core';
import { useState } from 'react';
import type { Unsure } from '@/core';
import { formClasses as classes, Section } from '@/ui/form';
import { useAction } from '@/ui/use-action';
import { plural } from '@/ui/words/figures';
import { outcomeSentence } from '@/ui/words/outcomes';

export interface HouseProps {
  readonly house: {
    readonly isOwner: boolean;
    readonly coaches: readonly {
      readonly id: string;
      readonly name: string;
      readonly email: string;
      readonly isOwner: boolean;
      readonly athletes: number;
    }[];
  };
  /** A link that invites a coach, or lets the member it names set a new password. */
  readonly letIn: (
    coachId: string | null,
  ) => Promise<{ readonly status: 'made'; readonly url: string } | { readonly status: 'gone' } | Unsure>;
  /** Whether every coach needs a second factor. */
  readonly isRequired: boolean;
  readonly requireFactor: (
    isRequired: boolean,
  ) => Promise<{ readonly status: 'kept' } | { readonly status: 'gone' } | Unsure>;
}

/** The coaches of a team; its owner invites others. */
export function Team({ house, letIn, isRequired: required, requireFactor }: HouseProps) {
  const [isRequired, setRequired] = useState(required);
  const requiring = useAction(requireFactor);
  const require = async (next: boolean) => {
    setRequired(next);
    const answer = await requiring.ask(next);
    if (answer.status === 'kept') return;
    setRequired(!next);
    setProblem(outcomeSentence(answer));
  };
  const { isOwner, coaches } = house;
  const [url, setUrl] = useState<string | null>(null);
  const [problem, setProblem] = useState('');
  const { ask, isBusy } = useAction(letIn);
  const make = async (coachId: string | null) => {
    if (isBusy) return;
    setProblem('');
    const answer = await ask(coachId);
    if (answer.status === 'made') setUrl(answer.url);
    else setProblem(outcomeSentence(answer));
  };
  return (
    <Section
      title={screenWords.coachesInThisTeam}
      aside={
        isOwner ? (
          <Button variant="link" onClick={() => void make(null)}>
            {screenWords.inviteACoach}
          </Button>
        ) : (
          screenWords.onlyTheOwnerCanInvite
        )
      }
    >
      <ul style={{ padding: 0, listStyle: 'none' }}>
        {coaches.map(({ id, name, email, isOwner: owns, athletes }) => (
          <li key={id} className={classes.line}>
            <strong>{name}</strong>
            <span>
              {email}
              {owns ? screenWords.owner : ''}, {plural(athletes, 'athlete')}
              {isOwner && !owns ? (
                <>
                  {' '}
                  <Button
                    variant="link"
                    aria-label={screenWords.passwordLinkFor(name)}
                    onClick={() => void make(id)}
                  >
                    {screenWords.createPasswordLink}
                  </Button>
                </>
              ) : null}
            </span>
          </li>
        ))}
      </ul>
      {isOwner ? (
        <Checkbox
          label={screenWords.everyCoachInThisTeam}
          checked={isRequired}
          onChange={(event) => void require(event.target.checked)}
        />
      ) : null}
      {url === null ? null : (
        <p>
          <code style={{ overflowWrap: 'anywhere' }}>{url}</code>{' '}
          <CopyButton value={url}>
            {({ copied, copy }) => (
              <Button variant="link" onClick={copy}>
                {copied ? common.copied : common.copy}
              </Button>
            )}
          </CopyButton>{' '}
          {screenWords.eachLinkWorksOnceAn}
        </p>
      )}
      <p role="alert">{problem}</p>
    </Section>
  );
}
