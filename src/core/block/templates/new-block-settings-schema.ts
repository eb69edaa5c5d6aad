import * as z from 'zod';
import { settingsShape } from '../settings-fields';
import type { NewBlockSettings } from './start-block';

const { name, startDate, weeks, deload, crediting, landmarks, goals } = settingsShape(z);

/** Checks the shape of what was settled for a new block and came over the wire. */
export const newBlockSettingsSchema = z.strictObject({
  name,
  startDate,
  weeks,
  deload,
  crediting,
  landmarks,
  goals,
  returning: z.boolean().default(false),
}) as unknown as z.ZodType<NewBlockSettings>;
