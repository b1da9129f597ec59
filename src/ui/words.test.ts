import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import ts from 'typescript';

const WORDS = readFileSync('docs/words.md', 'utf8').split('\n');
const heading = (title: string) => WORDS.indexOf(`## ${title}`);

/** Rows of a table in docs/words.md, without its header. */
const rows = (from: number, to: number): string[] =>
  WORDS.slice(from, to).filter((line) => line.startsWith('| ') && !/^\| (Say|Rule) /.test(line));

/** Phrases not to use, each as a whole-word pattern. */
const NOT_SAID = rows(heading('One thing, one word'), heading('Patterns'))
  .flatMap((line) => (line.split('|')[2] ?? '').split(';'))
  .map((phrase) => phrase.trim())
  .filter(Boolean)
  .map((phrase) => ({
    name: phrase,
    pattern: new RegExp(`(?<![\\p{L}-])${phrase.replace(/[.$]/g, '\\$&')}(?![\\p{L}-])`, 'iu'),
  }));

/** Patterns, by rule. */
const PATTERNS = rows(heading('Patterns'), WORDS.length).map((line) => ({
  name: line.split('|')[1]!.trim(),
  pattern: new RegExp(/`(.+)`/.exec(line)![1]!.replaceAll('\\|', '|'), 'u'),
}));

const files = (folder: string, kind: RegExp): string[] =>
  readdirSync(folder, { withFileTypes: true }).flatMap((entry) => {
    const path = join(folder, entry.name);
    if (entry.isDirectory()) return /migrations|repositories/.test(path) ? [] : files(path, kind);
    return kind.test(entry.name) && !/\.test\.ts$/.test(entry.name) ? [path] : [];
  });

/** Text that a file may display: text between tags, and strings of more than one word. */
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

/** Comments of a source file, without lint directives. */
const comments = (path: string): string[] => {
  const text = readFileSync(path, 'utf8');
  const found = new Map<number, string>();
  const add = (ranges: readonly ts.CommentRange[] | undefined) =>
    ranges?.forEach(({ pos, end }) =>
      found.set(
        pos,
        text
          .slice(pos, end)
          .replace(/[/*\s]+/g, ' ')
          .trim(),
      ),
    );
  const source = ts.createSourceFile(path, text, ts.ScriptTarget.Latest, true);
  const visit = (node: ts.Node): void => {
    add(ts.getLeadingCommentRanges(text, node.getFullStart()));
    add(ts.getTrailingCommentRanges(text, node.getEnd()));
    ts.forEachChild(node, visit);
  };
  visit(source);
  add(ts.getLeadingCommentRanges(text, source.endOfFileToken.getFullStart()));
  return [...found.values()]
    .map((each) => each.replace(/`[^`]*`|\{@link [^}]*\}/g, ' '))
    .filter((each) => !/^(eslint|@ts)/.test(each));
};

/** Prose of a Markdown file by paragraph, without code and addresses. */
const paragraphs = (path: string): string[] =>
  readFileSync(path, 'utf8')
    .replace(/```[\s\S]*?```|`[^`]*`|\]\([^)]*\)/g, ' ')
    .split('\n')
    .filter(Boolean);

const broken = (path: string, texts: readonly string[]) =>
  texts.flatMap((text) =>
    [...NOT_SAID, ...PATTERNS]
      .filter(({ pattern }) => pattern.test(text))
      .map(
        ({ name, pattern }) =>
          `${path}: “${name}” in “${pattern.exec(text)![0].slice(0, 60)}” of “${text.slice(0, 90)}”`,
      ),
  );

test('every rule is read from docs/words.md', () => {
  expect(NOT_SAID.length).toBeGreaterThan(100);
  expect(PATTERNS.length).toBeGreaterThan(5);
});

test('no text on screen uses a word that docs/words.md replaces', () =>
  expect([...files('src', /\.tsx?$/), ...files('bin', /\.ts$/)].flatMap((path) => broken(path, phrases(path)))).toEqual(
    [],
  ));

test('nor does the guide, the documents or the decisions', () =>
  expect(
    [...files('docs', /\.md$/), 'README.md', 'CONTRIBUTING.md']
      .filter((path) => path !== 'docs/words.md')
      .flatMap((path) => broken(path, paragraphs(path))),
  ).toEqual([]));

test('nor does a comment', () =>
  expect(
    [...files('src', /\.tsx?$/), ...files('bin', /\.ts$/)].flatMap((path) => broken(path, comments(path))),
  ).toEqual([]));
