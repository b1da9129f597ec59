import { expect, test } from '@playwright/test';
import { freshJob, screenPath, SCREENS } from './helpers';

for (const screen of SCREENS)
  test(`words of ${screen} stand out from their ground, by day and in the crawlspace`, async ({
    page,
    context,
    baseURL,
  }) => {
    const id = await freshJob(page, 'quarry-bench');
    for (const theme of ['paper', 'crawlspace']) {
      await context.addCookies([{ name: 'gate-cross-theme', value: theme, url: baseURL! }]);
      await page.goto(screenPath(screen, id));
      await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
      const worst = await page.evaluate(() => {
        const canvas = document.createElement('canvas').getContext('2d')!;
        const rgb = (colour: string) => {
          canvas.clearRect(0, 0, 1, 1);
          canvas.fillStyle = colour;
          canvas.fillRect(0, 0, 1, 1);
          return [...canvas.getImageData(0, 0, 1, 1).data];
        };
        const light = ([r, g, b]: number[]) => {
          const [x, y, z] = [r!, g!, b!].map((each) =>
            each / 255 <= 0.03928 ? each / 255 / 12.92 : ((each / 255 + 0.055) / 1.055) ** 2.4,
          );
          return 0.2126 * x! + 0.7152 * y! + 0.0722 * z!;
        };
        const ground = (element: Element | null): number[] => {
          if (!element) return [255, 255, 255, 255];
          const colour = rgb(getComputedStyle(element).backgroundColor);
          return colour[3] === 255 ? colour : ground(element.parentElement);
        };
        return [
          ...document.querySelectorAll(
            'main p, main span, main button, main h2, main h4, header a, header h1, header span',
          ),
        ]
          .filter(
            (element) =>
              [...element.childNodes].some((node) => node.nodeType === 3 && /[\p{L}\p{N}]/u.test(node.textContent!)) &&
              element.getClientRects().length > 0 &&
              !element.closest('.sr-only, [disabled]'),
          )
          .map((element) => {
            const [one, other] = [light(rgb(getComputedStyle(element).color)), light(ground(element))].sort(
              (a, b) => b - a,
            );
            return { ratio: (one! + 0.05) / (other! + 0.05), text: element.textContent!.trim().slice(0, 40) };
          })
          .filter(({ ratio }) => ratio < 4.5);
      });
      expect({ theme, worst }).toEqual({ theme, worst: [] });
    }
  });
