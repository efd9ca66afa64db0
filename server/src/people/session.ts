/** How a browser is known: by its session, and as one from which somebody signed in before. */
import type { Request, Response } from 'express';
import type { Person } from '#contract';
import { SESSION_COOKIE, sessionIn } from '../access/access';
import type { Db } from '../db/pool';
import * as attempts from './attempts';
import * as store from './store';

const COOKIE_DAYS = 14;
const DAY_MS = 24 * 3600 * 1000;
/** What a browser holds from which somebody signed in before; it opens nothing. */
const DEVICE_COOKIE = 'foxing_device';
const DEVICE = new RegExp(`(?:^|;\\s*)${DEVICE_COOKIE}=([A-Za-z0-9_-]{43})(?:;|$)`);
const DEVICE_DAYS = 400;

export const deviceIn = (req: Request): string | null => DEVICE.exec(req.get('cookie') ?? '')?.[1] ?? null;

const cookie = (req: Request, days: number) =>
  ({ httpOnly: true, sameSite: 'strict', secure: req.secure, path: '/', maxAge: days * DAY_MS }) as const;

/** Every sign-in begins a session of its own: one that was there before, whosever it was, is ended. */
export async function replaceSession(db: Db, req: Request, res: Response, person: Person): Promise<void> {
  const before = sessionIn(req);
  if (before) await store.closeSession(db, before);
  const token = await store.openSession(db, person.id);
  res.cookie(SESSION_COOKIE, token, cookie(req, COOKIE_DAYS));
}

/** The browser is known from now on as one from which this person signs in. */
export async function beginSession(db: Db, req: Request, res: Response, person: Person): Promise<void> {
  res.cookie(DEVICE_COOKIE, await attempts.rememberDevice(db, person.id, deviceIn(req)), cookie(req, DEVICE_DAYS));
  await replaceSession(db, req, res, person);
}
