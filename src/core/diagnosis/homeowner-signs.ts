import type { CallId } from '../control/moment';
import { callsOf } from '../control/moment';
import { backupOf } from '../job/backup';
import type { OperatingState } from '../model/operating-state';
import type { FaultedSystem } from './faulted-system';
import { FELT_SHARE } from './felt-share';

/** What the people of a house notice; heat is relative to a good system. */
export interface HomeownerSigns {
  readonly isBlank: boolean;
  readonly blowsInHeat: boolean;
  /** On the heat pump's own call; negative if it cools. */
  readonly heat: number;
  /** With everything on. */
  readonly full: number;
  readonly emergency: number;
  readonly cool: number;
  readonly isOutdoorStill: boolean;
  readonly hums: boolean;
  readonly chatters: boolean;
  readonly isIced: boolean;
  /** Whether defrosts run to their maximum time. */
  readonly isCapped: boolean;
  readonly cyclesShort: boolean;
  /** Heat or compressor with nothing called. */
  readonly runsUncalled: boolean;
  readonly blowsUncalled: boolean;
  /** Backup on a call that should not turn it on: heating, cooling. */
  readonly costsMore: boolean;
  readonly burnerDropsOut: boolean;
  /** Cold air in a defrost that should have strip heat. */
  readonly defrostBlowsCold: boolean;
  readonly airIsWeak: boolean;
  /** A compressor that starts hard. */
  readonly lightsDim: boolean;
  readonly settingsOff: readonly string[];
}

const STILL: ReadonlySet<OperatingState['outdoor']> = new Set([
  'still',
  'contactor-in-only',
  'fan-alone',
  'hums',
  'fan-and-hum',
]);
/** Airflow relative to normal below which it is felt at the registers. Our judgment. */
const WEAK_AIR_SHARE = 0.8;
/** Frost left after defrost that people see, lb. Our judgment. */
const ICE_LB = 1;

const shareOf = (is: number, should: number): number => (Math.abs(should) < 1 ? 1 : is / should);

const backupBtuh = ({ stripsBtuh, fossilBtuh }: OperatingState) => stripsBtuh + fossilBtuh;

/** Signs of a faulted system compared with the same system without faults. */
export const homeownerSigns = (patient: FaultedSystem, sound: FaultedSystem): HomeownerSigns => {
  const { facts, ails } = patient;
  const now = (call: CallId) => patient.works(call);
  const share = (call: CallId, of: (works: OperatingState) => number = ({ totalBtuh }) => totalBtuh) =>
    shareOf(of(now(call)), of(sound.works(call)));
  const heat = now('heat-1');
  const off = now('off');
  const calls = callsOf(facts);
  const fullHeat = calls.includes('heat-2') ? Math.min(share('heat-1'), share('heat-2')) : share('heat-1');
  const blown = (['off', 'heat-1', 'heat-aux'] as const).some((call) => patient.blows(call));
  return {
    isBlank: !patient.display() || (blown && facts.thermostat.power === 'C'),
    blowsInHeat: heat.isBlowerOn && !blown,
    heat: blown ? 0 : fullHeat,
    full: blown ? 0 : share('heat-aux'),
    emergency: blown ? 0 : share('emergency'),
    cool: blown || patient.blows('cool-1') ? 0 : share('cool-1'),
    isOutdoorStill: STILL.has(heat.outdoor) && !STILL.has(sound.works('heat-1').outdoor),
    hums: heat.outdoor === 'hums' || heat.outdoor === 'fan-and-hum',
    chatters: calls.some((call) => now(call).outdoor === 'chatters'),
    isIced: patient.night.frostLeftLb > ICE_LB && heat.isCompressorOn,
    isCapped: patient.night.capped > 0 && heat.isCompressorOn,
    cyclesShort: ails.isShortCycling || heat.isTripping || now('heat-aux').isTripping,
    runsUncalled: off.isCompressorOn || backupBtuh(off) > 0 || off.elementsOn.size > 0,
    blowsUncalled: off.isBlowerOn,
    costsMore:
      backupBtuh(heat) > backupBtuh(sound.works('heat-1')) + 1 ||
      now('cool-1').elementsOn.size > 0 ||
      now('cool-1').flame === 'burns',
    burnerDropsOut: now('emergency').flame === 'drops-out',
    defrostBlowsCold: backupOf(facts) === 'strips' && share('defrost', ({ stripsBtuh }) => stripsBtuh) < FELT_SHARE,
    airIsWeak: ails.airShare < WEAK_AIR_SHARE,
    lightsDim: ails.outdoorLine === 'low',
    settingsOff: ails.settingsOff,
  };
};
