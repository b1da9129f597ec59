import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import ts from 'typescript';

/** The phrases of docs/words.md that are not said, each as a pattern of whole words. */
const NOT_SAID = readFileSync('docs/words.md', 'utf8')
  .split('\n')
  .filter((line) => line.startsWith('| ') && !line.startsWith('| Say'))
  .flatMap((line) => (line.split('|')[2] ?? '').split(';'))
  .map((phrase) => phrase.trim())
  .filter(Boolean);

const sources = (folder: string): string[] =>
  readdirSync(folder, { withFileTypes: true }).flatMap((entry) => {
    const path = join(folder, entry.name);
    if (entry.isDirectory()) return /migrations|repositories/.test(path) ? [] : sources(path);
    return /\.tsx?$/.test(entry.name) && !/\.test\.ts$/.test(entry.name) ? [path] : [];
  });

/** What a file may show: text between tags, and strings that hold more than one word. */
const phrases = (path: string): string[] => {
  const found: string[] = [];
  const visit = (node: ts.Node): void => {
    if (ts.isImportDeclaration(node)) return;
    const isClass = ts.isJsxAttribute(node) && node.name.getText() === 'className';
    if (isClass) return;
    if (ts.isJsxText(node)) found.push(node.text.trim());
    else if (
      ts.isStringLiteralLike(node) ||
      ts.isTemplateHead(node) ||
      ts.isTemplateMiddle(node) ||
      ts.isTemplateTail(node)
    )
      if (/\p{L}\s+\p{L}/u.test(node.text)) found.push(node.text.trim());
    ts.forEachChild(node, visit);
  };
  visit(ts.createSourceFile(path, readFileSync(path, 'utf8'), ts.ScriptTarget.Latest, true));
  return found.filter(Boolean);
};

test('nothing on the screen is said in a word that docs/words.md replaces', () => {
  const wrong = [...sources('src'), ...sources('bin')].flatMap((path) =>
    phrases(path).flatMap((phrase) =>
      NOT_SAID.filter((word) => new RegExp(`(?<![\\p{L}-])${word}(?![\\p{L}-])`, 'iu').test(phrase)).map(
        (word) => `${path}: “${word}” in “${phrase.slice(0, 90)}”`,
      ),
    ),
  );
  expect(NOT_SAID.length).toBeGreaterThan(30);
  expect(wrong).toEqual([]);
});
