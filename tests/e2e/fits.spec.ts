import { chromium, expect, type Page, test } from '@playwright/test';
import { freshJob, screenPath, SCREENS } from './helpers';
import { SAMPLED_SCREENS } from './sampled';
import { SIGNED_IN } from './signed-in';

const SIZES = [
  [320, 640],
  [360, 780],
  [390, 844],
  [640, 400],
  [1280, 800],
  [1440, 900],
] as const;
/** Browser text sizes, px: default, one and a half times, double. */
const TEXTS = [16, 24, 32] as const;
/** Sizes at which every control must be reachable. */
const TOUCHED = [
  [320, 640],
  [390, 844],
  [1280, 800],
] as const;
/** Minimum space between header and ruler, px, by device width. */
const ROOM: Readonly<Record<number, number>> = { 1280: 620, 390: 690 };

/** How far the page overflows the device, and by which element. */
const beyond = (page: Page, width: number) =>
  page.evaluate((device) => {
    const reach = document.documentElement.scrollWidth;
    if (reach <= device) return null;
    const clipped = (element: Element | null): boolean =>
      element !== null && (getComputedStyle(element).overflowX !== 'visible' || clipped(element.parentElement));
    const wide = [...document.querySelectorAll('body *')].filter(
      (element) => element.getBoundingClientRect().right + scrollX > device + 1,
    );
    const worst = wide.filter((element) => !clipped(element.parentElement)).at(-1) ?? wide.at(-1);
    return `${reach} px wide: ${worst?.outerHTML.slice(0, 160) ?? 'something out of sight'}`;
  }, width);

/** Controls covered by something else. */
const covered = (page: Page) =>
  page.evaluate(() => {
    const isShown = (element: Element) =>
      (element as HTMLElement).checkVisibility({ opacityProperty: true, visibilityProperty: true });
    const found: string[] = [];
    const all = document.querySelectorAll('button, a[href], input, select, textarea, summary, [role="slider"]');
    for (const element of all) {
      // Visible only to screen readers, or out of tab order.
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

/** Space between header and ruler, px; null if the screen has no ruler. */
const roomOf = async (page: Page): Promise<number | null> => {
  const dock = page.getByRole('region', { name: 'Outdoor ruler' });
  if ((await dock.count()) === 0) return null;
  const header = (await page.getByRole('banner').boundingBox())!;
  return (await dock.boundingBox())!.y - (header.y + header.height);
};

for (const text of TEXTS)
  test(`no screen is wider than the device, text at ${text} px${text === 16 ? '; none cramped or out of reach' : ''}`, async ({
    page,
    baseURL,
  }) => {
    test.setTimeout(240_000);
    // The largest text on a job with a record and readings: the most text there is.
    const id = await freshJob(page, text === 32 ? 'cinder-creek' : 'quarry-bench');
    const browser = await chromium.launch({
      executablePath: '/usr/bin/chromium',
      args: [
        '--no-sandbox',
        '--disable-gpu',
        '--disable-background-networking',
        `--blink-settings=defaultFontSize=${text}`,
      ],
    });
    const reader = await browser.newPage({ baseURL: baseURL!, storageState: SIGNED_IN });
    const found: string[] = [];
    // Larger text is tested on the smallest screen and on a desk.
    const sizes = text === 16 ? SIZES : [SIZES[0], SIZES[4]];
    // The usual size is tried on every screen.
    for (const screen of text === 16 ? SCREENS : SAMPLED_SCREENS) {
      await reader.goto(screenPath(screen, id));
      await expect(reader.getByRole('heading', { level: 1 })).toBeVisible();
      for (const [width, height] of sizes) {
        await reader.setViewportSize({ width, height });
        await reader.waitForTimeout(60);
        const over = await beyond(reader, width);
        if (over) found.push(`${screen} at ${width} × ${height}: ${over}`);
      }
      if (text !== 16) continue;
      for (const [width, height] of TOUCHED) {
        await reader.setViewportSize({ width, height });
        await reader.waitForTimeout(60);
        const [room, least] = [await roomOf(reader), ROOM[width]];
        if (room !== null && least !== undefined && room < least)
          found.push(`${screen} at ${width} × ${height}: ${room} px of room`);
        for (const each of await covered(reader)) found.push(`${screen} at ${width}: ${each}`);
      }
    }
    await browser.close();
    expect(found).toEqual([]);
  });

test('nor is any before hydration, text at 32 px', async ({ page, baseURL }) => {
  test.setTimeout(120_000);
  const id = await freshJob(page, 'cinder-creek');
  const browser = await chromium.launch({
    executablePath: '/usr/bin/chromium',
    args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking', '--blink-settings=defaultFontSize=32'],
  });
  const context = await browser.newContext({
    baseURL: baseURL!,
    storageState: SIGNED_IN,
    javaScriptEnabled: false,
    viewport: { width: 320, height: 640 },
  });
  const reader = await context.newPage();
  const found: string[] = [];
  for (const screen of SCREENS) {
    await reader.goto(screenPath(screen, id));
    const over = await beyond(reader, 320);
    if (over) found.push(`${screen}: ${over}`);
  }
  await browser.close();
  expect(found).toEqual([]);
});
