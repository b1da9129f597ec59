import { type CoilIs, GOOD_COIL } from '../control/coil';

/** What in a rung of the heat kit gives no current, or cannot be told to stop. */
export type ElementFault = 'element' | 'link' | 'limit' | 'switch' | 'welded';

/** What is wrong with a furnace. */
export type FurnaceFault =
  /** The sequence stops before the igniter: inducer, pressure switch, flue. */
  | 'no-inducer'
  /** The igniter stays dark. */
  | 'no-glow'
  /** It glows, and no flame comes. */
  | 'no-light'
  /** It lights, and the board drops it: flame not sensed, a switch that opens. */
  | 'drops-out'
  /** Its limit opens again and again, or stays open. */
  | 'limit'
  /** It burns low. */
  | 'weak';

/** What ails the equipment, apart from its wires and its settings: what every prediction goes by. */
export interface EquipmentFaults {
  /** Volts of the control transformer, a share of what it should give. */
  readonly controlShare: number;
  /** Line volts at the heat kit, a share of the service's. */
  readonly kitShare: number;
  /** Circuits of the kit with no supply, from 0: a breaker off, or one leg of it open. */
  readonly kitCircuitsOpen: readonly number[];
  /** By element, from 0. */
  readonly rungs: Readonly<Record<number, ElementFault>>;
  /** Seconds that the kit's switches take, as a multiple of their own. */
  readonly switchTimes: number;
  readonly outdoorLine: 'live' | 'dead' | 'low' | 'held';
  /** A breaker or disconnect that is seen to be off. */
  readonly seenOff: 'kit' | 'indoors' | 'outdoors' | null;
  readonly contactor: 'sound' | 'burnt' | 'welded';
  /** A compressor that does not start for want of its capacitor, or whose windings or overload are open. */
  readonly compressor: 'sound' | 'no-capacitor' | 'open';
  readonly outdoorFan: 'sound' | 'no-capacitor' | 'dead';
  readonly blower: 'sound' | 'dead';
  /** Air of the blower, a share of what it should move. */
  readonly airShare: number;
  /** External static pressure, a share of what it is with all its air free. */
  readonly staticShare: number;
  /** Whether the filter is seen to be choked. */
  readonly isFilterChoked: boolean;
  /** Heat of the compressor, a share of its plate. */
  readonly capacityShare: number;
  /** Whether gauges show too little charge. */
  readonly isChargeLow: boolean;
  readonly outdoorCoil: CoilIs;
  /** A reversing valve that stays where it is, whatever its coil does. */
  readonly valveStuck: 'heating' | 'cooling' | null;
  readonly furnace: FurnaceFault | null;
  /** Manifold pressure, a share of what it should be. */
  readonly manifoldShare: number;
  /** Flame current, a share of a clean rod's. */
  readonly flameShare: number;
  /** The defrost board's defrost thermostat, and the board itself. */
  readonly defrost: 'sound' | 'never' | 'ends-early' | 'always-due' | 'sensor-off';
  /** What the outdoor temperature is shown as, °F more than it is; null: nothing is shown. */
  readonly outdoorShownF: number | null;
  /** Settings that are otherwise than the job has them, by the name of the look that sees it. */
  readonly settingsOff: readonly string[];
  /** Whether the thermostat's batteries are flat, where it runs on them. */
  readonly isBatteryFlat: boolean;
  /** Whether the compressor goes off and on within minutes. */
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

/** Two sets of ails at once: what one leaves sound the other may ail; shares multiply, lists join. */
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
