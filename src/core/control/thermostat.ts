import { type Backup, backupOf } from '../job/backup';
import type { Facts } from '../job/document';
import { interlockedBank } from '../job/interlocked-bank';
import { freezesAt, steadyCoilF } from './coil';
import { CONDITIONS } from './conditions';
import { lockoutsInForce } from './lockouts';
import type { Moment } from './moment';
import { isFossil } from './outputs';
import { auxSignals, compressorSignals, emergencySignals } from './sent';
import { outdoorThermostatSignal, type Signal } from './signal';

/** Something that was called and locked out, and why. */
export interface LockedOut {
  readonly source: 'compressor' | 'defrost' | Backup;
  readonly why: string;
}

export interface ControlState {
  readonly signals: ReadonlySet<Signal>;
  readonly lockedOut: readonly LockedOut[];
}

const outdoorThermostatsHeld = ({ gates, system }: Facts, outdoorF: number): LockedOut[] =>
  backupOf({ system }) === 'fossil'
    ? []
    : gates.outdoorThermostats.flatMap(({ bank, closesBelowF }, at): LockedOut[] =>
        outdoorF <= closesBelowF
          ? []
          : [
              {
                source: 'strips',
                why: `The thermostat shows AUX, but ${bank === 0 ? 'the strips are' : `bank ${bank} is`} locked out: outdoor thermostat ${at + 1} is open above ${closesBelowF} °F and it is ${outdoorF} °F outside.`,
              },
            ],
      );

const stripInterlockHeld = (facts: Facts): LockedOut[] => {
  const bank = interlockedBank(facts);
  return bank === null
    ? []
    : [
        {
          source: 'strips',
          why: `The thermostat shows AUX, but the strip interlock keeps bank ${bank} off while the compressor is called.`,
        },
      ];
};

const heating = (facts: Facts, moment: Moment, wantsBackup: boolean, stage: 1 | 2): ControlState => {
  const { compressorBelowF, auxAboveF } = lockoutsInForce(facts);
  const { outdoorF } = moment;
  const { minOutdoorF } = facts.outdoorUnit;
  const backup = backupOf(facts);
  const held: LockedOut[] = [];
  const isLockedOut = compressorBelowF !== null && outdoorF < compressorBelowF;
  if (isLockedOut)
    held.push({
      source: 'compressor',
      why: `Compressor locked out below ${compressorBelowF} °F; it is ${outdoorF} °F outside.`,
    });
  const isBackupHeld = auxAboveF !== null && outdoorF > auxAboveF;
  const callsBackup = (wantsBackup || isLockedOut) && !isBackupHeld;
  if ((wantsBackup || isLockedOut) && isBackupHeld) {
    const who = backup === 'strips' ? 'The strips are' : 'The furnace is';
    held.push({ source: backup, why: `${who} locked out above ${auxAboveF} °F; it is ${outdoorF} °F outside.` });
  }
  const isReplaced = callsBackup && isFossil(facts);
  if (isReplaced && !isLockedOut)
    held.push({
      source: 'compressor',
      why: 'The thermostat drops Y when it calls the furnace: the furnace runs instead of the compressor.',
    });
  const runs = !isLockedOut && !isReplaced;
  if (runs && minOutdoorF !== null && outdoorF < minOutdoorF)
    held.push({
      source: 'compressor',
      why: `Y is energized, but the unit’s own low-temperature cutoff stops it below ${minOutdoorF} °F.`,
    });
  if (callsBackup) held.push(...outdoorThermostatsHeld(facts, outdoorF), ...(runs ? stripInterlockHeld(facts) : []));
  return {
    signals: new Set([
      ...(runs ? compressorSignals(facts, true, stage) : []),
      ...(callsBackup ? auxSignals(facts) : []),
    ]),
    lockedOut: held,
  };
};

/** Emergency heat: backup only, through its own output if the thermostat has one. No outdoor lockout applies. */
const emergency = (facts: Facts): ControlState => ({ signals: new Set(emergencySignals(facts)), lockedOut: [] });

/** A heating call during which the board defrosts: only if the compressor made the coil cold enough to frost. */
const defrosting = (facts: Facts, moment: Moment): ControlState => {
  const state = heating(facts, moment, false, 1);
  if (!state.signals.has('Y')) return state;
  if (freezesAt(moment.outdoorF)) return { ...state, signals: new Set([...state.signals, 'defrost' as const]) };
  const why = `The board will not defrost: at ${moment.outdoorF} °F outside the coil is about ${steadyCoilF(moment.outdoorF)} °F, and the defrost thermostat is open.`;
  return { ...state, lockedOut: [...state.lockedOut, { source: 'defrost', why }] };
};

const called = (facts: Facts, moment: Moment): ControlState => {
  const only = (...signals: Signal[]): ControlState => ({ signals: new Set(signals), lockedOut: [] });
  switch (moment.call) {
    case 'off':
      return only();
    case 'fan':
      return only('G');
    case 'heat-1':
      return heating(facts, moment, false, 1);
    case 'heat-2':
      return heating(facts, moment, false, 2);
    case 'heat-aux':
      return heating(facts, moment, true, 2);
    case 'emergency':
      return emergency(facts);
    case 'cool-1':
      return only(...compressorSignals(facts, false, 1));
    case 'cool-2':
      return only(...compressorSignals(facts, false, 2));
    case 'defrost':
      return defrosting(facts, moment);
  }
};

const HEATING: ReadonlySet<Moment['call']> = new Set(['heat-1', 'heat-2', 'heat-aux', 'defrost']);

/** What moves by itself: outdoor thermostats with the weather, and simulated conditions. */
export const outsideConditions = (
  facts: Facts,
  { outdoorF, scenario }: Pick<Moment, 'outdoorF' | 'scenario'>,
  sent: ReadonlySet<Signal>,
  isHeating: boolean,
): Signal[] => {
  const conditions = CONDITIONS.filter(({ id, applies }) => scenario.conditions.includes(id) && applies(facts));
  const isLockedOut = conditions.some(({ id }) => id === 'board-lockout');
  const { faultOutput, faultHeat } = facts.outdoorUnit;
  const bringsHeat = isLockedOut && faultOutput === 'heat';
  const isCalled = faultHeat === 'always' || (isHeating && sent.has('Y'));
  return [
    ...facts.gates.outdoorThermostats.flatMap(({ closesBelowF }, at) =>
      outdoorF <= closesBelowF ? [outdoorThermostatSignal(at + 1)] : [],
    ),
    ...conditions.map(({ id }) => id),
    ...(bringsHeat && isCalled ? (['fault-heat'] as const) : []),
  ];
};

/**
 * Outputs of thermostat, defrost board and outdoor switches for a call at a moment. Electric backup runs with the
 * compressor, a furnace instead of it. Below the compressor lockout the backup becomes first stage; emergency heat
 * ignores outdoor lockouts. A board that is locked out does not defrost. Whether a signal arrives, and whether its
 * sender has power, is up to the wiring.
 */
export const control = (facts: Facts, moment: Moment): ControlState => {
  const state = called(facts, moment);
  const signals = new Set([
    ...state.signals,
    ...outsideConditions(facts, moment, state.signals, HEATING.has(moment.call)),
  ]);
  if (signals.has('board-lockout')) signals.delete('defrost');
  return { ...state, signals };
};
