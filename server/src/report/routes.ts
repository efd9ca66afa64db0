/** The report on a case: as a document, and as a PDF. */
import { type Request, Router } from 'express';
import * as z from 'zod';
import { reportOn } from '#core/report/report';
import { actor } from '../access/access';
import type { Cases } from '../cases/cases';
import type { Db } from '../db/pool';
import { fileName } from '../exchange/give';
import type { Equations } from '../handbook/equations';
import { caseId } from '../http/ids';
import { check } from '../http/problem';
import { photo } from '../photos/store';
import type { Crew } from '../workers/crew';
import type { ThoughtTasks } from '../workers/thought';

const PDF_SECONDS = 30;
const lengthSchema = z.enum(['short', 'full']).default('full');

export function reportRoutes(db: Db, cases: Cases, thought: Crew<ThoughtTasks>, equations: Equations): Router {
  const router = Router();
  const reported = async (req: Request<{ id: string }>) => {
    const { id, state, createdAt } = await cases.read(actor(req), caseId(req.params.id));
    return { id, report: reportOn(state, createdAt.toISOString(), await equations.ofReport(state)) };
  };
  router.get('/cases/:id/report', async (req: Request<{ id: string }>, res) => {
    res.json((await reported(req)).report);
  });
  router.get('/cases/:id/report.pdf', async (req: Request<{ id: string }>, res) => {
    const length = check(lengthSchema, req.query['length']);
    const { id, report } = await reported(req);
    const hashes = length === 'full' ? report.rows.flatMap((r) => r.photos.map((p) => p.photo)) : [];
    const found = await Promise.all(hashes.map(async (hash) => [hash, await photo(db, id, hash, 'whole')] as const));
    const photos = new Map(found.flatMap(([hash, bytes]) => (bytes ? [[hash, bytes] as const] : [])));
    const pdf = await thought.run('pdf', { report, length, photos }, { seconds: PDF_SECONDS });
    res.setHeader('content-type', 'application/pdf');
    res.setHeader('content-disposition', `inline; filename="${fileName(report.name)}.pdf"`);
    res.send(Buffer.from(pdf));
  });
  return router;
}
