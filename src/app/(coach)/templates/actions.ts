'use server';

import type { Prerequisite } from '@/core';
import { prerequisitesSchema } from '@/core/codecs';
import { removeTemplate, renameTemplate, setPrerequisites, shareTemplate } from '@/data';
import type { TemplatesActions } from '@/features/templates/contract';
import { templateName } from '@/ui/template-name';
import { asCoach } from '../../asker';
import { nameIdSchema as id } from '../../inputs';

/** Renames one of the coach's templates. */
export async function rename(templateId: string, name: string): ReturnType<TemplatesActions['rename']> {
  const parsed = id.safeParse(templateId);
  const named = templateName.safeParse(name);
  if (!parsed.success || !named.success) return { status: 'malformed' };
  return asCoach(async (asker) => ({
    status: (await renameTemplate(asker, parsed.data, named.data)) ? ('renamed' as const) : ('gone' as const),
  }));
}

/** Sets what a template requires of an athlete first. */
export async function savePrerequisites(
  templateId: string,
  prerequisites: readonly Prerequisite[],
): ReturnType<TemplatesActions['savePrerequisites']> {
  const parsed = id.safeParse(templateId);
  const list = prerequisitesSchema.safeParse(prerequisites);
  if (!parsed.success || !list.success) return { status: 'malformed' };
  return asCoach(async (asker) => ({
    status: (await setPrerequisites(asker, parsed.data, list.data)) ? ('kept' as const) : ('gone' as const),
  }));
}

/** Removes one of the coach's templates. */
export async function remove(templateId: string): ReturnType<TemplatesActions['remove']> {
  const parsed = id.safeParse(templateId);
  if (!parsed.success) return { status: 'malformed' };
  return asCoach(async (asker) => {
    await removeTemplate(asker, parsed.data);
    return { status: 'removed' as const };
  });
}

/** Shares one of the coach's templates with the team, or makes it private again. */
export async function share(templateId: string, shared: boolean): ReturnType<TemplatesActions['share']> {
  const parsed = id.safeParse(templateId);
  if (!parsed.success || typeof shared !== 'boolean') return { status: 'malformed' };
  return asCoach(async (asker) => ({
    status: (await shareTemplate(asker, parsed.data, shared)) ? ('kept' as const) : ('gone' as const),
  }));
}
