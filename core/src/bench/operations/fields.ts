/** Fields that operations share. Their descriptions are what the help and the documentation of formats say. */
import * as z from 'zod';

export const vessel = z
  .string()
  .min(1)
  .max(24)
  .regex(/^[\w .'-]+$/, 'a vessel is named with letters, digits, spaces or dashes')
  .refine((id) => !(id in {}), 'a vessel needs another name: this one means something to the program')
  .describe('name of a vessel');
export const mL = z.number().positive().max(1000).describe('volume, mL');
export const grams = z.number().positive().max(100).describe('mass, g');
export const minutes = z.number().nonnegative().max(100000).describe('time, minutes');
export const reagent = z.string().min(1).max(60).describe('id of a reagent');
