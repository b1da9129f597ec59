import { correctedMs, inTime } from '../job/in-time';
import { currentReadings, type Reading, type TakenReading } from '../job/reading';
import type { ActiveStop } from './active-stops';

/** Items that record a system as shut off and tagged, and a crew lead's acknowledgment. */
export const TAGGED_ITEM = 'stop-work/tagged';
export const ACKNOWLEDGED_ITEM = 'stop-work/acknowledged';

/** How a system with a stop can be signed. */
export type ShutOff =
  /** No stops. */
  | { readonly kind: 'clear' }
  | { readonly kind: 'untagged' }
  /** Shut off and tagged; a crew lead has not acknowledged it yet. */
  | { readonly kind: 'tagged'; readonly tagged: TakenReading }
  | { readonly kind: 'acknowledged'; readonly tagged: TakenReading; readonly lead: TakenReading };

/** Progress of signing a job with stops: both entries count only after the last stop. */
export const shutOffOf = (stops: readonly ActiveStop[], readings: readonly Reading[]): ShutOff => {
  if (stops.length === 0) return { kind: 'clear' };
  const since = Math.max(...stops.map(({ by }) => (by === null ? 0 : correctedMs(by))));
  const now = currentReadings(inTime(readings));
  const said = (item: string, afterMs: number) => {
    const reading = now.get(item);
    return reading?.value === 'done' && correctedMs(reading) >= afterMs ? reading : undefined;
  };
  const tagged = said(TAGGED_ITEM, since);
  if (!tagged) return { kind: 'untagged' };
  const lead = said(ACKNOWLEDGED_ITEM, correctedMs(tagged));
  return lead ? { kind: 'acknowledged', tagged, lead } : { kind: 'tagged', tagged };
};

/** Whether a job may be signed. */
export const maySign = ({ kind }: ShutOff): boolean => kind === 'clear' || kind === 'acknowledged';
