import { DEMANDS } from './demands';
import { PARTS_AND_SKILLS } from './shipped/parts-and-skills';
import { THIRDS } from './shipped/thirds';
import { WHOLE_AND_HALVES } from './shipped/whole-and-halves';
import type { Template } from './template';

/** The splits that come with the product, simplest first. */
export const TEMPLATES: readonly Template[] = [...WHOLE_AND_HALVES, ...THIRDS, ...PARTS_AND_SKILLS].map(
  (template) => ({
    ...template,
    ...DEMANDS[template.shape],
  }),
);
