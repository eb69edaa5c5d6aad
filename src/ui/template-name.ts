import * as z from 'zod/mini';
import * as common from '@/ui/words/screens/common';
import * as words from '@/ui/words/screens/parts';

/** What a template of the coach's own may be called. */
export const templateName = z
  .string()
  .check(z.trim(), z.minLength(1, common.enterAName), z.maxLength(120, words.useAtMost120Letters));

/** A form that asks for the name alone. */
export const templateNameForm = z.object({ name: templateName });
