import { readdirSync, readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { expect, type Page, test } from '@playwright/test';
import { JOB_SCREENS } from '@/ui/shell/screens';
import { freshJob, openRuler, screenPath, SCREENS } from './helpers';
import { SAMPLED_SCREENS } from './sampled';

const AXE = readFileSync(createRequire(import.meta.url).resolve('axe-core/axe.min.js'), 'utf8');

interface Violation {
  readonly id: string;
  readonly help: string;
  readonly nodes: readonly { readonly target: readonly string[]; readonly failureSummary: string }[];
}

const ALL_RULES = ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'];

/** What axe finds on the page: by all rules except level AAA, or by some. */
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

for (const screen of SAMPLED_SCREENS)
  test(`axe finds nothing on ${screen}, wide and narrow, in every light`, async ({ page }) => {
    test.setTimeout(120_000);
    const id = await freshJob(page, 'quarry-bench');
    const found: string[] = [];
    await page.goto(screenPath(screen, id));
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
    await page.evaluate(AXE);
    for (const width of [1280, 390]) {
      // As tall as the page, so that the ruler at its bottom covers nothing that can be scrolled from under it.
      await page.setViewportSize({ width, height: 844 });
      const height = await page.evaluate(() => document.documentElement.scrollHeight);
      await page.setViewportSize({ width, height: Math.max(844, height) });
      found.push(...(await violations(page)).map((each) => `${width}: ${each}`));
    }
    // The other themes only change colors.
    for (const theme of ['crawlspace', 'sunlight']) {
      await page.evaluate((name) => document.documentElement.setAttribute('data-theme', name), theme);
      found.push(...(await violations(page, ['color-contrast'])).map((each) => `${theme}: ${each}`));
    }
    expect(found).toEqual([]);
  });

/** Pages of the application, from its routes. */
const routes = (folder = 'src/app', path = ''): string[] =>
  readdirSync(folder, { withFileTypes: true }).flatMap((entry) =>
    entry.isDirectory()
      ? routes(`${folder}/${entry.name}`, `${path}/${entry.name}`)
      : entry.name === 'page.tsx'
        ? [path]
        : [],
  );

test('the list of screens has every page', () => {
  // A job's bare address redirects to its Survey, and sign-in pages redirect a signed-in person.
  const leadOn = ['/jobs/[jobId]', '/jobs/[jobId]/[...page]', '/sign-in', '/first-start'];
  const pages = [
    ...routes().filter((path) => !leadOn.includes(path)),
    // Screens of a job have their own list; cards differ only by controller.
    ...JOB_SCREENS.filter(({ path }) => !/^setup\/card\/(?!indoor)/.test(path)).map(({ path }) => `/jobs/x/${path}`),
  ];
  const has = (path: string) => {
    const pattern = new RegExp(`^${path.replace(/\[\w+\]/g, '[^/]+') || '/'}$`);
    return SCREENS.some((screen) => pattern.test(screen.startsWith('/') ? screen : `/jobs/x/${screen}`));
  };
  expect(pages.filter((path) => !has(path))).toEqual([]);
});

/** A key pressed with focus on an element, to which focus must return. */
const fromKeyboard = async (page: Page, key: string) => {
  await page.getByRole('link', { name: 'All jobs' }).focus();
  await page.keyboard.press(key);
};

/** How each dialog and menu is opened, and on which screen. */
const OPENED: Readonly<Record<string, { readonly on: string; readonly open: (page: Page) => Promise<void> }>> = {
  'new job': { on: '/', open: (page) => page.getByRole('button', { name: 'New job' }).click() },
  'more for a job': {
    on: '/',
    open: (page) =>
      page
        .getByRole('button', { name: /^More for/ })
        .first()
        .click(),
  },
  keys: { on: 'survey', open: (page) => fromKeyboard(page, '?') },
  commands: { on: 'survey', open: (page) => fromKeyboard(page, '/') },
  why: { on: 'survey', open: (page) => page.getByRole('button', { name: 'why' }).first().click() },
  'not measured': {
    on: 'startup?step=heat',
    open: async (page) => {
      await page
        .getByRole('button', { name: /^More for/ })
        .first()
        .click();
      await page.getByRole('menuitem', { name: /Not measured/ }).click();
    },
  },
  'change a way': {
    on: 'balance/year',
    open: (page) =>
      page
        .getByRole('button', { name: /^Change / })
        .first()
        .click(),
  },
  'hand over with something open': {
    on: 'handover',
    open: (page) => page.getByRole('button', { name: 'Hand over job' }).click(),
  },
};

test('axe finds nothing in dialogs and menus; the focus goes in and comes back', async ({ page }) => {
  test.setTimeout(120_000);
  const id = await freshJob(page, 'quarry-bench');
  const found: string[] = [];
  for (const [name, { on, open }] of Object.entries(OPENED)) {
    await page.goto(screenPath(on, id));
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
    await open(page);
    const over = page.locator('[role="dialog"], [role="alertdialog"], [role="menu"]').last();
    await expect(over).toBeVisible();
    await expect.poll(() => over.evaluate((each) => each.contains(document.activeElement))).toBe(true);
    await page.evaluate(AXE);
    found.push(...(await violations(page)).map((each) => `${name}: ${each}`));
    await page.keyboard.press('Escape');
    await expect(over, `${name} closes`).toHaveCount(0);
    await expect
      .poll(() => page.evaluate(() => document.activeElement?.tagName), { message: `focus after ${name}` })
      .not.toBe('BODY');
  }
  expect(found).toEqual([]);
});

test('with forced colors, lanes, needle and selection can still be told apart', async ({ page }) => {
  await page.emulateMedia({ forcedColors: 'active' });
  const id = await freshJob(page, 'quarry-bench');
  await page.goto(`/jobs/${id}/balance?out=19&in=68&call=heat-1`);
  await openRuler(page);
  const ruler = page.getByRole('region', { name: 'Outdoor ruler' });
  const colours = await ruler.evaluate((each) => {
    const grounds = [...each.querySelectorAll<HTMLElement>('.hatched > span')].map((span) => getComputedStyle(span));
    return [...new Set(grounds.map(({ backgroundColor }) => backgroundColor))];
  });
  expect(colours.length).toBeGreaterThan(1);
  const chosen = ruler.locator('input[type=radio]:checked');
  await expect(chosen).toHaveCSS('outline-style', 'solid');
});
