/** The library of compounds, drawings of structures, and a person's own list, in and out. */
import { Router } from 'express';
import { LRUCache } from 'lru-cache';
import PQueue from 'p-queue';
import * as z from 'zod';
import { LIST_FORMATS, type ListFormat } from '#core/exchange/formats';
import type { Listed } from '#core/exchange/lists';
import { LIBRARY } from '#core/organic/library';
import { importSchema } from '#contract';
import { actor, must } from '../access/access';
import type { Db } from '../db/pool';
import { check, HttpProblem } from '../http/problem';
import type { BenchTasks } from '../workers/bench';
import type { Crew } from '../workers/crew';
import type { ThoughtTasks } from '../workers/thought';
import { dropCompounds, keepCompounds, ownCompounds } from './store';

const TYPES: Readonly<Record<ListFormat, string>> = {
  smiles: 'chemical/x-daylight-smiles',
  sdf: 'chemical/x-mdl-sdfile',
  csv: 'text/csv; charset=utf-8',
};
const MOST_OWN = 500;

const DRAWING_SECONDS = 3;
const LIST_SECONDS = 30;
const TOO_LARGE = 'This takes too long to read; nothing was changed. Send smaller structures, or fewer at a time.';
const KEPT_DRAWINGS = 2000;

const listed = ({ name, smiles, melts, boils }: (typeof LIBRARY)[number]): Listed => ({
  name,
  smiles,
  ...(melts && { melts: melts.celsius }),
  ...(boils && { boils: boils.celsius }),
});

export function compoundRoutes(db: Db, bench: Crew<BenchTasks>, thought: Crew<ThoughtTasks>): Router {
  const router = Router();
  // One list after another: who sends many waits for them, and the thinking of others goes on beside it.
  const reading = new PQueue({ concurrency: 1 });
  const drawings = new LRUCache<string, Promise<string>>({ max: KEPT_DRAWINGS });
  router.get('/compounds', async (req, res) => {
    const person = actor(req);
    must(person, { do: 'read-library' });
    const own = await thought.run('ownCompounds', await ownCompounds(db, person.id), { seconds: LIST_SECONDS });
    res.json([...own, ...(await thought.run('library', null, { seconds: LIST_SECONDS }))]);
  });
  router.get('/compounds/drawing.svg', async (req, res) => {
    must(actor(req), { do: 'read-library' });
    const smiles = z.string().min(1).max(500).safeParse(req.query['smiles']);
    if (!smiles.success) throw new HttpProblem('bad-input', 'smiles: name the structure to draw');
    let drawing = drawings.get(smiles.data);
    if (!drawing) {
      drawings.set(
        smiles.data,
        (drawing = bench.run('drawStructure', smiles.data, { seconds: DRAWING_SECONDS, tooLong: TOO_LARGE })),
      );
      drawing.catch(() => drawings.delete(smiles.data));
    }
    const svg = await drawing;
    res.setHeader('cache-control', 'private, max-age=86400');
    res.type('image/svg+xml').send(svg);
  });
  router.get('/compounds/list', async (req, res) => {
    const person = actor(req);
    must(person, { do: 'read-library' });
    const format = z.enum(LIST_FORMATS).safeParse(req.query['format']);
    if (!format.success) throw new HttpProblem('bad-input', `format: one of ${LIST_FORMATS.join(', ')}`);
    const list = [...(await ownCompounds(db, person.id)), ...LIBRARY.map(listed)];
    res.setHeader(
      'content-disposition',
      `attachment; filename="foxing-compounds.${format.data === 'smiles' ? 'smi' : format.data}"`,
    );
    res.type(TYPES[format.data]).send(await thought.run('writeList', { list, format: format.data }, { seconds: LIST_SECONDS }));
  });
  router.post('/compounds/list', async (req, res) => {
    const person = actor(req);
    must(person, { do: 'write-library' });
    const { format, text } = check(importSchema, req.body);
    const { compounds, refused } = await reading.add(() =>
      thought.run('readList', { text, format }, { seconds: LIST_SECONDS, tooLong: TOO_LARGE }),
    );
    const before = await ownCompounds(db, person.id);
    if (before.length + compounds.length > MOST_OWN)
      throw new HttpProblem(
        'bad-input',
        `Your own list would have ${before.length + compounds.length} compounds; at most ${MOST_OWN} are kept. Take a shorter list, or empty yours first.`,
      );
    await keepCompounds(db, person.id, compounds);
    res.json({ taken: compounds.length, refused: refused.slice(0, 50) });
  });
  router.delete('/compounds/list', async (req, res) => {
    const person = actor(req);
    must(person, { do: 'write-library' });
    await dropCompounds(db, person.id);
    res.json({ taken: 0, refused: [] });
  });
  return router;
}
