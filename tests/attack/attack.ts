import { chance } from '@/core/units/chance';
import { Lost, type Outcome } from './outcome';
import type { Random } from './spoil';
import { TRIES } from './tries';

/** Results of all attempts of a kind; `worst` names the first that crashed, hung or was lost. */
export interface Tally {
  readonly kind: string;
  taken: number;
  refused: number;
  crashed: number;
  hung: number;
  lost: number;
  slowestMs: number;
  worst: string;
}

/** Own CPU time that counts as hung, ms: a technician has given up. */
const HUNG_CPU_MS = 2000;

/** Response time that counts as hung, ms, however busy the machine is with other tests. */
const NO_ANSWER_MS = 30_000;

/** One attempt: its outcome or error, and its time. */
const once = async (seed: number, work: (random: Random) => Promise<Outcome>) => {
  const from = performance.now();
  const cpuFrom = process.cpuUsage();
  const end = await work(chance(seed)).catch((problem: unknown) => problem as Error);
  const { user, system } = process.cpuUsage(cpuFrom);
  return { end, ms: performance.now() - from, cpuMs: (user + system) / 1000 };
};

const isLong = ({ ms, cpuMs }: { ms: number; cpuMs: number }) => cpuMs > HUNG_CPU_MS || ms > NO_ANSWER_MS;

const tried = async (tally: Tally, seed: number, work: (random: Random) => Promise<Outcome>): Promise<void> => {
  const first = await once(seed, work);
  const { end, ms } = first;
  if (end instanceof Error) {
    tally[end instanceof Lost ? 'lost' : 'crashed']++;
    tally.worst ||= `seed ${seed}: ${end.message.slice(0, 200)}`;
  } else tally[end]++;
  tally.slowestMs = Math.max(tally.slowestMs, ms);
  if (!isLong(first)) return;
  // Input that hangs does so every time; this process's own work, such as garbage collection, does not.
  const again = await once(seed, work);
  if (!isLong(again)) return;
  tally.hung++;
  tally.worst ||= `seed ${seed}: ${Math.round(ms)} ms, ${Math.round(first.cpuMs)} ms of CPU`;
};

/**
 * Sends corrupted files and requests of every kind in turn.
 * @param count attempts in all
 * @param seed the same gives the same attempts
 * @param only one kind; empty: all of them
 */
export const attack = async (count: number, seed: number, only = ''): Promise<Tally[]> => {
  const kinds = Object.keys(TRIES).filter((kind) => only === '' || kind === only);
  const tallies = new Map(
    kinds.map((kind): [string, Tally] => [
      kind,
      { kind, taken: 0, refused: 0, crashed: 0, hung: 0, lost: 0, slowestMs: 0, worst: '' },
    ]),
  );
  for (let at = 0; at < count; at++) {
    const kind = kinds[at % kinds.length]!;
    await tried(tallies.get(kind)!, seed + at, TRIES[kind]!);
  }
  return [...tallies.values()];
};
