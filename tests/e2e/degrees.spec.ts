import { expect, type Page, test } from '@playwright/test';
import { alive, enter, expectSaved, freshJob, openRuler, screenPath, SCREENS, stored } from './helpers';

/** Text in °F on a page displayed in °C: words, names and titles. */
const leftInF = (page: Page) =>
  page.evaluate(() => {
    for (const each of document.querySelectorAll('main details')) (each as HTMLDetailsElement).open = true;
    const found: string[] = [];
    const texts = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
    while (texts.nextNode()) {
      const { parentElement: around, textContent } = texts.currentNode;
      if (!around!.closest('script, style') && /\d\s?°F/.test(textContent!)) found.push(around!.textContent!);
    }
    for (const each of document.querySelectorAll('[aria-label], [title], [aria-valuetext]'))
      for (const name of ['aria-label', 'title', 'aria-valuetext'])
        if (/\d\s?°F/.test(each.getAttribute(name) ?? '')) found.push(`${name}: ${each.getAttribute(name)}`);
    return found;
  });

const inC = (page: Page) =>
  page.context().addCookies([{ name: 'gate-cross-degrees', value: 'C', url: test.info().project.use.baseURL! }]);

test('every screen shows °C once it is chosen', async ({ page }) => {
  test.setTimeout(120_000);
  await inC(page);
  const id = await freshJob(page);
  for (const screen of [...SCREENS.filter((each) => !each.startsWith('/library/')), 'startup?step=emergency']) {
    await page.goto(screenPath(screen, id));
    await expect(page.getByRole('heading').first()).toBeVisible();
    expect([screen, await leftInF(page)]).toEqual([screen, []]);
  }
});

test('what is typed in °C is stored in °F; displaying a value does not change it', async ({ page }) => {
  const id = await freshJob(page);
  await page.goto(`/jobs/${id}/survey`);
  await alive(page);
  const before = (await stored(page, id)).document.facts.house;
  await page.getByRole('button', { name: /Temperature scale: °F/ }).click();
  const setpoint = page.getByLabel('Heating setpoint').first();
  const shown = await setpoint.inputValue();
  expect(Number(shown)).toBeCloseTo((before.heatSetpointF - 32) / 1.8, 1);
  // Retyping the same value confirms it without changing it.
  await setpoint.fill(shown);
  await setpoint.press('Enter');
  await enter(page, 'Design outdoor temperature', '-15,5');
  await expectSaved(page);
  const { facts } = (await stored(page, id)).document;
  expect(facts.house.heatSetpointF).toBe(before.heatSetpointF);
  expect(facts.house.designOutdoorF).toBeCloseTo(4.1, 6);
  await enter(page, 'Design outdoor temperature', '-60');
  await expect(page.getByText(/Minimum -[\d.]+ °C\./)).toBeVisible();
  await page.getByLabel('Design outdoor temperature').first().press('Escape');
  // The scale is remembered on the device, and the other one is a tap away.
  await page.reload();
  await expect(page.getByLabel('Design outdoor temperature').first()).toHaveValue('-15.5');
  await page.getByRole('button', { name: /Temperature scale: °C/ }).click();
  await expect(page.getByLabel('Design outdoor temperature').first()).toHaveValue('4.1');
});

test('a half-typed °C number keeps its temperature when the scale changes', async ({ page }) => {
  const id = await freshJob(page);
  await page.goto(`/jobs/${id}/survey`);
  await page.getByRole('button', { name: /Temperature scale: °F/ }).click();
  await page.getByLabel('Heating setpoint').first().click();
  await page.keyboard.type('21');
  await page.reload();
  await expect(page.getByLabel('Heating setpoint').first()).toHaveValue('21');
  await page.getByRole('button', { name: /Temperature scale: °C/ }).click();
  await expect(page.getByLabel('Heating setpoint').first()).toHaveValue('69.8');
});

test('a °C house shows °C until the device says otherwise; the ruler moves by half degrees', async ({ page }) => {
  const id = await freshJob(page);
  await page.goto(`/jobs/${id}/setup/talk`);
  await page.getByRole('radio', { name: '°C' }).click();
  await expect(page.getByRole('button', { name: /Temperature scale: °C/ })).toBeVisible();
  await page.goto(`/jobs/${id}/balance?out=14&in=68&call=heat-1`);
  await openRuler(page);
  const needle = page.getByRole('slider', { name: 'Outdoor temperature, °C' }).last();
  await expect(needle).toHaveAttribute('aria-valuetext', '-10 °C');
  await needle.press('ArrowRight');
  await expect(needle).toHaveAttribute('aria-valuetext', '-9.5 °C');
  await needle.press('Home');
  await expect(needle).toHaveAttribute('aria-valuetext', '-28.9 °C');
  await needle.press('End');
  await expect(needle).toHaveAttribute('aria-valuetext', '21.1 °C');
});
