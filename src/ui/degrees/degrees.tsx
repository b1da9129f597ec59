'use client';

import { createContext, useContext, useMemo, useState } from 'react';
import { DEGREES, type Degrees, type DegreeScale } from '@/core/units/degrees';
import { DEGREES_COOKIE } from '../storage/degrees-cookie';

interface Choice {
  /** What was chosen on this device; null while no one has: a job is then read as its house reads it. */
  readonly chosen: DegreeScale | null;
  readonly scale: DegreeScale;
  readonly choose: (scale: DegreeScale) => void;
}

const Context = createContext<Choice>({ chosen: null, scale: 'F', choose: () => undefined });

/** Stands around the whole application. */
export const DegreesProvider = ({ kept, children }: { kept: DegreeScale | null; children: React.ReactNode }) => {
  const [chosen, setChosen] = useState(kept);
  const choice = useMemo(
    (): Choice => ({
      chosen,
      scale: chosen ?? 'F',
      choose: (scale) => {
        document.cookie = `${DEGREES_COOKIE}=${scale}; path=/; max-age=31536000; samesite=lax`;
        setChosen(scale);
      },
    }),
    [chosen],
  );
  return <Context value={choice}>{children}</Context>;
};

/** Within a job: the scale that its house reads, where none was chosen on this device. */
export const HouseDegrees = ({ scale, children }: { scale: DegreeScale; children: React.ReactNode }) => {
  const outer = useContext(Context);
  const choice = useMemo(() => ({ ...outer, scale: outer.chosen ?? scale }), [outer, scale]);
  return <Context value={choice}>{children}</Context>;
};

/** How degrees are shown and taken here. */
export const useDegrees = (): Degrees => DEGREES[useContext(Context).scale];

/** The scale in use, and how to choose the other. */
export const useDegreeChoice = (): Choice => useContext(Context);

/** A sentence of core's, with its degrees as they are read here. */
export const LocalizedDegrees = ({ children }: { children: string }) => useDegrees().say(children);
