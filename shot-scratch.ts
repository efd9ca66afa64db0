import { chromium } from '@playwright/test';
const [,, path, out, w='1280', h='800', theme='light', full=''] = process.argv;
const b = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox', '--disable-gpu'] });
const c = await b.newContext({ baseURL: 'http://127.0.0.1:4199', viewport: { width: +w, height: +h }, reducedMotion: 'reduce' });
await c.addInitScript((t) => localStorage.setItem('foxing-theme', t), theme);
const p = await c.newPage(); await p.goto(path!); await p.waitForTimeout(4000);
await p.screenshot({ path: out!, fullPage: !!full }); await b.close();
