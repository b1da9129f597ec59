import { gzipSync } from 'node:zlib';
import { base, browser, DUAL_FUEL_JOB, JOB, PRESS_THIRTY_TIMES, signedIn, type TapsMs, tapWords } from './browser';

/** JavaScript of a first visit, gzipped, kB: until the page is interactive, and loaded at idle or below the fold. */
const scriptKB = async (path: string): Promise<{ first: number; later: number }> => {
  const page = await (await signedIn()).newPage();
  const sizes = { first: [] as Promise<number>[], later: [] as Promise<number>[] };
  let isAlive = false;
  page.on('response', (response) => {
    if (response.request().resourceType() === 'script')
      sizes[isAlive ? 'later' : 'first'].push(response.body().then((body) => gzipSync(body).length));
  });
  await page.goto(base + path);
  await page.waitForFunction(() => document.querySelector('main') && !document.querySelector('[data-waking=""]'));
  isAlive = true;
  await page.waitForTimeout(3000);
  const kB = async (bytes: Promise<number>[]) => (await Promise.all(bytes)).reduce((sum, each) => sum + each, 0) / 1000;
  const both = { first: await kB(sizes.first), later: await kB(sizes.later) };
  await page.context().close();
  return both;
};

for (const [name, path, aim] of [
  ['Jobs', '/', 200],
  ['Survey', `/jobs/${JOB}/survey`, 280],
  ['Strips', `/jobs/${JOB}/strips`, 280],
  ['Wiring', `/jobs/${JOB}/wiring`, 280],
  ['Setup', `/jobs/${JOB}/setup`, 280],
  ['Card', `/jobs/${JOB}/setup/card/indoor`, 280],
  ['Library, a profile', '/library/quillwort-menu', 280],
  ['Balance', `/jobs/${JOB}/balance`, 280],
  ['Year and ways', `/jobs/${JOB}/balance/year`, 280],
  ['Supply air', `/jobs/${JOB}/balance/air`, 280],
  ['Startup', `/jobs/${JOB}/startup`, 280],
  ['Handover', `/jobs/${JOB}/handover`, 280],
] as const) {
  const { first, later } = await scriptKB(path);
  const [asked, rest] = [first, later].map((kB) => kB.toFixed(0).padStart(4));
  console.log(`${`JavaScript of ${name}, gzip`.padEnd(46)} ${asked} kB until alive, ${rest} later   aim < ${aim}`);
}

// From the key that moves the marker to its paint, and until the page has followed.
const page = await (await signedIn({ viewport: { width: 1280, height: 800 } })).newPage();
for (const where of ['survey', 'strips', 'wiring', 'setup', 'balance', 'balance/year', 'startup'] as const) {
  await page.goto(`${base}/jobs/${JOB}/${where}?out=28&call=heat-aux`, { waitUntil: 'networkidle' });
  const taps = (await page.evaluate(PRESS_THIRTY_TIMES)) as TapsMs;
  console.log(`${`click to painted, ${where}`.padEnd(46)} ${tapWords(taps)}   aim < 50`);
}
interface Box {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

/** Drags an element through 90 places and prints frame times, ms. */
const printFrames = async (what: string, box: Box, placeAt: (step: number) => readonly [number, number]) => {
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
  await page.mouse.move(x, y);
  await page.mouse.down();
  await page.evaluate(`(() => {
    window.frames_ = [];
    let last = performance.now();
    const step = (now) => { window.frames_.push(now - last); last = now; window.framing_ = requestAnimationFrame(step); };
    window.framing_ = requestAnimationFrame(step);
  })()`);
  for (let step = 1; step <= 90; step++) {
    const [byX, byY] = placeAt(step);
    await page.mouse.move(x + byX, y + byY);
  }
  const frames = (await page.evaluate(
    'cancelAnimationFrame(window.framing_), window.frames_.slice(2).sort((a, b) => a - b)',
  )) as number[];
  await page.mouse.up();
  const [middle, slowest] = [frames[Math.floor(frames.length / 2)]!, frames.at(-1)!];
  console.log(`${what.padEnd(46)} median ${middle.toFixed(1)} ms   slowest ${slowest.toFixed(1)} ms   aim < 16.7`);
};

// A wire's end dragged over the fullest bench of the samples, frame by frame.
await page.goto(`${base}/jobs/${DUAL_FUEL_JOB}/wiring?out=28&call=heat-aux`, { waitUntil: 'networkidle' });
await page.getByRole('button', { name: 'Record as-found wiring' }).click();
const conductors = await page.locator('[data-wire]').count();
const end = (await page.locator('[data-end]').nth(5).boundingBox())!;
await printFrames(`wire’s end dragged, ${conductors} conductors: frame`, end, (step) => [
  step * 3,
  30 * Math.sin(step / 6),
]);
// A lockout dragged on the ruler, with all settings and conflicts updating.
await page.goto(`${base}/jobs/${DUAL_FUEL_JOB}/setup?out=28`, { waitUntil: 'networkidle' });
const folded = page.getByRole('button', { name: 'Open the ruler' });
if (await folded.isVisible()) await folded.click();
const post = (await page.getByRole('slider', { name: 'changeover, °F' }).boundingBox())!;
await printFrames('lockout dragged on Setup: frame', post, (step) => [60 * Math.sin(step / 8), 0]);
await page.goto(`${base}/jobs/${DUAL_FUEL_JOB}/balance?out=28`, { waitUntil: 'networkidle' });
const gate = (await page.getByRole('slider', { name: 'changeover on the chart, °F' }).boundingBox())!;
await printFrames('changeover dragged on the chart: frame', gate, (step) => [90 * Math.sin(step / 8), 0]);
// The time cursor of a day dragged over its strip, with the ruler following.
await page.goto(`${base}/jobs/${JOB}/simulate?out=19`, { waitUntil: 'networkidle' });
const strip = page.getByRole('slider', { name: 'Time in the run' });
await strip.waitFor();
const cursor = (await strip.boundingBox())!;
await printFrames('day run, cursor dragged: frame', cursor, (step) => [200 * Math.sin(step / 12), 0]);
await page.goto(`${base}/jobs/${JOB}/strips?out=19&call=heat-aux`, { waitUntil: 'networkidle' });
const dragged = (await page.evaluate(`(async () => {
  const painted = () => new Promise((resolve) => requestAnimationFrame(() => setTimeout(() => resolve(performance.now()))));
  const slider = document.querySelector('[aria-label="Seconds since the call"]');
  const set = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value').set;
  const each = [];
  for (let second = 1; second <= 60; second++) {
    await painted();
    const from = performance.now();
    set.call(slider, String(second));
    slider.dispatchEvent(new Event('input', { bubbles: true }));
    each.push(performance.now() - from);
  }
  return each.sort((a, b) => a - b);
})()`)) as number[];
console.log(
  `${'ladder redrawn, second dragged (script time)'.padEnd(46)} median ${dragged[30]!.toFixed(1)} ms   slowest ${dragged.at(-1)!.toFixed(1)} ms   aim < 16`,
);
await browser.close();
