import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { expect, type Page, test } from '@playwright/test';
import { freshJob, screenPath, SCREENS } from './helpers';

const AXE = readFileSync(createRequire(import.meta.url).resolve('axe-core/axe.min.js'), 'utf8');

interface Violation {
  readonly id: string;
  readonly help: string;
  readonly nodes: readonly { readonly target: readonly string[]; readonly failureSummary: string }[];
}

const ALL_RULES = ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'];

/** What axe finds on the page as it stands: by all of its rules but those of level AAA, or by some. */
const violations = async (page: Page, rules?: readonly string[]): Promise<string[]> => {
  const found = await page.evaluate(
    async (runOnly) => {
      const { axe } = window as unknown as {
        axe: { run: (context: Document, options: object) => Promise<{ violations: Violation[] }> };
      };
      return (await axe.run(document, { resultTypes: ['violations'], runOnly })).violations;
    },
    rules ? { type: 'rule', values: rules } : { type: 'tag', values: ALL_RULES },
  );
  return found.flatMap(({ id, help, nodes }) =>
    nodes.map(({ target, failureSummary }) => `${id}: ${help}: ${target.join(' ')}: ${failureSummary.slice(0, 200)}`),
  );
};

for (const screen of SCREENS)
  test(`axe finds nothing on ${screen}, wide and narrow, in every light`, async ({ page }) => {
    test.setTimeout(60_000);
    const id = await freshJob(page, 'quarry-bench');
    const found: string[] = [];
    for (const width of [1280, 390]) {
      await page.setViewportSize({ width, height: 844 });
      await page.goto(screenPath(screen, id));
      await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
      await page.evaluate(AXE);
      found.push(...(await violations(page)).map((each) => `${width}: ${each}`));
    }
    // The other lights change colors alone.
    for (const theme of ['crawlspace', 'sunlight']) {
      await page.evaluate((name) => document.documentElement.setAttribute('data-theme', name), theme);
      found.push(...(await violations(page, ['color-contrast'])).map((each) => `${theme}: ${each}`));
    }
    expect(found).toEqual([]);
  });
