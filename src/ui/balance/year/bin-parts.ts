import type { YearBin } from '@/core/balance/year/year-sums';
import type { SOURCE_COLOR } from '../../theme/source-colors';

/** One of what heats a house in a year. */
export interface BinPart {
  readonly key: 'compressorBtu' | 'stripsBtu' | 'fossilBtu' | 'shortBtu';
  readonly label: string;
  /** What gives it; null: nothing does. */
  readonly source: keyof typeof SOURCE_COLOR | null;
}

const ALL: readonly BinPart[] = [
  { key: 'compressorBtu', label: 'Heat pump', source: 'compressor' },
  { key: 'stripsBtu', label: 'Strips', source: 'strips' },
  { key: 'fossilBtu', label: 'Furnace', source: 'fossil' },
  { key: 'shortBtu', label: 'Shortfall', source: null },
];

/** The parts that some bin has. */
export const partsOf = (bins: readonly YearBin[]): readonly BinPart[] =>
  ALL.filter(({ key }) => bins.some((bin) => bin[key] > 1));
