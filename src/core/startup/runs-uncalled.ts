import type { Facts } from '../job/document';

/** Amps above which a strip heats: a clamp's zero and the blower may be all there is under it. Our judgment. */
export const HEATS_AMPS = 8;

/** Least share of the plate's amps at which a compressor certainly runs. Our judgment. */
export const RUNS_SHARE = 0.25;
/** The same where no plate was read, A. Our judgment: more than a crankcase heater takes. */
const RUNS_AMPS = 3;

const RUNNING: ReadonlySet<string> = new Set(['runs', 'compressor-alone']);
const STANDING: ReadonlySet<string> = new Set(['still', 'fan-alone', 'hums', 'fan-and-hum', 'contactor-in-only']);

/** Whether a compressor runs, by its amps or by sight; null: neither says. */
export const runsUncalled = ({ outdoorUnit }: Facts, amps: number | undefined, seen: string | null): boolean | null => {
  if (amps !== undefined)
    return (
      amps >= (outdoorUnit.compressorRatedAmps === null ? RUNS_AMPS : RUNS_SHARE * outdoorUnit.compressorRatedAmps)
    );
  if (seen !== null && RUNNING.has(seen)) return true;
  return seen !== null && STANDING.has(seen) ? false : null;
};
