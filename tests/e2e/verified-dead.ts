import { expect, type Page } from '@playwright/test';
import { alive, expectSaved } from './helpers';

/** Marks every supply of a job open, locked out, tested and verified dead in Startup. */
export const verifyDead = async (page: Page, id: string) => {
  await page.goto(`/jobs/${id}/startup?step=make-safe`);
  await alive(page);
  const last = page.getByRole('button', { name: /^Verified dead/ });
  await expect(last.first()).toBeVisible();
  for (const each of await last.all()) {
    await each.click();
    await expect(each).toHaveAttribute('aria-pressed', 'true');
  }
};

/** The same on a phone, where each supply has its own screen. */
export const verifyDeadOnPhone = async (page: Page, id: string, supplies: number) => {
  for (let at = 1; at <= supplies; at++) {
    await page.goto(`/jobs/${id}/startup?step=make-safe&at=${at}`);
    await alive(page);
    const last = page.getByRole('button', { name: /^Verified dead/ });
    await last.click();
    await expect(last).toHaveAttribute('aria-pressed', 'true');
  }
  await expectSaved(page);
};
