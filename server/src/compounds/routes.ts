/** The library of compounds, drawings of structures, and a person's own list, in and out. */
import { Router } from 'express';
import { z } from 'zod';
import { LIST_FORMATS, type ListFormat } from '#core/exchange/formats';
import { type Listed, readList, writeList } from '#core/exchange/lists';
import { LIBRARY } from '#core/organic/library';
import { drawStructure } from '#core/organic/draw';
import { StructureError } from '#core/organic/structure';
import { type CompoundView, importSchema } from '#contract';
import { actor, must } from '../access/access';
import type { Db } from '../db/pool';
import { check, HttpProblem } from '../http/problem';
import { dropCompounds, keepCompounds, ownCompounds } from './store';
import { libraryView, ownView } from './view';

const TYPES: Readonly<Record<ListFormat, string>> = {
  smiles: 'chemical/x-daylight-smiles',
  sdf: 'chemical/x-mdl-sdfile',
  csv: 'text/csv; charset=utf-8',
};
const MOST_OWN = 500;

/** Says what is wrong with a structure or a list as a problem of the request. */
function told<T>(work: () => T): T {
  try {
    return work();
  } catch (error) {
    if (error instanceof StructureError) throw new HttpProblem('bad-input', error.message);
    throw error;
  }
}

const listed = ({ name, smiles, melts, boils }: (typeof LIBRARY)[number]): Listed => ({
  name,
  smiles,
  ...(melts && { melts: melts.celsius }),
  ...(boils && { boils: boils.celsius }),
});

export function compoundRoutes(db: Db): Router {
  const router = Router();
  router.get('/compounds', async (req, res) => {
    const person = actor(req);
    must(person, { do: 'read-library' });
    const own: CompoundView[] = (await ownCompounds(db, person.id)).map(ownView);
    res.json([...own, ...(await libraryView())]);
  });
  router.get('/compounds/drawing.svg', (req, res) => {
    must(actor(req), { do: 'read-library' });
    const smiles = z.string().min(1).max(500).safeParse(req.query['smiles']);
    if (!smiles.success) throw new HttpProblem('bad-input', 'smiles: name the structure to draw');
    const svg = told(() => drawStructure(smiles.data));
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
    res.type(TYPES[format.data]).send(writeList(list, format.data));
  });
  router.post('/compounds/list', async (req, res) => {
    const person = actor(req);
    must(person, { do: 'write-library' });
    const { format, text } = check(importSchema, req.body);
    const { compounds, refused } = told(() => readList(text, format));
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
