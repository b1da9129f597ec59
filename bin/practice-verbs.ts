import type { Parsed } from '../src/core/border/parse';
import type { Talk } from '../src/core/formats/diagnosis-lines';
import { practiceProbes, practiceTalk } from '../src/core/formats/practice-lines';
import { benchOfRound, contextOfRound, endlessRound, type Round } from '../src/core/practice/round';
import { ROUNDS } from '../src/core/practice/rounds';
import { scoreRound } from '../src/core/practice/score';
import { solveRound } from '../src/core/practice/solve';
import { optionsOf, refused } from './options';

const OPTIONS = {
  ask: { type: 'boolean' },
  probes: { type: 'boolean' },
  solve: { type: 'boolean' },
  endless: { type: 'boolean' },
  seed: { type: 'string' },
} as const;

interface Opened {
  readonly round: Round;
  readonly bench: () => ReturnType<typeof benchOfRound>;
  readonly asks: { readonly probes: boolean; readonly solve: boolean };
}

const opened = (words: readonly string[]): Parsed<Opened | null> => {
  const options = optionsOf([...words], OPTIONS);
  if (!options.ok) return options;
  const { probes = false, solve = false, endless = false, seed = '1' } = options.value.values;
  const [id] = options.value.positionals;
  if (id === undefined) return { ok: true, value: null };
  const named = ROUNDS.find((each) => each.id === id);
  if (!named) return refused('round', `must be one of ${ROUNDS.map((each) => each.id).join(', ')}`);
  if (!/^\d{1,9}$/.test(seed)) return refused('--seed', 'must be a whole number');
  const clinic = contextOfRound(named);
  const round = endless ? endlessRound(named, clinic, Number(seed)) : named;
  return {
    ok: true,
    value: { round, bench: () => benchOfRound(round, clinic, Number(seed)), asks: { probes, solve } },
  };
};

/** Whether a round is played by lines rather than described. */
export const isPractice = (words: readonly string[]): boolean => words.includes('--ask');

/** `gate practice [ROUND [--probes|--solve]]`: the rounds; observations of one; its best solution. */
export const practiceReport = (words: readonly string[]): Parsed<unknown> => {
  const round = opened(words);
  if (!round.ok) return round;
  if (!round.value) return { ok: true, value: ROUNDS.map(({ id, title, outdoorF }) => ({ id, title, outdoorF })) };
  const { bench, asks } = round.value;
  if (asks.probes) return { ok: true, value: practiceProbes(bench()) };
  if (!asks.solve) return refused('options', 'must be --ask to play it, --probes or --solve');
  const own = bench();
  const rig = solveRound(own);
  return {
    ok: true,
    value: {
      complaint: rig.complaint,
      acts: rig.done.map(({ act, seconds, seen }) => ({ ...act, seconds, ...(seen && { answer: seen.answer }) })),
      score: scoreRound(own, rig, bench()),
    },
  };
};

/** `gate practice ROUND --ask [--seed N] [--endless]`: a round played by lines of JSON. */
export const openPractice = (words: readonly string[]): Parsed<Talk> => {
  const round = opened(words);
  if (!round.ok) return round;
  if (!round.value) return refused('round', `must be one of ${ROUNDS.map(({ id }) => id).join(', ')}`);
  return { ok: true, value: practiceTalk(round.value.round, round.value.bench(), round.value.bench()) };
};
