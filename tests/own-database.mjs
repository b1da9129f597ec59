/**
 * Gives each of the runners that work side by side a database of its own, numbered as they are. Run by hand, a test
 * file uses the database that it is told.
 */
if (process.env.DATABASE_OF_EACH_WORKER)
  for (const name of ['DATABASE_URL', 'DATABASE_OWNER_URL'])
    if (process.env[name] && !process.env[name].endsWith(`_${process.env.JEST_WORKER_ID}`))
      process.env[name] += `_${process.env.JEST_WORKER_ID}`;
