'use client';

import { createContext, useContext, useMemo, useState } from 'react';
import { DEGREES, type Degrees, type DegreeScale } from '@/core/units/degrees';
import { DEGREES_COOKIE } from '../storage/degrees-cookie';

interface Choice {
  /** Choice on this device; null: none, so each job uses its house's scale. */
  readonly chosen: DegreeScale | null;
  readonly scale: DegreeScale;
  readonly choose: (scale: DegreeScale) => void;
}

const Context = createContext<Choice>({ chosen: null, scale: 'F', choose: () => undefined });

/** Wraps the whole application. */
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

/** Within a job: its house's scale, unless one was chosen on this device. */
export const HouseDegrees = ({ scale, children }: { scale: DegreeScale; children: React.ReactNode }) => {
  const outer = useContext(Context);
  const choice = useMemo(() => ({ ...outer, scale: outer.chosen ?? scale }), [outer, scale]);
  return <Context value={choice}>{children}</Context>;
};

/** Display and entry of degrees here. */
export const useDegrees = (): Degrees => DEGREES[useContext(Context).scale];

/** The present scale, and how to switch it. */
export const useDegreeChoice = (): Choice => useContext(Context);

/** A sentence from core with degrees on the present scale. */
export const LocalizedDegrees = ({ children }: { children: string }) => useDegrees().say(children);
