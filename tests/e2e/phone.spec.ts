import { expect, test } from '@playwright/test';
import { freshJob, screenPath } from './helpers';
import { SAMPLED_SCREENS } from './sampled';

for (const where of SAMPLED_SCREENS) {
  test(`${where} fits a phone, and every touch target is large enough`, async ({ page }) => {
    const id = await freshJob(page, 'quarry-bench');
    await page.goto(screenPath(where, id));
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
    const overflow = await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
    expect(overflow).toBeLessThanOrEqual(0);
    const small = await page.evaluate(() =>
      [
        ...document.querySelectorAll(
          'main button, main select, main input:not([type=file]):not([type=radio]), header button, nav a',
        ),
      ]
        .filter((element) => {
          const box = element.getBoundingClientRect();
          return box.width > 0 && (box.height < 40 || box.width < 40);
        })
        .map((element) => element.outerHTML.slice(0, 90)),
    );
    expect(small).toEqual([]);
  });
}

test('the ruler is one line on a phone, and opens', async ({ page }) => {
  const id = await freshJob(page, 'juniper-flume');
  await page.goto(`/jobs/${id}/survey?out=33`);
  const needle = page.getByRole('slider', { name: 'Outdoor temperature, °F' });
  await expect(needle).toBeHidden();
  await expect(page.getByText(/Gap: /)).toBeVisible();
  await page.getByRole('button', { name: 'Open the ruler' }).click();
  await expect(needle).toBeVisible();
});
