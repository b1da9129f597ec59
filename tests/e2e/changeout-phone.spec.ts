import { expect, type Page, test } from '@playwright/test';
import { alive, expectSaved, freshJob, stored } from './helpers';

const subbase = (page: Page) => page.getByRole('list', { name: 'Conductors on the old subbase' });

/** Enters one conductor in the open dialog. */
const conductor = async (page: Page, letter: string, colour: string, board: string) => {
  const dialog = page.getByRole('dialog');
  const pick = (group: string, name: string) =>
    dialog.getByRole('radiogroup', { name: group }).getByRole('radio', { name, exact: true }).click();
  await pick('Terminal letter', letter);
  await pick('Color', colour);
  await pick('Its other end', board);
};

test('a changeout from the first letter to the label, and the label opens the same plan', async ({ page }) => {
  test.setTimeout(120_000);
  const id = await freshJob(page, 'cinder-creek');
  await page.goto(`/jobs/${id}/wiring/changeout`);
  await alive(page);
  await page.getByRole('button', { name: 'First conductor' }).click();
  await conductor(page, 'R', 'red', 'R');
  await page.getByRole('button', { name: 'Save and add next' }).click();
  await conductor(page, 'B', 'blue', 'C');
  await page.getByRole('button', { name: 'Save and finish' }).click();
  await expect(subbase(page).getByRole('button', { name: /^B Common/ })).toBeVisible();

  // Typed in one go; what cannot be parsed stays in the field.
  await page.getByText('Type them all at once').click();
  const typed = page.getByLabel(/^Type letter and color/);
  await typed.fill('Y yellow > Y, G mauve');
  await page.getByRole('button', { name: 'Add these' }).click();
  await expect(page.getByText('“G mauve” has no color. Type the letter and color, such as W2 white.')).toBeVisible();
  await expect(typed).toHaveValue('Y yellow > Y, G mauve');
  await typed.fill('Y yellow > Y, G green > G, W white > W1, O orange, B brown > spare');
  await page.getByRole('button', { name: 'Add these' }).click();
  await expect(page.getByText(/^B is listed for two conductors/)).toBeVisible();
  await subbase(page).getByRole('button', { name: /brown/ }).click();
  await page.getByRole('radio', { name: 'No letter' }).click();
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByText(/is listed for two conductors/)).toHaveCount(0);
  await page.getByLabel('The old thermostat controlled').selectOption('heat-pump');

  // The meter is requested for unknown conductors; a slip is pointed out, and a reading updates what is known.
  const meter = page.getByRole('region', { name: 'At the meter' });
  await expect(meter).toContainText('R, red to O, orange, AC volts');
  await meter.getByLabel('Volts').fill('much');
  await meter.getByRole('button', { name: 'Save' }).click();
  await expect(meter.getByRole('alert')).toContainText('“much” is not a number');
  await meter.getByLabel('Volts').fill('25.4');
  await meter.getByRole('button', { name: 'Save' }).click();
  await expect(subbase(page).getByRole('button', { name: /Reversing valve, energized in cooling/ })).toBeVisible();

  const moves = page.getByRole('list', { name: 'Moves' });
  await expect(moves).toContainText('Blue, on B until now, to C: common. Its other end stays on air handler C.');
  await expect(moves).toContainText('every heating call shorts the transformer');
  await page.getByText('Put it back as it was').click();
  await expect(page.getByRole('list', { name: 'Put it back as it was' })).toContainText(
    'White on W, its other end on W1.',
  );
  await page.getByRole('button', { name: 'Use these conductors in the plan' }).click();
  await expect(page.getByText('The plan on Wiring now uses these conductors and colors.')).toBeVisible();
  await expectSaved(page);
  const { facts } = (await stored(page, id)).document;
  expect(facts.cables.thermostatConductors).toBe(7);
  expect(facts.changeout.readings).toEqual([{ colour: 'orange', call: expect.any(String), volts: '25.4' }]);

  // Old and new wiring are in the record; the label's code is read from its picture.
  await page.goto(`/jobs/${id}/handover`);
  await expect(page.getByRole('heading', { name: 'From the old thermostat' })).toBeVisible();
  await page.getByRole('link', { name: 'Panel-door label' }).click();
  const code = page.getByRole('img', { name: 'Code of the label' });
  await code.scrollIntoViewIfNeeded();
  const picture = await code.screenshot({ scale: 'device' });
  await page.goto('/label');
  await alive(page);
  await page
    .getByLabel('Picture of the label')
    .setInputFiles({ name: 'label.png', mimeType: 'image/png', buffer: picture });
  await expect(page.getByRole('article', { name: 'Label' })).toContainText('C blue to air handler C');
  await page.getByRole('button', { name: 'New job from this label' }).click();
  await expect(page).toHaveURL(/\/jobs\/[^/]+\/survey/);
  const made = (await stored(page, page.url().split('/')[4]!)).document;
  expect(made.facts.cables).toEqual(facts.cables);
  expect(made.facts.outdoorUnit).toEqual({ ...facts.outdoorUnit, serial: '' });
  expect(made.facts.site.customer).toBe('');
  expect(made.confirmed).toEqual([]);
});

test('a damaged, newer or foreign label is refused with what to do; a later visit sees what was changed', async ({
  page,
}) => {
  const id = await freshJob(page, 'cinder-creek');
  await page.goto(`/jobs/${id}/handover/label`);
  await alive(page);
  await page.getByText('Paste the code text').click();
  const text = page.getByLabel('Text of the code');
  for (const [pasted, said] of [
    ['GATECROSS:1:0000', /The code is damaged/],
    ['GATECROSS:7:0000', /made by a newer version/],
    ['hello', /This is not a Gate Cross label/],
  ] as const) {
    await text.fill(pasted);
    await page.getByRole('button', { name: 'Read code' }).click();
    await expect(page.getByRole('alert').filter({ hasText: said })).toBeVisible();
  }
  const buffer = await page.getByRole('heading', { name: 'Label for the panel door' }).screenshot();
  const file = page.getByLabel('Picture of the label');
  await file.setInputFiles({ name: 'no-code.png', mimeType: 'image/png', buffer });
  await expect(page.getByText(/No code found/)).toBeVisible();

  const picture = await page.getByRole('img', { name: 'Code of the label' }).screenshot();
  await page.goto(`/jobs/${id}/survey`);
  await page.getByLabel('Backup locked out above').first().fill('35');
  await page.getByLabel('Backup locked out above').first().press('Enter');
  await expectSaved(page);
  await page.goto(`/jobs/${id}/handover/label`);
  await alive(page);
  await file.setInputFiles({ name: 'label.png', mimeType: 'image/png', buffer: picture });
  await expect(page.getByRole('status', { name: 'Changed since label was printed' })).toContainText(
    'Backup locked out above: 40 °F on the label, 35 °F here',
  );
});
