import { expect, type Page, test } from '@playwright/test';
import { enter, expectSaved, freshJob, sayWho, stored } from './helpers';

const STEP = '?step=supply-volts';
const FIELD = 'Heat-kit circuit 1, V';

const more = async (page: Page, choice: string) => {
  await page.getByRole('button', { name: 'More for Heat-kit circuit 1', exact: true }).click();
  await page.getByRole('menuitem', { name: choice }).click();
};

const begin = async (page: Page): Promise<string> => {
  const id = await freshJob(page);
  await page.goto(`/jobs/${id}/startup${STEP}`);
  await sayWho(page);
  await enter(page, FIELD, '241');
  await expect(page.getByText('As expected.').first()).toBeVisible();
  return id;
};

test('a reading is withdrawn with a reason, and stays in the record', async ({ page }) => {
  const id = await begin(page);
  await more(page, 'Withdraw the reading…');
  await page.getByRole('dialog').getByRole('button', { name: 'Wrong place' }).click();
  await expect(page.getByLabel(FIELD)).toHaveValue('');
  await expect(page.getByText('withdrawn: Wrong place')).toBeVisible();
  await expectSaved(page);
  await page.reload();
  await expect(page.getByLabel(FIELD)).toHaveValue('');
  const { readings } = await stored(page, id);
  expect(readings).toMatchObject([
    { status: 'taken', value: 241 },
    { status: 'withdrawn', why: 'Wrong place', replaces: readings[0].id },
  ]);
});

test('a reading is undone in place, and with the keys; the earlier one counts again', async ({ page }) => {
  const id = await begin(page);
  await enter(page, FIELD, '24.1');
  await expect(page.getByLabel(FIELD)).toHaveValue('24.1');
  await more(page, 'Undo');
  await expect(page.getByLabel(FIELD)).toHaveValue('241');
  await page.getByRole('heading', { name: /Line voltage/ }).click();
  await page.keyboard.press('Control+z');
  await expect(page.getByLabel(FIELD)).toHaveValue('');
  await page.keyboard.press('Control+y');
  await expect(page.getByLabel(FIELD)).toHaveValue('241');
  await expectSaved(page);
  expect((await stored(page, id)).readings).toHaveLength(5);
});

test('what cannot be measured says why, counts as left out, and is on the record until it is measured', async ({
  page,
}) => {
  const id = await freshJob(page);
  await page.goto(`/jobs/${id}/startup${STEP}`);
  await sayWho(page);
  await more(page, 'Not measured…');
  await page.getByLabel('Another reason').fill('Panel painted shut');
  await page.getByRole('button', { name: 'Skip this reading' }).click();
  await expect(page.getByText(/[Nn]ot measured: Panel painted shut/)).toBeVisible();
  await expect(page.getByText('Not measured', { exact: true })).toBeVisible();
  await expectSaved(page);
  await page.goto(`/jobs/${id}/handover`);
  await expect(page.getByRole('article', { name: 'Technician’s page' })).toContainText('Panel painted shut');
  await page.goto(`/jobs/${id}/startup${STEP}`);
  await enter(page, FIELD, '241');
  await expect(page.getByText('Not measured', { exact: true })).toHaveCount(0);
});

test('a note is shown next to its reading', async ({ page }) => {
  const id = await begin(page);
  await more(page, 'Add a note…');
  await page.getByRole('textbox', { name: 'Note' }).fill('Read at the lugs');
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByRole('list', { name: 'Notes and history' }).first()).toContainText('Read at the lugs');
  await expectSaved(page);
  expect((await stored(page, id)).readings.at(-1)).toMatchObject({ value: 241, note: 'Read at the lugs' });
});

test('a slip is asked about only where no system reads that value; a bad reading stays bad', async ({ page }) => {
  const id = await begin(page);
  await enter(page, FIELD, '2410');
  await expect(page.getByText('Maximum 1000 V.')).toBeVisible();
  await enter(page, FIELD, '24.1');
  await expect(page.getByLabel(FIELD)).toHaveValue('24.1');
  await expect(page.getByRole('button', { name: '241 V', exact: true })).toHaveCount(0);
  await expectSaved(page);
  expect((await stored(page, id)).readings.map(({ value }: { value: number }) => value)).toEqual([241, 24.1]);

  await page.goto(`/jobs/${id}/startup?step=heat`);
  const pressure = 'External static pressure, in. w.c.';
  // An everyday duct reading: too high, but not a slip.
  await enter(page, pressure, '0.72');
  await expect(page.getByText('Restrictive ductwork: less airflow than the table shows.')).toBeVisible();
  await expect(page.getByRole('button', { name: /^0\.0?72? in/ })).toHaveCount(0);
  await enter(page, pressure, '4');
  await page.getByRole('button', { name: '0.4 in. w.c.', exact: true }).click();
  await expect(page.getByLabel(pressure)).toHaveValue('0.4');
});

test('the step is in the address, and Back goes one step back', async ({ page }) => {
  const id = await freshJob(page);
  await page.goto(`/jobs/${id}/startup${STEP}`);
  await page
    .getByRole('button', { name: /Heat with auxiliary$/ })
    .first()
    .click();
  await expect(page).toHaveURL(/step=heat-aux/);
  await page.getByRole('button', { name: 'One degree warmer' }).click();
  await expect(page).toHaveURL(/out=\d+.*step=heat-aux/);
  await page.goBack();
  await expect(page.getByRole('heading', { level: 2, name: /Line voltage/ })).toBeVisible();
});
