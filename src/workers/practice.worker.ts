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

/** A round as set now, or why an act could not be done. */
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
   * Opens a round, and does again what was done in it before; an act that no longer can be is left out.
   * @param own a house of the crew’s own, where it is played in one
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
  /** Does something in the open round. */
  act: (what: Act): RoundState => {
    const acted = act(table!.bench, rig!, what);
    if (!acted.ok) return stand(acted.why);
    rig = acted.rig;
    return stand(null);
  },
  /** All that can be named. */
  nameables: (): readonly NamedCause[] => namedCauses(table!.bench),
};

/** What the practice worker answers. */
export type PracticeWorker = typeof api;

expose(api);
