import type { YearBin } from '@/core/balance/year/year-sums';
import type { SOURCE_COLOR } from '../../theme/source-colors';

/** A part of a year's heat. */
export interface BinPart {
  readonly key: 'compressorBtu' | 'stripsBtu' | 'fossilBtu' | 'shortBtu';
  readonly label: string;
  /** Its source; null: shortfall. */
  readonly source: keyof typeof SOURCE_COLOR | null;
}

const ALL: readonly BinPart[] = [
  { key: 'compressorBtu', label: 'Heat pump', source: 'compressor' },
  { key: 'stripsBtu', label: 'Strips', source: 'strips' },
  { key: 'fossilBtu', label: 'Furnace', source: 'fossil' },
  { key: 'shortBtu', label: 'Shortfall', source: null },
];

/** Parts that occur in some bin. */
export const partsOf = (bins: readonly YearBin[]): readonly BinPart[] =>
  ALL.filter(({ key }) => bins.some((bin) => bin[key] > 1));
