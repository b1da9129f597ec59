import { chromium, expect, type Page, test } from '@playwright/test';
import { freshJob, screenPath, SCREENS } from './helpers';

const SIZES = [
  [320, 640],
  [360, 780],
  [390, 844],
  [640, 400],
  [1280, 800],
  [1440, 900],
] as const;
/** What the reader has set his browser's text to, px: as it comes, half again, twice. */
const TEXTS = [16, 24, 32] as const;

/** How far the page reaches beyond the device, and by what. */
const beyond = (page: Page, width: number) =>
  page.evaluate((device) => {
    const reach = document.documentElement.scrollWidth;
    if (reach <= device) return null;
    const clipped = (element: Element | null): boolean =>
      element !== null && (getComputedStyle(element).overflowX !== 'visible' || clipped(element.parentElement));
    const [worst] = [...document.querySelectorAll('body *')]
      .filter((element) => element.getBoundingClientRect().right > device + 1 && !clipped(element.parentElement))
      .slice(-1);
    return `${reach} px wide: ${worst?.outerHTML.slice(0, 120) ?? 'something out of sight'}`;
  }, width);

for (const text of TEXTS)
  test(`no screen is wider than the device, text at ${text} px`, async ({ page, baseURL }) => {
    test.setTimeout(240_000);
    const id = await freshJob(page, 'quarry-bench');
    const browser = await chromium.launch({
      executablePath: '/usr/bin/chromium',
      args: [
        '--no-sandbox',
        '--disable-gpu',
        '--disable-background-networking',
        `--blink-settings=defaultFontSize=${text}`,
      ],
    });
    const reader = await browser.newPage({ baseURL: baseURL! });
    const found: string[] = [];
    for (const screen of SCREENS) {
      await reader.goto(screenPath(screen, id));
      await expect(reader.getByRole('heading', { level: 1 })).toBeVisible();
      for (const [width, height] of SIZES) {
        await reader.setViewportSize({ width, height });
        await reader.waitForTimeout(60);
        const over = await beyond(reader, width);
        if (over) found.push(`${screen} at ${width} × ${height}: ${over}`);
      }
    }
    await browser.close();
    expect(found).toEqual([]);
  });

test('the page has the room: at least 620 of 800 px on a desk, 690 of 844 on a phone, the ruler folded', async ({
  page,
}) => {
  test.setTimeout(120_000);
  const id = await freshJob(page, 'quarry-bench');
  const short: string[] = [];
  for (const [width, height, least] of [
    [1280, 800, 620],
    [390, 844, 690],
  ] as const)
    for (const screen of SCREENS.filter((each) => !each.startsWith('/'))) {
      await page.setViewportSize({ width, height });
      await page.goto(screenPath(screen, id));
      const header = (await page.getByRole('banner').boundingBox())!;
      const dock = (await page.getByRole('region', { name: 'Gate ruler' }).boundingBox())!;
      const room = dock.y - (header.y + header.height);
      if (room < least) short.push(`${screen} at ${width} × ${height}: ${room}`);
    }
  expect(short).toEqual([]);
});

/** What is meant to be touched and is covered by something else where it stands. */
const covered = (page: Page) =>
  page.evaluate(() => {
    const isShown = (element: Element) =>
      (element as HTMLElement).checkVisibility({ opacityProperty: true, visibilityProperty: true });
    const found: string[] = [];
    const all = document.querySelectorAll('button, a[href], input, select, textarea, summary, [role="slider"]');
    for (const element of all) {
      // Kept for readers of the screen alone, or taken out of the hands' way.
      if (!isShown(element) || element.closest('.sr-only, [aria-hidden="true"], [inert]')) continue;
      const target = element instanceof HTMLInputElement ? (element.closest('label') ?? element) : element;
      target.scrollIntoView({ block: 'center', inline: 'center' });
      const box = target.getBoundingClientRect();
      if (box.width < 2 || box.height < 2) continue;
      const [x, y] = [box.left + box.width / 2, box.top + box.height / 2];
      if (x < 0 || y < 0 || x > innerWidth || y > innerHeight) {
        found.push(`out of reach: ${element.outerHTML.slice(0, 110)}`);
        continue;
      }
      // A long handle may be cut to its upper end.
      const isHit = [y, box.top + Math.min(16, box.height / 2)].some((at) => {
        const hit = document.elementFromPoint(x, at);
        return hit !== null && (target.contains(hit) || hit.contains(target) || hit.closest('label') === target);
      });
      if (!isHit) found.push(`covered: ${element.outerHTML.slice(0, 110)}`);
    }
    return found;
  });

test('nothing to touch lies under something else or out of reach', async ({ page }) => {
  test.setTimeout(180_000);
  const id = await freshJob(page, 'quarry-bench');
  const found: string[] = [];
  for (const [width, height] of [
    [320, 640],
    [390, 844],
    [1280, 800],
  ] as const) {
    await page.setViewportSize({ width, height });
    for (const screen of SCREENS) {
      await page.goto(screenPath(screen, id));
      await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
      for (const each of await covered(page)) found.push(`${screen} at ${width}: ${each}`);
    }
  }
  expect(found).toEqual([]);
});
