import { doorsSchema } from '#contract';
import * as z from 'zod';

/** What the launcher tells the server process. */
export const serverSettingsSchema = z.object({
  databaseUrl: z.string(),
  address: z.string().optional(),
  port: z.number(),
  tls: z.object({ certificate: z.string(), key: z.string() }).optional(),
  proxy: z.string().optional(),
  doors: doorsSchema.optional(),
  metricsToken: z.string().optional(),
  web: z.string().optional(),
  logLevel: z.string().optional(),
  logForm: z.enum(['json', 'text']).optional(),
  hosts: z.array(z.string()).optional(),
  threads: z.number().optional(),
  hashCost: z.number().optional(),
  requestsPerMinute: z.number().optional(),
});
export type ServerSettings = z.infer<typeof serverSettingsSchema>;

/** What the server process tells the launcher once. */
export const serverReportSchema = z.union([
  z.object({ url: z.string() }),
  z.object({ failed: z.string(), code: z.string().optional() }),
]);
