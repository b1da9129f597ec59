'use client';

import { useCallback, useState } from 'react';
import { landEnd } from '@/core/wiring/as-found';
import { mayLand } from '@/core/wiring/drawing';
import { colorName, parseRef, refWords } from '@/core/wiring/harness';
import type { AsFound } from './use-as-found';
import type { Lifted } from './wire-handle';

export interface Landing {
  readonly lifted: Lifted | null;
  readonly lift: (held: Lifted | null) => void;
  /** Lands the lifted end on a terminal, or on nothing. */
  readonly land: (held: Lifted, node: string | null) => void;
  /** Result of the last landing, or why it was refused. */
  readonly message: string;
}

/** A lifted wire end, and where it lands. */
export const useLanding = ({ harness, rows, setRows }: AsFound): Landing => {
  const [lifted, lift] = useState<Lifted | null>(null);
  const [message, setMessage] = useState('');
  const land = useCallback(
    (held: Lifted, node: string | null) => {
      lift(null);
      const ref = node === null ? null : parseRef(node);
      const conductor = harness.conductors.find(({ id }) => id === held.wire);
      const cable = harness.cables.find(({ id }) => id === conductor?.cable);
      if (!conductor || !cable) return;
      if (ref && !mayLand(harness, cable, held.end, ref.device)) {
        setMessage(`That end of the ${cable.label.toLowerCase()} does not reach there.`);
        return;
      }
      const name = colorName(conductor.colour, 'Conductor');
      setMessage(ref ? `${name} landed on the ${refWords(ref)}.` : `${name} taken off.`);
      setRows(landEnd(rows, held.wire, held.end, ref));
    },
    [harness, rows, setRows],
  );
  return { lifted, lift, land, message };
};
