import { expect, type Page, test } from '@playwright/test';
import { freshJob, screenPath, SCREENS } from './helpers';

const SIZES = [
  [320, 640],
  [360, 780],
  [390, 844],
  [640, 400],
  [1280, 800],
  [1440, 900],
] as const;
/** What the reader has set his browser's text to, px: half again, twice, and as it comes. */
const TEXTS = [24, 32, 16] as const;
/** Sizes at which everything is tried for being in reach. */
const TOUCHED: readonly number[] = [320, 390, 1280];
/** The least that is left between header and ruler, px, by the width of the device. */
const ROOM: Readonly<Record<number, number>> = { 1280: 620, 390: 690 };

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

/** Room between header and ruler, px; null where the screen has no ruler. */
const roomOf = async (page: Page): Promise<number | null> => {
  const dock = page.getByRole('region', { name: 'Gate ruler' });
  if ((await dock.count()) === 0) return null;
  const header = (await page.getByRole('banner').boundingBox())!;
  return (await dock.boundingBox())!.y - (header.y + header.height);
};

// Each screen is loaded once for each text, and looked at in every size; two runs share them.
for (const part of [0, 1])
  test(`no screen is wider than the device, short of room, or out of reach: part ${part + 1}`, async ({ page }) => {
    test.setTimeout(240_000);
    const id = await freshJob(page, 'quarry-bench');
    const browser = await page.context().newCDPSession(page);
    const found: string[] = [];
    for (const screen of SCREENS.filter((_, at) => at % 2 === part)) {
      for (const text of TEXTS) {
        // The browser's own setting, as it is when a page is opened: where it folds goes along.
        await browser.send('Page.setFontSizes', { fontSizes: { standard: text } });
        await page.goto(screenPath(screen, id));
        await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
        await expect(page.locator('html')).toHaveCSS('font-size', `${text}px`);
        for (const [width, height] of SIZES) {
          const at = `${screen} at ${width} × ${height}, text ${text}`;
          await page.setViewportSize({ width, height });
          await page.waitForTimeout(60);
          // A page that is still on its way to another size is looked at again once it has settled.
          let over = await beyond(page, width);
          for (let again = 0; over && again < 5; again++) {
            await page.waitForTimeout(150);
            over = await beyond(page, width);
          }
          if (over) found.push(`${at}: ${over}`);
          if (text !== 16) continue;
          const [room, least] = [await roomOf(page), ROOM[width]];
          if (room !== null && least !== undefined && room < least) found.push(`${at}: ${room} px of room`);
          if (TOUCHED.includes(width)) for (const each of await covered(page)) found.push(`${at}: ${each}`);
        }
      }
    }
    expect(found).toEqual([]);
  });
