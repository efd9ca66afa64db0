/** What a server may be asked, with the schema of each body. */
import type * as z from 'zod';
import {
  appendSchema,
  archivingSchema,
  branchRequestSchema,
  classChangeSchema,
  drawingOfSetSchema,
  importSchema,
  joinSchema,
  newCaseSchema,
  newClassSchema,
  newPersonSchema,
  newSetSchema,
  ownPassphraseSchema,
  printingSchema,
  reckonRequestSchema,
  reviewSchema,
  setChangeSchema,
  signInSchema,
  stockSchema,
} from '#contract';
import { houseRulesSchema } from '#core/scheme/rules';

export interface Route {
  readonly method: string;
  /** `:case`, `:set`, `:class` stand for the ids of what there is. */
  readonly path: string;
  readonly body?: z.ZodType;
  readonly weight?: number;
}

export const ROUTES: readonly Route[] = [
  { method: 'POST', path: 'cases', body: newCaseSchema },
  { method: 'POST', path: 'cases/:case/events', body: appendSchema, weight: 12 },
  { method: 'PUT', path: 'cases/:case/archived', body: archivingSchema },
  { method: 'POST', path: 'cases/:case/branch', body: branchRequestSchema },
  { method: 'POST', path: 'cases/:case/reckoning', body: reckonRequestSchema },
  { method: 'POST', path: 'cases/:case/review', body: reviewSchema },
  { method: 'POST', path: 'cases/:case/photos' },
  { method: 'POST', path: 'cases/import' },
  { method: 'POST', path: 'classes', body: newClassSchema },
  { method: 'PUT', path: 'classes/:class', body: classChangeSchema },
  { method: 'POST', path: 'classes/:class/sets', body: newSetSchema },
  { method: 'PUT', path: 'sets/:set', body: setChangeSchema },
  { method: 'POST', path: 'draws', body: drawingOfSetSchema },
  { method: 'POST', path: 'compounds/list', body: importSchema },
  { method: 'PUT', path: 'house-rules', body: houseRulesSchema },
  { method: 'PUT', path: 'stock', body: stockSchema },
  { method: 'POST', path: 'preparation/pdf', body: printingSchema },
  { method: 'POST', path: 'people', body: newPersonSchema },
  { method: 'POST', path: 'sign-in', body: signInSchema },
  { method: 'POST', path: 'join', body: joinSchema },
  { method: 'PUT', path: 'me/passphrase', body: ownPassphraseSchema },
  ...[
    'me',
    'jars',
    'cases',
    'cases/:case',
    'cases/:case/reasoning',
    'cases/:case/report',
    'cases/:case/marks',
    'cases/:case/debrief',
    'cases/:case/export/csv',
    'classes',
    'classes/:class',
    'sets/:set/benches',
    'sets/:set/results',
    'sets/:set/scheme',
    'house-rules',
    'stock',
    'people',
    'search',
    'compounds',
    'compounds/drawing.svg',
    'compounds/list',
    'handbook/tests/flame',
    'handbook/tests/constructor',
    'handbook/suspects/Na%2B',
    'nothing',
  ].map((path): Route => ({ method: 'GET', path })),
];
