import { appendFileSync } from 'node:fs';
import { monitorEventLoopDelay } from 'node:perf_hooks';
import { isMainThread } from 'node:worker_threads';

/** Loaded into the application: records how long its main thread was blocked, time and ms, five times a second. */
const file = process.env.HELD_UP_FILE;
if (file && isMainThread) {
  const delay = monitorEventLoopDelay({ resolution: 5 });
  delay.enable();
  setInterval(() => {
    appendFileSync(file, `${Date.now()} ${(delay.max / 1e6).toFixed(1)}\n`);
    delay.reset();
  }, 200).unref();
}
