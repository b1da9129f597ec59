/**
 * Gives each parallel test runner its own database, numbered alike. Run by hand, a test file uses the given database.
 */
if (process.env.DATABASE_OF_EACH_WORKER)
  for (const name of ['DATABASE_URL', 'DATABASE_OWNER_URL'])
    if (process.env[name] && !process.env[name].endsWith(`_${process.env.JEST_WORKER_ID}`))
      process.env[name] += `_${process.env.JEST_WORKER_ID}`;
