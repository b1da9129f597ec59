import { hash, verify } from '@node-rs/argon2';

/** Argon2id with 19 MiB, two passes, one lane: some 25 ms here. Source: OWASP password storage cheat sheet. */
const COST = { memoryCost: 19_456, timeCost: 2, parallelism: 1 };

/** The hash of a password, as the database keeps it. */
export const hashPassword = (password: string): Promise<string> => hash(password, COST);

let nobody: Promise<string> | undefined;

/**
 * Whether a password is the one of a hash. Where there is none, as for a name that no one has, it takes as long: the
 * time tells nothing.
 */
export const isPassword = async (password: string, kept: string | null): Promise<boolean> => {
  const against = kept ?? (await (nobody ??= hashPassword('nobody’s')));
  return (await verify(against, password)) && kept !== null;
};
