import * as z from 'zod/mini';
import * as common from '@/ui/words/screens/common';
import * as words from '@/ui/words/screens/parts';

/** Allowed names of a coach's template. */
export const templateName = z
  .string()
  .check(z.trim(), z.minLength(1, common.enterAName), z.maxLength(120, words.useAtMost120Letters));

/** A form with only a name. */
export const templateNameForm = z.object({ name: templateName });
