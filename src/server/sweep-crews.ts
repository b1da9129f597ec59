import { closeDatabase } from './database';
import { sweepCrews } from './delete-crew';

/** Deletes crews past their grace period; run daily by a timer. */
try {
  const names = await sweepCrews();
  process.stdout.write(names.length === 0 ? 'No crew’s time has passed.\n' : `Deleted: ${names.join(', ')}.\n`);
} catch (problem) {
  process.stderr.write(`${(problem as Error).message}\n`);
  process.exitCode = 1;
} finally {
  await closeDatabase();
}
