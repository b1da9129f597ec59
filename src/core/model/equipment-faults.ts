import { type CoilIs, GOOD_COIL } from '../control/coil';

/** Fault in a rung of the heat kit: no current, or heat that cannot be turned off. */
export type ElementFault = 'element' | 'link' | 'limit' | 'switch' | 'welded';

/** Fault of a furnace. */
export type FurnaceFault =
  /** The sequence stops before the igniter: inducer, pressure switch, flue. */
  | 'no-inducer'
  /** The igniter does not glow. */
  | 'no-glow'
  /** The igniter glows, but no flame follows. */
  | 'no-light'
  /** It lights and the board shuts it down: flame not sensed, or a switch that opens. */
  | 'drops-out'
  /** Its limit trips repeatedly, or stays open. */
  | 'limit'
  /** It underfires. */
  | 'weak';

/** Equipment faults, apart from wiring and settings. Every prediction uses them. */
export interface EquipmentFaults {
  /** Control transformer volts relative to normal. */
  readonly controlShare: number;
  /** Line volts at the heat kit relative to the service's. */
  readonly kitShare: number;
  /** Kit circuits without supply, from 0: breaker off, or one leg open. */
  readonly kitCircuitsOpen: readonly number[];
  /** Fault by element, from 0. */
  readonly rungs: Readonly<Record<number, ElementFault>>;
  /** Delay of the kit's switches as a multiple of normal. */
  readonly switchTimes: number;
  readonly outdoorLine: 'live' | 'dead' | 'low' | 'held';
  /** A breaker or disconnect visibly off. */
  readonly seenOff: 'kit' | 'indoors' | 'outdoors' | null;
  readonly contactor: 'sound' | 'burnt' | 'welded';
  /** A compressor that does not start: failed capacitor, or open windings or overload. */
  readonly compressor: 'sound' | 'no-capacitor' | 'open';
  readonly outdoorFan: 'sound' | 'no-capacitor' | 'dead';
  readonly blower: 'sound' | 'dead';
  /** Blower airflow relative to normal. */
  readonly airShare: number;
  /** External static pressure relative to a clean system. */
  readonly staticShare: number;
  /** Whether the filter is visibly clogged. */
  readonly isFilterChoked: boolean;
  /** Compressor heat relative to its rating. */
  readonly capacityShare: number;
  /** Whether gauges show a low charge. */
  readonly isChargeLow: boolean;
  readonly outdoorCoil: CoilIs;
  /** A reversing valve stuck in one position. */
  readonly valveStuck: 'heating' | 'cooling' | null;
  readonly furnace: FurnaceFault | null;
  /** Manifold pressure relative to normal. */
  readonly manifoldShare: number;
  /** Flame current relative to a clean rod's. */
  readonly flameShare: number;
  /** Fault of the defrost thermostat or the defrost board. */
  readonly defrost: 'sound' | 'never' | 'ends-early' | 'always-due' | 'sensor-off';
  /** Error of the displayed outdoor temperature, °F; null: none is displayed. */
  readonly outdoorShownF: number | null;
  /** Settings that differ from the job, by the id of the check that sees it. */
  readonly settingsOff: readonly string[];
  /** Whether a battery thermostat's batteries are dead. */
  readonly isBatteryFlat: boolean;
  /** Whether the compressor short-cycles. */
  readonly isShortCycling: boolean;
}

/** Nothing wrong. */
export const NO_EQUIPMENT_FAULTS: EquipmentFaults = {
  controlShare: 1,
  kitShare: 1,
  kitCircuitsOpen: [],
  rungs: {},
  switchTimes: 1,
  outdoorLine: 'live',
  seenOff: null,
  contactor: 'sound',
  compressor: 'sound',
  outdoorFan: 'sound',
  blower: 'sound',
  airShare: 1,
  staticShare: 1,
  isFilterChoked: false,
  capacityShare: 1,
  isChargeLow: false,
  outdoorCoil: GOOD_COIL,
  valveStuck: null,
  furnace: null,
  manifoldShare: 1,
  flameShare: 1,
  defrost: 'sound',
  outdoorShownF: 0,
  settingsOff: [],
  isBatteryFlat: false,
  isShortCycling: false,
};

/** Two sets of faults combined: shares multiply, lists join, and a fault in either counts. */
export const bothFaults = (
  one: Partial<EquipmentFaults>,
  other: Partial<EquipmentFaults>,
): Partial<EquipmentFaults> => {
  const shares = (['controlShare', 'kitShare', 'switchTimes', 'airShare', 'staticShare', 'capacityShare'] as const).map(
    (key) => [key, (one[key] ?? 1) * (other[key] ?? 1)] as const,
  );
  return {
    ...one,
    ...other,
    ...Object.fromEntries(shares),
    rungs: { ...one.rungs, ...other.rungs },
    kitCircuitsOpen: [...(one.kitCircuitsOpen ?? []), ...(other.kitCircuitsOpen ?? [])],
    settingsOff: [...(one.settingsOff ?? []), ...(other.settingsOff ?? [])],
  };
};
