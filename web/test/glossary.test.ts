/** The words of the interface, held to the glossary. */
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import ts from 'typescript';

const ROOT = fileURLToPath(new URL('../..', import.meta.url));
const SOURCES = join(ROOT, 'web/src');

/** Phrases of the *not* column. */
function unwanted(glossary: string): string[] {
  const rows = glossary.split('## Words that are not used')[1]!.trim().split('\n').slice(2);
  return rows.flatMap((row) =>
    row
      .split('|')[1]!
      .split(',')
      .map((phrase) => phrase.trim()),
  );
}

/** What a module may show: text between tags, and strings that are more than one word. */
function shownIn(source: ts.SourceFile): string[] {
  const shown: string[] = [];
  const visit = (node: ts.Node): void => {
    if (ts.isImportDeclaration(node)) return;
    if (ts.isJsxText(node)) shown.push(node.text);
    else if (ts.isStringLiteralLike(node) || ts.isTemplateHead(node) || ts.isTemplateMiddle(node) || ts.isTemplateTail(node)) {
      const label = ts.isJsxAttribute(node.parent) && !/class/i.test(node.parent.name.getText(source));
      if (label || /\s/.test(node.text)) shown.push(node.text);
    }
    ts.forEachChild(node, visit);
  };
  visit(source);
  return shown;
}

const offences = (phrases: readonly string[], file: string, text: string): string[] => {
  const source = ts.createSourceFile(file, text, ts.ScriptTarget.Latest, true, ts.ScriptKind.TSX);
  return shownIn(source).flatMap((shown) =>
    phrases
      .filter((phrase) => new RegExp(`(?<![\\w])${phrase.replaceAll(' ', '\\s+')}(?![\\w])`, 'i').test(shown))
      .map((phrase) => `${file}: “${phrase}” in “${shown.trim().replaceAll(/\s+/g, ' ')}”`),
  );
};

test('nothing that the interface says is a word that the glossary replaces', () => {
  const phrases = unwanted(readFileSync(join(ROOT, 'docs/glossary.md'), 'utf8'));
  expect(phrases.length).toBeGreaterThan(20);
  const files = readdirSync(SOURCES, { recursive: true, encoding: 'utf8' }).filter((f) => /\.tsx?$/.test(f));
  expect(files.flatMap((f) => offences(phrases, f, readFileSync(join(SOURCES, f), 'utf8')))).toEqual([]);
  // Each kind of string is read.
  for (const planted of [
    '<p>Not\n now</p>',
    '<Button label="Not now" />',
    'const say = `${n} left: not now`;',
    "toast('Well, not now');",
  ])
    expect(offences(phrases, 'planted.tsx', planted)).toHaveLength(1);
});
