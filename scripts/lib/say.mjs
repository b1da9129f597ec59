/** One line of progress, in plain words. */
export const say = (words) => process.stdout.write(`${words}\n`);

/** Ends with what is wrong and what to do about it. */
export const giveUp = (words) => {
  process.stderr.write(`\n${words}\n`);
  process.exit(1);
};
