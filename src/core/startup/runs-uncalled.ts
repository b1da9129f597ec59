import type { Facts } from '../job/document';

/** Amps above which a strip counts as heating: below it may be clamp zero and blower only. Our judgment. */
export const HEATS_AMPS = 8;

/** Minimum share of nameplate amps at which a compressor certainly runs. Our judgment. */
export const RUNS_SHARE = 0.25;
/** The same without a nameplate, A. Our judgment: more than a crankcase heater draws. */
const RUNS_AMPS = 3;

const RUNNING: ReadonlySet<string> = new Set(['runs', 'compressor-alone']);
const STANDING: ReadonlySet<string> = new Set(['still', 'fan-alone', 'hums', 'fan-and-hum', 'contactor-in-only']);

/** Whether a compressor runs, by its amps or by sight; null: unknown. */
export const runsUncalled = ({ outdoorUnit }: Facts, amps: number | undefined, seen: string | null): boolean | null => {
  if (amps !== undefined)
    return (
      amps >= (outdoorUnit.compressorRatedAmps === null ? RUNS_AMPS : RUNS_SHARE * outdoorUnit.compressorRatedAmps)
    );
  if (seen !== null && RUNNING.has(seen)) return true;
  return seen !== null && STANDING.has(seen) ? false : null;
};
