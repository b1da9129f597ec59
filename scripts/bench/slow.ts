import type { Locator, Page } from '@playwright/test';
import { base, browser, DUAL_FUEL_JOB, JOB, PRESS_THIRTY_TIMES, signedIn, type TapsMs, tapWords } from './browser';

/** Slowdown of a phone compared with this machine. */
const SLOWER = 4;
/** A connection of 1.6 Mbit/s with 150 ms round trip. */
const LINE = { offline: false, downloadThroughput: 200_000, uploadThroughput: 94_000, latency: 150 };

const slowed = async (page: Page, rate: number, hasSlowLine = false): Promise<void> => {
  const session = await page.context().newCDPSession(page);
  await session.send('Emulation.setCPUThrottlingRate', { rate });
  if (hasSlowLine) {
    await session.send('Network.enable');
    await session.send('Network.emulateNetworkConditions', LINE);
  }
};

const PAGES = ['survey', 'strips', 'wiring', 'setup', 'balance', 'startup'] as const;

// From the tap on +1° to its paint, and until the page has followed, on a phone's processor.
const page = await (await signedIn({ viewport: { width: 390, height: 844 } })).newPage();
await slowed(page, SLOWER);
const openRuler = async () => {
  await page.waitForFunction(() => document.querySelector('main') && !document.querySelector('[data-waking]'));
  const folded = page.getByRole('button', { name: 'Open the ruler' });
  if ((await folded.count()) > 0) await folded.click();
  await page.waitForTimeout(1500);
};
for (const where of PAGES) {
  await page.goto(`${base}/jobs/${JOB}/${where}?out=28&call=heat-aux`, { waitUntil: 'networkidle' });
  await openRuler();
  await page.locator('[aria-label="One degree warmer"]').waitFor();
  const taps = (await page.evaluate(PRESS_THIRTY_TIMES)) as TapsMs;
  console.log(`${`tap +1° at ${SLOWER}×, ${where}`.padEnd(46)} ${tapWords(taps)}   aim < 100`);
}

/** Drags on the ruler through fifty places and lists the tasks that blocked input, ms from the longest. */
const longTasksOfDrag = async (
  what: Locator,
): Promise<{ readonly tasksMs: readonly number[]; readonly furthest: string }> => {
  const box = (await what.boundingBox())!;
  await page.evaluate(`(() => {
    window.tasks_ = [];
    new PerformanceObserver((list) => list.getEntries().forEach((each) => window.tasks_.push(each.duration))).observe({ entryTypes: ['longtask'] });
  })()`);
  // The needle's lower end is cut off, so that elements below it can be touched.
  const [x, y] = [box.x + box.width / 2, box.y + 12];
  await page.mouse.move(x, y);
  await page.mouse.down();
  // Up, down, and back, except for a mark: the next page starts where this one did.
  let furthest = '';
  for (let step = 1; step <= 50; step++) {
    await page.mouse.move(x + 60 * Math.sin(step / 8), y);
    if (step === 12) furthest = (await what.getAttribute('aria-valuenow')) ?? '';
  }
  await page.mouse.up();
  const tasksMs = ((await page.evaluate('window.tasks_')) as number[]).sort((a, b) => b - a);
  return { tasksMs, furthest };
};

// The needle dragged over the ruler, then a lockout: no task may block input.
for (const [what, job, name] of [
  ['needle', JOB, 'Outdoor temperature'],
  ['gate', DUAL_FUEL_JOB, 'changeover, °F'],
] as const)
  for (const where of PAGES) {
    await page.goto(`${base}/jobs/${job}/${where}?out=28&call=heat-aux`, { waitUntil: 'networkidle' });
    await openRuler();
    const dragged = page.getByRole('slider', { name }).first();
    const { tasksMs, furthest } = await longTasksOfDrag(dragged);
    console.log(
      `${`${what} dragged at ${SLOWER}×, ${where}: long tasks`.padEnd(46)} ${tasksMs.length}   longest ${(tasksMs[0] ?? 0).toFixed(0)} ms   as far as ${furthest} °F   aim none over 50`,
    );
  }
await page.context().close();

// A first visit on a slow connection until everything is interactive: on this processor, and on a phone's.
for (const where of ['/', `/jobs/${JOB}/survey`, `/jobs/${JOB}/startup`])
  for (const rate of [1, SLOWER]) {
    const first = await (await signedIn({ viewport: { width: 390, height: 844 } })).newPage();
    await slowed(first, rate, true);
    const from = performance.now();
    await first.goto(base + where, { waitUntil: 'commit' });
    await first.waitForFunction(() => document.querySelector('main') && !document.querySelector('[data-waking=""]'));
    const name = where.split('/').at(-1) || 'jobs';
    console.log(
      `${`first visit at 1.6 Mbit/s, ${rate}×: ${name}`.padEnd(46)} ${((performance.now() - from) / 1000).toFixed(2)} s   aim < 3`,
    );
    await first.context().close();
  }
await browser.close();
