import type { CallId } from '../control/moment';
import { callsOf } from '../control/moment';
import { backupOf } from '../job/backup';
import type { OperatingState } from '../model/operating-state';
import type { FaultedSystem } from './faulted-system';
import { FELT_SHARE } from './felt-share';

/** What the people of a house notice of it, heat as shares of what it should be. */
export interface HomeownerSigns {
  readonly isBlank: boolean;
  readonly blowsInHeat: boolean;
  /** The heat pump's own call; below zero it cools. */
  readonly heat: number;
  /** With everything called. */
  readonly full: number;
  readonly emergency: number;
  readonly cool: number;
  readonly isOutdoorStill: boolean;
  readonly hums: boolean;
  readonly chatters: boolean;
  readonly isIced: boolean;
  /** Defrosts that go on to their longest time. */
  readonly isCapped: boolean;
  readonly cyclesShort: boolean;
  /** Heat or compressor with nothing called. */
  readonly runsUncalled: boolean;
  readonly blowsUncalled: boolean;
  /** Backup in a call that should not bring it: heating, cooling. */
  readonly costsMore: boolean;
  readonly burnerDropsOut: boolean;
  /** Cold air in a defrost that should be tempered. */
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
/** Air under this share of what it should be is felt at the registers. Our judgment. */
const WEAK_AIR_SHARE = 0.8;
/** Frost that no defrost takes and that people see, lb. Our judgment. */
const ICE_LB = 1;

const shareOf = (is: number, should: number): number => (Math.abs(should) < 1 ? 1 : is / should);

const backupBtuh = ({ stripsBtuh, fossilBtuh }: OperatingState) => stripsBtuh + fossilBtuh;

/** What the people of a house notice of what is wrong with it, next to the same house with nothing wrong. */
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
