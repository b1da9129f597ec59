import type { Facts } from '../job/document';

type Metal = 'copper' | 'aluminum';
type Column = 60 | 75;
type Ampacities = ReadonlyMap<number, number>;

/** Ampacity of conductors in cable or raceway, A, by metal, column (°C) and gauge (AWG). Source: NEC 310.16. */
const TABLE: Readonly<Record<Metal, Readonly<Record<Column, Ampacities>>>> = {
  copper: {
    60: new Map([
      [14, 15],
      [12, 20],
      [10, 30],
      [8, 40],
      [6, 55],
      [4, 70],
      [3, 85],
      [2, 95],
      [1, 110],
    ]),
    75: new Map([
      [14, 20],
      [12, 25],
      [10, 35],
      [8, 50],
      [6, 65],
      [4, 85],
      [3, 100],
      [2, 115],
      [1, 130],
    ]),
  },
  aluminum: {
    60: new Map([
      [12, 15],
      [10, 25],
      [8, 35],
      [6, 40],
      [4, 55],
      [3, 65],
      [2, 75],
      [1, 85],
    ]),
    75: new Map([
      [12, 20],
      [10, 30],
      [8, 40],
      [6, 50],
      [4, 65],
      [3, 75],
      [2, 90],
      [1, 100],
    ]),
  },
};

/** Maximum breaker on small conductors, A, whatever the column says. Source: NEC 240.4(D). */
const SMALL_BREAKER: Readonly<Record<Metal, Ampacities>> = {
  copper: new Map([
    [14, 15],
    [12, 20],
    [10, 30],
  ]),
  aluminum: new Map([
    [12, 15],
    [10, 25],
  ]),
};

/** Conductors of a kit's circuits, as far as known. */
export interface ConductorKind {
  readonly metal: Metal;
  /** Allowed column of the table, °C. */
  readonly column: Column;
  /** Whether that is known, or the conservative value until checked. */
  readonly isKnown: boolean;
}

/**
 * Column for a kit's conductors: NM-B cable by 60 °C whatever the terminals (NEC 334.80); others by 75 °C only if both
 * terminations are marked for it (NEC 110.14(C)).
 */
export const conductorKind = ({ heatKit }: Facts): ConductorKind => {
  const { conductorMetal: metal, conductorType, terminalsC } = heatKit;
  if (conductorType === 'nm-b') return { metal, column: 60, isKnown: true };
  if (conductorType === 'unknown') return { metal, column: 60, isKnown: false };
  return { metal, column: terminalsC === '75' ? 75 : 60, isKnown: terminalsC !== 'unknown' };
};

/** Ampacity of a conductor, A; null for a gauge not in the table. */
export const ampacityOf = ({ metal, column }: Pick<ConductorKind, 'metal' | 'column'>, awg: number): number | null =>
  TABLE[metal][column].get(awg) ?? null;

/** Thinnest conductor for a current, AWG; null above the table. */
export const gaugeFor = ({ metal, column }: Pick<ConductorKind, 'metal' | 'column'>, amps: number): number | null =>
  [...TABLE[metal][column]].find(([, ampacity]) => ampacity >= amps - 1e-9)?.[0] ?? null;

/** Maximum breaker that 240.4(D) allows on a small conductor, A; null: its ampacity decides. */
export const smallBreakerAmps = ({ metal }: Pick<ConductorKind, 'metal'>, awg: number): number | null =>
  SMALL_BREAKER[metal].get(awg) ?? null;
