import { expect, type Page, test } from '@playwright/test';
import { CALLS } from '../../src/core/control/moment';
import { pointsAt } from '../../src/core/diagnosis/probes/free';
import { type Act, type Key, KEYS } from '../../src/core/practice/act';
import { PLACE_WORDS } from '../../src/core/practice/places';
import { entryOfLook } from '../../src/core/practice/rig';
import { benchOfRound, contextOfRound } from '../../src/core/practice/round';
import { ROUNDS } from '../../src/core/practice/rounds';
import { solveRound } from '../../src/core/practice/solve';
import { namedCauses, toolOf, TOOLS } from '../../src/core/practice/view';
import { alive, freshJob } from './helpers';

const open = async (page: Page, address: string) => {
  await page.goto(address);
  await expect(page.getByRole('button', { name: 'Name the cause' })).toBeVisible();
};

/** A round's bench, played by the test like the diagnosis. */
const benchOf = (id: string, seed: number) => {
  const round = ROUNDS.find((each) => each.id === id)!;
  return benchOfRound(round, contextOfRound(round), seed);
};

/** Places the two probes of the meter. */
const twoProbes = async (page: Page, red: string, black: string) => {
  await page.getByRole('button', { name: 'Volts', exact: true }).click();
  await page.getByRole('button', { name: /^Red probe/ }).click();
  for (const point of [red, black])
    await page.getByRole('button', { name: new RegExp(`^${point}(, (red|black) probe)?$`) }).click();
};

/** Presses a key of the thermostat. */
const keyed = async (page: Page, key: Key) => {
  if (key === 'before' || key === 'enter') {
    const summary = page.getByText(/^Open thermostat setup/);
    if (!(await page.getByRole('button', { name: 'Open its setup' }).isVisible())) await summary.click();
  }
  const names = { before: 'Do this first', enter: 'Open its setup', leave: 'Leave its setup', ...KEYS_SAID };
  await page.getByRole('button', { name: names[key], exact: true }).click();
};
const KEYS_SAID = { next: KEYS.next, back: KEYS.back };

/** Performs an act by hand. */
const byHand = async (page: Page, bench: ReturnType<typeof benchOf>, act: Act) => {
  switch (act.kind) {
    case 'walk':
      return page.getByRole('button', { name: `At ${PLACE_WORDS[act.to]}` }).click();
    case 'open':
      return page.getByRole('button', { name: 'Remove the panel' }).click();
    case 'call':
      return page.getByRole('group', { name: 'Call' }).getByText(CALLS[act.call].short, { exact: true }).click();
    case 'isolate':
      return page.getByRole('button', { name: 'Open, lock out, verify dead' }).click();
    case 'energize':
      return page.getByRole('button', { name: 'Restore power' }).click();
    case 'wait':
      return page.getByRole('button', { name: 'Wait 5 min' }).click();
    case 'probe': {
      const probe = bench.clinic.table.probeById(act.id)!;
      const { observable } = probe.of;
      if (entryOfLook(bench, probe) !== undefined)
        return page.getByRole('button', { name: `Write down: ${probe.words}` }).click();
      if (observable.kind === 'volts' || observable.kind === 'ohms') {
        const here = pointsAt(bench.clinic.table.model.wall.harness, probe.place);
        const points = observable.between.map(({ device, mark }) => {
          const { label, points: own } = here.find(({ id }) => id === device)!;
          return `${label} ${own.find((point) => point.mark === mark)!.words}`;
        });
        await twoProbes(page, points[0]!, points[1]!);
        return page
          .getByRole('button', { name: observable.kind === 'ohms' ? 'Read ohms' : 'Read volts', exact: true })
          .click();
      }
      await page.getByRole('button', { name: TOOLS[toolOf(probe)], exact: true }).click();
      const line = page.getByRole('listitem').filter({ has: page.getByText(probe.words, { exact: true }) });
      return line.filter({ hasText: probe.how }).first().getByRole('button').click();
    }
    case 'meter':
      throw new Error('No best line holds probes where no reading is named.');
    case 'keys':
      return keyed(page, act.key);
    case 'name': {
      await page.getByRole('button', { name: 'Name the cause' }).click();
      for (const id of act.causes) {
        const { words } = namedCauses(bench).find((each) => each.causes.includes(id))!;
        await page.getByPlaceholder(/Breaker/).fill(words);
        await page.getByRole('option').filter({ hasText: words }).first().click();
      }
      return page.getByRole('button', { name: /That is it|It is these two/ }).click();
    }
    case 'shortcut':
      return undefined;
  }
};

test('a round is found by readings, scored against the best sequence, replayed, and saved', async ({ page }) => {
  const bench = benchOf('dead-thermostat', 3);
  const { done } = solveRound(bench);
  await open(page, '/practice/dead-thermostat?seed=3');
  for (const [at, { act }] of done.entries()) {
    await byHand(page, bench, act);
    if (act.kind !== 'name')
      await expect(page.getByRole('region', { name: 'Done so far' }).getByRole('listitem')).toHaveCount(at + 1);
    // A reload in the middle continues.
    if (at === 1) {
      await page.reload();
      await expect(page.getByRole('region', { name: 'Done so far' }).getByRole('listitem')).toHaveCount(2);
    }
  }
  await expect(page.getByRole('heading', { name: 'Found', exact: true })).toBeVisible();
  await expect(page.getByText(/A 24 V thermostat needs both R and C/)).toBeVisible();
  await expect(page.getByRole('region', { name: 'Step by step' }).getByRole('listitem')).not.toHaveCount(0);
  await page.getByRole('link', { name: 'All rounds' }).last().click();
  await expect(page.getByRole('link', { name: /A blank display/ })).toContainText('Found');
  const file = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Export (CSV)' }).click();
  expect((await file).suggestedFilename()).toBe('practice.csv');
});

test('hands in before everything is dead ends the round, and says what would have happened', async ({ page }) => {
  await open(page, '/practice/one-live-leg?seed=1');
  await page.getByRole('button', { name: 'At the indoor unit' }).click();
  await page.getByRole('button', { name: 'Remove the panel' }).click();
  await page.getByRole('button', { name: 'Ohms, power off' }).click();
  await page.getByRole('region', { name: 'Tools' }).getByRole('listitem').first().getByRole('button').click();
  await expect(page.getByRole('heading', { name: 'Ended: not safe' })).toBeVisible();
  await expect(page.getByText(/a terminal that looks dead can still be hot/)).toBeVisible();
  await page.getByRole('button', { name: 'Try again' }).click();
  await expect(page.getByRole('button', { name: 'Name the cause' })).toBeVisible();
});

test('a right name without readings is a guess; an impossible action says why and costs nothing', async ({ page }) => {
  await open(page, '/practice/low-supply?seed=9');
  await page.getByRole('button', { name: 'At the indoor unit' }).click();
  await twoProbes(page, 'Air handler R', 'Air handler C');
  await page.getByRole('button', { name: 'Read volts', exact: true }).click();
  await expect(page.getByRole('alert').filter({ hasText: 'The panel is on. Remove it first.' })).toBeVisible();
  await expect(page.getByRole('region', { name: 'Done so far' }).getByRole('listitem')).toHaveCount(1);
  await byHand(page, benchOf('low-supply', 9), { kind: 'name', causes: ['strips:low-supply'] });
  await expect(page.getByRole('heading', { name: 'Right, but a guess' })).toBeVisible();
});

test('a wrong setting is found in the thermostat’s own menus, at its entry, against the card', async ({ page }) => {
  const bench = benchOf('emergency-through-it', 2);
  await open(page, '/practice/emergency-through-it?seed=2');
  for (const { act } of solveRound(bench).done) {
    await byHand(page, bench, act);
    await expect(page.getByRole('main')).toHaveAttribute('aria-busy', 'false');
  }
  await expect(page.getByRole('heading', { name: 'Found', exact: true })).toBeVisible();
  await expect(page.getByText('Thermostat’s keys')).toHaveCount(0);
});

test('two leads are placed anywhere: an unlisted pair reads what the house has there', async ({ page }) => {
  await open(page, '/practice/ghost-volts?seed=4');
  await page.getByRole('button', { name: 'At the outdoor unit' }).click();
  await page.getByRole('button', { name: 'Remove the panel' }).click();
  await twoProbes(page, 'Outdoor unit R', 'Outdoor unit Y');
  await page.getByRole('button', { name: 'Read volts', exact: true }).click();
  await expect(page.getByRole('status', { name: 'Reading' })).toContainText('Outdoor unit R–Y');
  await expect(page.getByRole('status', { name: 'Reading' })).toContainText(/\d V/);
  await page.getByRole('button', { name: 'Read volts, low impedance' }).click();
  await expect(page.getByRole('region', { name: 'Done so far' }).getByRole('listitem')).toHaveCount(4);
});

test('an unknown round address is an error page; an endless one is the same for a whole class', async ({ page }) => {
  expect((await page.goto('/practice/no-such-round'))?.status()).toBe(404);
  expect((await page.goto('/practice/low-gas?seed=-1'))?.status()).toBe(404);
  await page.goto('/practice');
  await alive(page);
  await page.getByLabel('Round number').fill('77');
  await page.getByRole('link', { name: 'Dual fuel' }).click();
  await expect(page.getByRole('heading', { name: 'A house you have not seen' })).toBeVisible();
  const says = await page.getByText(/^“/).textContent();
  await page.reload();
  await expect(page.getByText(/^“/)).toHaveText(says!);
});

test('a controller on the bench: not ready, entered, saved, in effect, and its card sees each', async ({ page }) => {
  await page.goto('/practice');
  await page.getByRole('link', { name: 'Toadflax', exact: true }).click();
  const display = page.getByRole('status', { name: 'Display' });
  const entry = page.getByRole('region', { name: 'Card' }).getByRole('listitem').filter({ hasText: 'CTRL' });
  await page.getByRole('button', { name: 'Open its setup' }).click();
  await expect(
    page.getByRole('alert').filter({ hasText: 'It will not open yet. Do the “Before you start” steps.' }),
  ).toBeVisible();
  await page.getByRole('button', { name: 'Do this first' }).click();
  await page.getByRole('button', { name: 'Open its setup' }).click();
  await page.getByRole('button', { name: 'Next entry' }).click();
  await expect(display).toContainText('CTRL Control');
  await page.getByRole('button', { name: 'Value up' }).click();
  await expect(display).toContainText('Changed, not saved');
  await expect(entry).toContainText('Not active yet.');
  await page.getByRole('button', { name: 'Save: This air handler' }).click();
  await expect(entry).toContainText('Not active yet.');
  await page.getByRole('button', { name: 'Activate' }).click();
  await expect(entry).toContainText('Active.');
  await expect(display).toContainText('no calls for 4 min');
  await page.getByRole('button', { name: 'Wait for restart' }).click();
  await expect(display).toContainText('No menu is open.');
});

test('the crew’s own job can be a practice house, without its people, and is not changed', async ({ page }) => {
  const id = await freshJob(page, 'tamarack-spur');
  const before = await (await page.request.get(`/api/jobs/${id}`)).json();
  const { customer, street } = before.document.facts.site;
  const response = await page.goto(`/practice/job/${id}?seed=4`);
  const html = await response!.text();
  for (const words of [customer, street, before.document.facts.site.jobName]) expect(html).not.toContain(words);
  await page.getByRole('button', { name: 'At the outdoor unit' }).click();
  await expect(page.getByRole('region', { name: 'Done so far' }).getByRole('listitem')).toHaveCount(1);
  expect(await (await page.request.get(`/api/jobs/${id}`)).json()).toEqual(before);
  expect((await page.goto('/practice/job/7d5f0c52-3a1e-4c55-9f0e-000000000000?seed=1'))?.status()).toBe(404);
});
