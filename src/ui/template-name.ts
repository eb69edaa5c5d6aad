import * as z from 'zod/mini';

/** What a template of the coach's own may be called. */
export const templateName = z
  .string()
  .check(z.trim(), z.minLength(1, 'A name is needed.'), z.maxLength(120, '120 letters at most.'));

/** A form that asks for the name alone. */
export const templateNameForm = z.object({ name: templateName });
