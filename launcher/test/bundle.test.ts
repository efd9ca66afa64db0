import { existsSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath, pathToFileURL } from 'node:url';
import type * as Bundle from '../../atlas/src/bundle';
import { bundleOf, versionOf } from '../../atlas/src/bundle';

test('version and bundle of a module follow every file that it reaches, and are made again only then', async () => {
  const folder = mkdtempSync(join(tmpdir(), 'foxing-bundle-'));
  let asked = 0;
  // Asked with another search, it is not remembered by this process.
  const entry = () => new URL(`?${asked++}`, pathToFileURL(join(folder, 'entry.ts')));
  const value = (n: number) => writeFileSync(join(folder, 'value.ts'), `export const value: number = ${n};\n`);
  try {
    writeFileSync(join(folder, 'entry.ts'), "import { value } from './value';\nexport const doubled = 2 * value;\n");
    value(1);
    const first = await versionOf(entry());
    expect(await versionOf(entry())).toBe(first);
    value(2);
    expect(await versionOf(entry())).not.toBe(first);
    const bundle = await bundleOf(entry());
    expect(await import(bundle)).toMatchObject({ doubled: 4 });
    rmSync(bundle);
    expect([await bundleOf(entry()), existsSync(bundle)]).toEqual([bundle, true]);
    value(1);
    expect(await versionOf(entry())).toBe(first);
    rmSync(bundle);
  } finally {
    rmSync(folder, { recursive: true });
  }
});

test('what was bundled itself bundles as before: every module finds the files beside it, wherever the project is moved', async () => {
  const folder = mkdtempSync(join(tmpdir(), 'foxing-bundle-'));
  try {
    const entry = pathToFileURL(join(folder, 'where.ts'));
    writeFileSync(join(folder, 'where.ts'), 'export const here: string = import.meta.url;\n');
    const ours = new URL('../../atlas/src/bundle.ts', import.meta.url);
    const bundled = (await import(await bundleOf(ours))) as typeof Bundle;
    expect(readFileSync(await bundleOf(ours), 'utf8')).not.toContain(fileURLToPath(new URL('../../', import.meta.url)));
    const bundle = await bundled.bundleOf(entry);
    expect(await import(bundle)).toMatchObject({ here: entry.href });
    rmSync(bundle);
  } finally {
    rmSync(folder, { recursive: true });
  }
});
