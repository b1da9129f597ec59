import { expose } from 'comlink';
import type { Act } from '@/core/practice/act';
import type { Chosen } from '@/core/practice/chosen';
import { type HouseOfCrew, ownHouse } from '@/core/practice/own-house';
import { act, beginRound, type Bench, type Rig } from '@/core/practice/rig';
import { benchOfRound, contextOfRound, endlessRound, type Round } from '@/core/practice/round';
import { ROUNDS } from '@/core/practice/rounds';
import {
  type NamedCause,
  namedCauses,
  type RoundOver,
  roundOver,
  type RoundView,
  roundView,
} from '@/core/practice/view';

/** The round's present state, or why an act is impossible. */
export interface RoundState {
  readonly view: RoundView;
  readonly over: RoundOver | null;
  readonly why: string | null;
}

let table: { readonly round: Round; readonly bench: Bench; readonly best: Bench } | undefined;
let rig: Rig | undefined;

const stand = (why: string | null): RoundState => {
  const { round, bench, best } = table!;
  return { view: roundView(round, bench, rig!), over: roundOver(round, bench, best, rig!), why };
};

const api = {
  /**
   * Opens a round and repeats its earlier acts; an act that is no longer possible is skipped.
   * @param own one of the crew's own houses, if the round is played in one
   */
  open: ({ round: id, seed, isEndless }: Chosen, before: readonly Act[], own?: HouseOfCrew): RoundState => {
    const named = own ? ownHouse(own) : ROUNDS.find((each) => each.id === id)!;
    const clinic = contextOfRound(named);
    const round = isEndless ? endlessRound(named, clinic, seed) : named;
    table = { round, bench: benchOfRound(round, clinic, seed), best: benchOfRound(round, clinic, seed) };
    rig = beginRound(table.bench);
    for (const what of before) {
      const acted = act(table.bench, rig, what);
      if (acted.ok) rig = acted.rig;
    }
    return stand(null);
  },
  /** Performs an act in the open round. */
  act: (what: Act): RoundState => {
    const acted = act(table!.bench, rig!, what);
    if (!acted.ok) return stand(acted.why);
    rig = acted.rig;
    return stand(null);
  },
  /** Everything that can be named. */
  nameables: (): readonly NamedCause[] => namedCauses(table!.bench),
};

/** API of the practice worker. */
export type PracticeWorker = typeof api;

expose(api);
