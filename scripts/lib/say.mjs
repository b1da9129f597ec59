/** One line of progress, in plain words. */
export const say = (words) => process.stdout.write(`${words}\n`);

/** Exits with what is wrong and what to do. */
export const giveUp = (words) => {
  process.stderr.write(`\n${words}\n`);
  process.exit(1);
};
