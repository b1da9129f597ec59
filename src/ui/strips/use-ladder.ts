import { useSearchParams } from 'next/navigation';
import { useMemo, useState } from 'react';
import type { ClampAt } from '@/core/strips/clamp';
import { ladderState } from '@/core/strips/ladder-state';
import { partPanel } from '@/core/strips/parts';
import { useMoment } from '../job/deferred-model';
import { useModelNow } from '../job/use-model-now';
import type { PartAt } from './ladder/drawing';
import { useKitVolts } from './use-kit-volts';

/** A part named in an address, such as `limit-2`; null if none. */
const partOf = (text: string | null): PartAt | null => {
  const [, kind, at] = /^(link|element|limit|switch)-(\d)$/.exec(text ?? '') ?? [];
  return kind && at ? { kind: kind as PartAt['kind'], element: Number(at) - 1 } : null;
};

/** The ladder at a second: selected part, open breakers, measured supply. */
export const useLadder = () => {
  const moment = useMoment();
  const { facts, wall } = useModelNow();
  const [seconds, setSeconds] = useState(0);
  // The page opens with the kit off; changing the call here starts from the previous one.
  const [first] = useState(moment.call);
  const before = moment.call === first ? 'rest' : 'strips-on';
  const asked = useSearchParams().get('rung');
  const [part, setPart] = useState<PartAt | null>(() => partOf(asked));
  const [clamp, setClamp] = useState<ClampAt>({ kind: 'main' });
  const [openBreakers, setOpenBreakers] = useState<ReadonlySet<number>>(new Set());
  const { volts, measuredVolts } = useKitVolts(facts);
  const state = useMemo(
    () => ladderState(facts, wall, moment, seconds, volts, openBreakers, before),
    [facts, wall, moment, seconds, volts, openBreakers, before],
  );
  const { settlesS } = state;
  const settled = useMemo(
    () => ladderState(facts, wall, moment, settlesS, volts, openBreakers, before),
    [facts, wall, moment, settlesS, volts, openBreakers, before],
  );
  const picked = part && state.rungs.find(({ rung }) => rung.at === part.element);
  const panel = part && picked ? partPanel(part.kind, picked.rung, volts, state.ladder.switching) : null;
  const toggleBreaker = (at: number) => {
    const next = new Set(openBreakers);
    if (!next.delete(at)) next.add(at);
    setOpenBreakers(next);
    const first = state.ladder.circuits[at]?.rungs[0];
    if (first) setPart({ kind: 'breaker', element: first.at });
  };
  return {
    state,
    settled,
    seconds,
    setSeconds,
    part,
    setPart,
    panel,
    clamp,
    setClamp,
    openBreakers,
    toggleBreaker,
    volts,
    measuredVolts,
  };
};
