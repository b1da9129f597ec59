import { hash, verify } from '@node-rs/argon2';

/** Argon2id with 19 MiB, two passes, one lane: about 25 ms here. Source: OWASP password storage cheat sheet. */
const COST = { memoryCost: 19_456, timeCost: 2, parallelism: 1 };

/** Hash of a password, as stored. */
export const hashPassword = (password: string): Promise<string> => hash(password, COST);

let nobody: Promise<string> | undefined;

/** Whether a password matches a hash. Constant time, also without a hash, to prevent user enumeration. */
export const isPassword = async (password: string, kept: string | null): Promise<boolean> => {
  const against = kept ?? (await (nobody ??= hashPassword('nobody’s')));
  return (await verify(against, password)) && kept !== null;
};
