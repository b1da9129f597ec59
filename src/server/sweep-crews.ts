import { closeDatabase } from './database';
import { sweepCrews } from './delete-crew';

/** Deletes the crews whose grace time has passed: for a timer, once a day. */
try {
  const names = await sweepCrews();
  process.stdout.write(names.length === 0 ? 'No crew’s time has passed.\n' : `Deleted: ${names.join(', ')}.\n`);
} catch (problem) {
  process.stderr.write(`${(problem as Error).message}\n`);
  process.exitCode = 1;
} finally {
  await closeDatabase();
}
