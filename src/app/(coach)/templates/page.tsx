import { TEMPLATES } from '@/core';
import { athleteNames, exercisesOf, findDesign, findTeam, ownTemplates } from '@/data';
import type { TemplatesData } from '@/features/templates/contract';
import { Templates } from '@/features/templates/templates';
import { InBrowser } from '@/ui/in-browser';
import { requireAsker } from '../../asker';
import { remove, rename, savePrerequisites, share } from './actions';

interface PageProps {
  readonly searchParams: Promise<{ readonly show?: string | string[] }>;
}

export default async function TemplatesPage({ searchParams }: PageProps) {
  const { show } = await searchParams;
  const asker = await requireAsker();
  const [own, athletes, exercises, { coaches }] = await Promise.all([
    ownTemplates(asker),
    athleteNames(asker),
    exercisesOf(asker),
    findTeam(asker),
  ]);
  const wished = typeof show === 'string' ? show : `template/${TEMPLATES[0]?.id}`;
  const ownOne = own.find(({ id }) => wished === `design/${id}`);
  const shown: TemplatesData['shown'] =
    ownOne !== undefined
      ? `design/${ownOne.id}`
      : (TEMPLATES.map(({ id }) => `template/${id}` as const).find((one) => one === wished) ?? null);
  const design = ownOne === undefined ? undefined : await findDesign(asker, ownOne.id);
  return (
    <InBrowser>
      <Templates
        key={shown}
        data={{
          shown,
          design: design ?? null,
          own,
          isAlone: coaches.length < 2,
          athletes,
          ownExercises: exercises,
        }}
        actions={{ rename, savePrerequisites, remove, share }}
      />
    </InBrowser>
  );
}
