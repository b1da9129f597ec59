import { chance } from '@/core/units/chance';
import type { Random } from './spoil';
import { Lost, type Outcome, TRIES } from './tries';

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

const tried = async (tally: Tally, seed: number, work: (random: Random) => Promise<Outcome>): Promise<void> => {
  const from = performance.now();
  const cpuFrom = process.cpuUsage();
  try {
    tally[await work(chance(seed))]++;
  } catch (problem) {
    tally[problem instanceof Lost ? 'lost' : 'crashed']++;
    tally.worst ||= `seed ${seed}: ${(problem as Error).message.slice(0, 200)}`;
  }
  const ms = performance.now() - from;
  tally.slowestMs = Math.max(tally.slowestMs, ms);
  const cpu = process.cpuUsage(cpuFrom);
  const cpuMs = (cpu.user + cpu.system) / 1000;
  if (cpuMs <= HUNG_CPU_MS && ms <= NO_ANSWER_MS) return;
  tally.hung++;
  tally.worst ||= `seed ${seed}: ${Math.round(ms)} ms, ${Math.round(cpuMs)} ms of CPU`;
};

/**
 * Tries spoiled files and requests of every kind, in turn.
 * @param count tries in all
 * @param seed the same gives the same tries
 */
export const attack = async (count: number, seed: number): Promise<Tally[]> => {
  const kinds = Object.keys(TRIES);
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
