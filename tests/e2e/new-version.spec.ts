import { createServer, request as ask, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { expect, test } from '@playwright/test';
import { alive, expectSaved, freshJob, stored } from './helpers';

test.use({ serviceWorkers: 'allow' });

/** A setup that can deploy another version: another worker, and the old files gone. */
const between = async (baseURL: string) => {
  const { hostname, port } = new URL(baseURL);
  const now = { isNewer: false, areOldFilesGone: false };
  const server: Server = createServer((incoming, outgoing) => {
    const { url = '/', method, headers } = incoming;
    if (now.areOldFilesGone && url.startsWith('/_next/static/')) {
      outgoing.writeHead(404).end();
      return;
    }
    const onwards = ask({ hostname, port, path: url, method, headers }, (answer) => {
      const isWorker = url.startsWith('/serwist/sw.js');
      const { 'content-length': _length, 'content-encoding': _encoding, ...kept } = answer.headers;
      outgoing.writeHead(answer.statusCode!, isWorker ? kept : answer.headers);
      answer.pipe(outgoing, { end: !isWorker });
      if (isWorker) answer.on('end', () => outgoing.end(now.isNewer ? '\n// a newer one' : ''));
    });
    onwards.on('error', () => outgoing.destroy());
    if (url.startsWith('/serwist/sw.js')) onwards.setHeader('accept-encoding', 'identity');
    incoming.pipe(onwards);
  });
  await new Promise<void>((done) => server.listen(0, '127.0.0.1', done));
  return { now, server, address: `http://127.0.0.1:${(server.address() as AddressInfo).port}` };
};

test('a newer version is offered; the old page works on though its files are gone, and loses nothing', async ({
  page,
  baseURL,
}) => {
  test.setTimeout(120_000);
  const id = await freshJob(page, 'quarry-bench');
  const { now, server, address } = await between(baseURL!);
  await page.goto(`${address}/jobs/${id}/survey`);
  await alive(page);
  await page.evaluate(() => navigator.serviceWorker.ready);
  await expect.poll(() => page.evaluate(() => navigator.serviceWorker.controller !== null)).toBe(true);
  Object.assign(now, { isNewer: true, areOldFilesGone: true });
  await page.evaluate(async () => (await navigator.serviceWorker.getRegistration())!.update());
  // Nothing of the old version is on the server any more: a screen that was never opened comes from the device.
  await page.getByRole('link', { name: 'Wiring', exact: true }).click();
  await expect(page.locator('#bench')).toBeVisible();
  await page.getByRole('link', { name: 'Survey', exact: true }).click();
  await page.getByLabel('Customer').fill('From the version before');
  await page.getByLabel('Customer').press('Enter');
  await expectSaved(page);
  await page.getByLabel('Town').fill('Half a wo');
  now.areOldFilesGone = false;
  await page.evaluate(async () => (await navigator.serviceWorker.getRegistration())!.update());
  await expect(page.getByText('A new version is ready.')).toBeVisible({ timeout: 20_000 });
  await page.getByRole('button', { name: 'Update' }).click();
  await alive(page);
  await expect(page.getByLabel('Town')).toHaveValue('Half a wo');
  expect((await stored(page, id)).document.facts.site.customer).toBe('From the version before');
  server.closeAllConnections();
  server.close();
});

test('what a device of a much older version entered a week ago is saved on today’s server', async ({ page }) => {
  const id = await freshJob(page);
  await page.goto('/guide/start');
  // As stored by the first versions: no visits, no device clock, no name on the draft.
  await page.evaluate((of) => {
    const at = new Date(Date.now() - 7 * 86_400_000).toISOString();
    const reading = { item: 'conditions/outdoor', value: 31, place: null, at, author: 'Playwright Tester' };
    const draft = {
      baseRevision: 1,
      pending: { 'site.customer': 'A week ago' },
      outbox: [{ ...reading, id: crypto.randomUUID(), instrument: 'Meter 1', replaces: null }],
      marksOut: [],
    };
    localStorage.setItem(`gate-cross:draft:${of}:long-gone`, JSON.stringify({ ...draft, touchedAt: 1 }));
  }, id);
  await page.goto(`/jobs/${id}/survey`);
  await expect.poll(async () => (await stored(page, id)).document.facts.site.customer).toBe('A week ago');
  const { readings } = await stored(page, id);
  expect(readings.map(({ value }: { value: number }) => value)).toEqual([31]);
});
