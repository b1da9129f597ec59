import { furnaceNowBtuh, isHeating } from '../../balance/heat-now';
import type { Mode, Signals } from '../../control/in-time/signals';
import type { Scenario } from '../../control/scenario';
import type { Signal } from '../../control/signal';
import { outsideConditions } from '../../control/thermostat';
import { bankCoilId, COMPRESSOR_COIL, SECOND_STAGE_COIL } from '../../devices/ids';
import type { Facts } from '../../job/document';
import { kitRows } from '../../job/kit-rows';
import type { Bench } from '../../wiring/state';
import { sentSignals } from './control-program';

/** A system for a run: its facts, its wiring as found, and its scenario. */
export interface WiredSystem {
  readonly facts: Facts;
  readonly wall: Bench;
  readonly scenario: Scenario;
}

/** A thermostat's calls as bits, for fast scans of long runs. */
export const CALL_BITS = { Y: 1, Y2: 2, AUX: 4, E: 8 } as const;

const callBits = (signals: ReadonlySet<Signal>): number =>
  (Object.keys(CALL_BITS) as (keyof typeof CALL_BITS)[]).reduce(
    (bits, call) => (signals.has(call) ? bits + CALL_BITS[call] : bits),
    0,
  );

/** Result of the wires for a set of signals. */
export interface Carried {
  /** All signals and closed contacts, sorted, joined by spaces. */
  readonly signals: string;
  /** The thermostat's calls among them: bits of `CALL_BITS`. */
  readonly calls: number;
  readonly isCompressorIn: boolean;
  /** Whether the compressor runs with the valve in heating. */
  readonly isHeating: boolean;
  readonly isSecondStageIn: boolean;
  /** For each element, whether its bank's coil is in. */
  readonly calledElements: readonly boolean[];
  /** Heat of the furnace as its wires allow, Btu/h. */
  readonly fireBtuh: number;
  /** Whether the outdoor board reports a fault. */
  readonly isBoardLockedOut: boolean;
}

/** Contacts that move by themselves during a run. */
export interface Moves {
  readonly isDefrosting: boolean;
  /** Whether a dual-fuel kit's limit senses hot air at the coil. */
  readonly isSupplyHot: boolean;
}

const MODES: readonly Mode[] = ['heat', 'cool', 'emergency', 'off'];

/** A sensor's leg is solved at whole degrees: no relay moves for less. */
const keyOf = (
  { isCompressing, isSecondStage, isBackup, isEmergency }: Signals,
  mode: Mode,
  { isDefrosting, isSupplyHot }: Moves,
  closed: number,
  outdoorF: number,
): number =>
  +isCompressing +
  2 * +isSecondStage +
  4 * +isBackup +
  8 * +isEmergency +
  16 * MODES.indexOf(mode) +
  64 * +isDefrosting +
  128 * +isSupplyHot +
  256 * closed +
  256 * 64 * (Math.round(outdoorF) + 200);

/** Table of wire results: each distinct set of signals is solved once. */
export const wiresOf = ({ facts, wall, scenario }: WiredSystem) => {
  const thermostats = facts.gates.outdoorThermostats;
  const rows = kitRows(facts);
  const table = new Map<number, Carried>();
  const hot = { ...scenario, conditions: [...scenario.conditions, 'supply-air-hot' as const] };
  const solved = (sent: Signals, mode: Mode, { isDefrosting, isSupplyHot }: Moves, outdoorF: number): Carried => {
    const asked = sentSignals(facts, sent, mode !== 'cool');
    const around = outsideConditions(
      facts,
      { outdoorF, scenario: isSupplyHot ? hot : scenario },
      asked,
      mode === 'heat',
    );
    const signals = new Set<Signal>([...asked, ...around, ...(isDefrosting ? (['defrost'] as const) : [])]);
    const on = wall.under(signals, Math.round(outdoorF), scenario.faults);
    return {
      signals: [...signals].sort().join(' '),
      calls: callBits(signals),
      isCompressorIn: on.energized.has(COMPRESSOR_COIL),
      isHeating: isHeating(facts, on),
      isSecondStageIn: on.energized.has(SECOND_STAGE_COIL),
      calledElements: rows.map(({ bank }) => on.energized.has(bankCoilId(bank))),
      fireBtuh: furnaceNowBtuh(facts, on),
      isBoardLockedOut: signals.has('board-lockout'),
    };
  };
  return (sent: Signals, mode: Mode, moves: Moves, outdoorF: number): Carried => {
    let closed = 0;
    for (let at = 0; at < thermostats.length; at++) if (outdoorF <= thermostats[at]!.closesBelowF) closed += 2 ** at;
    const key = keyOf(sent, mode, moves, closed, outdoorF);
    const known = table.get(key);
    if (known) return known;
    const carried = solved(sent, mode, moves, outdoorF);
    table.set(key, carried);
    return carried;
  };
};
