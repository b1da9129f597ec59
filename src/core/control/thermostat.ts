import type { Facts } from '../job/document';
import { lockoutsInForce } from './lockouts';
import type { Moment } from './moment';

/** What thermostat and defrost board can do to the contacts. */
export type Signal = 'Y' | 'G' | 'O' | 'B' | 'AUX' | 'E' | 'defrost';

/** Something that was called for and is not let through, and why. */
export interface Held {
  readonly source: 'compressor' | 'strips';
  readonly why: string;
}

export interface ControlState {
  readonly signals: ReadonlySet<Signal>;
  readonly held: readonly Held[];
}

/** The thermostat's valve output in heating and cooling, by how it is set up. */
const valveSignals = (facts: Facts, isHeating: boolean): Signal[] => {
  const setting = facts.thermostat.valveSetting;
  if (isHeating) return setting === 'B' ? ['B'] : [];
  return setting === 'O' ? ['O'] : [];
};

const heating = (facts: Facts, moment: Moment, wantsStrips: boolean): ControlState => {
  const { compressorBelowF, auxAboveF } = lockoutsInForce(facts);
  const { outdoorF } = moment;
  const { minOutdoorF } = facts.outdoorUnit;
  const held: Held[] = [];
  const signals = new Set<Signal>();
  const isLockedOut = compressorBelowF !== null && outdoorF < compressorBelowF;
  if (isLockedOut) held.push({ source: 'compressor', why: `The compressor is held: locked out below ${compressorBelowF} °F, and it is ${outdoorF} °F out.` });
  else for (const signal of ['Y', 'G', ...valveSignals(facts, true)] as Signal[]) signals.add(signal);
  if (!isLockedOut && minOutdoorF !== null && outdoorF < minOutdoorF)
    held.push({ source: 'compressor', why: `Y is sent, but the unit stops itself below ${minOutdoorF} °F.` });
  if (wantsStrips || isLockedOut) {
    if (auxAboveF !== null && outdoorF > auxAboveF)
      held.push({ source: 'strips', why: `The strips are held: locked out above ${auxAboveF} °F, and it is ${outdoorF} °F out.` });
    else {
      signals.add('AUX');
      signals.add('G');
    }
  }
  return { signals, held };
};

/**
 * Which outputs thermostat and defrost board give for a call at a moment, electric backup, single stage.
 * Below the compressor lockout the strips become first stage; emergency heat passes no outdoor gate.
 */
export const control = (facts: Facts, moment: Moment): ControlState => {
  const only = (...signals: Signal[]): ControlState => ({ signals: new Set(signals), held: [] });
  switch (moment.call) {
    case 'off':
      return only();
    case 'fan':
      return only('G');
    case 'heat-1':
      return heating(facts, moment, false);
    case 'heat-aux':
      return heating(facts, moment, true);
    case 'emergency':
      return only('E', 'G');
    case 'cool-1':
      return only('Y', 'G', ...valveSignals(facts, false));
    case 'defrost': {
      const state = heating(facts, moment, false);
      // The board only defrosts a coil that its compressor has frosted.
      return state.signals.has('Y') ? { ...state, signals: new Set([...state.signals, 'defrost' as const]) } : state;
    }
  }
};
