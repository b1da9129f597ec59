import { chance } from '@/core/units/chance';
import { Lost, type Outcome } from './outcome';
import type { Random } from './spoil';
import { TRIES } from './tries';

/** What came of all tries of a kind; `worst` names the first that crashed, hung or was lost. */
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

/** More of this process's own work than this is hung, ms of CPU: a technician has turned away. */
const HUNG_CPU_MS = 2000;

/** No answer after this long is hung, ms, however busy the machine and its disk are with other tests. */
const NO_ANSWER_MS = 30_000;

/** One try: what came of it or what it threw, and what it took. */
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
  // What an input makes hang hangs each time; what this process did next to it, such as clearing up, does not.
  const again = await once(seed, work);
  if (!isLong(again)) return;
  tally.hung++;
  tally.worst ||= `seed ${seed}: ${Math.round(ms)} ms, ${Math.round(first.cpuMs)} ms of CPU`;
};

/**
 * Tries spoiled files and requests of every kind, in turn.
 * @param count tries in all
 * @param seed the same gives the same tries
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
