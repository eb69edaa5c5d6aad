import * as z from 'zod';
import { settingsShape } from '../settings-fields';
import type { NewBlockSettings } from './start-block';

const { name, startDate, weeks, deload, crediting, landmarks, goals } = settingsShape(z);

/** Validates the received settings of a new block. */
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
