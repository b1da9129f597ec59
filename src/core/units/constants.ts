/** Btu (International Table) in one kilowatt-hour. Source: definition of the IT Btu. */
export const BTU_PER_KWH = 3412.14;

/**
 * Sensible heat of standard air, Btu/(h·CFM·°F): 60 min/h × 0.075 lb/ft³ × 0.24 Btu/(lb·°F). Source: ASHRAE
 * Fundamentals.
 */
export const SENSIBLE_FACTOR = 1.08;

/** One ton of refrigeration, Btu/h. Source: definition. */
export const BTUH_PER_TON = 12_000;

/** Heat content of each fuel, Btu per unit sold. Source: US Energy Information Administration. */
export const FUEL_BTU_PER_UNIT = {
  'natural-gas': 100_000, // therm
  propane: 91_452, // gallon
  'fuel-oil': 138_500, // gallon, No. 2
} as const;

export type FuelKind = keyof typeof FUEL_BTU_PER_UNIT;

/** Unit of each fuel. */
export const FUEL_UNIT: Readonly<Record<FuelKind, string>> = {
  'natural-gas': 'therm',
  propane: 'gallon',
  'fuel-oil': 'gallon',
};

/** Solid copper at 20 °C, ohms per 1000 ft, by American wire gauge. Source: ASTM B258. */
export const COPPER_OHMS_PER_1000_FT = { 18: 6.385, 20: 10.15, 22: 16.14, 24: 25.67 } as const;

export type WireGauge = keyof typeof COPPER_OHMS_PER_1000_FT;

/** Standard overcurrent device ratings, A. Source: NEC 240.6(A). */
export const BREAKER_SIZES_AMPS = [15, 20, 25, 30, 35, 40, 45, 50, 60, 70, 80, 90, 100, 110, 125] as const;

/** Maximum heater load on one branch circuit, A. Source: NEC 424.22(B). */
export const HEATER_CIRCUIT_LIMIT_AMPS = 48;

/** Largest breaker on a subdivided heater circuit, A. Source: NEC 424.22(B). */
export const HEATER_BREAKER_LIMIT_AMPS = 60;

/** Continuous-load factor of a fixed heating circuit. Source: NEC 424.4(B) (424.3(B) in older editions). */
export const HEATER_CIRCUIT_FACTOR = 1.25;

/** Nominal class 2 control voltage, V. A coil's rated VA is at this voltage. */
export const CONTROL_NOMINAL_VOLTS = 24;

/** Resistance of a closed contact, Ω. */
export const CLOSED_CONTACT_OHMS = 0.02;

/** Leak from every node to the common side, Ω, so that an unconnected node reads near zero. */
export const NODE_LEAK_OHMS = 100e6;

/** Above this a coil is wet instead of frosted, °F. */
export const FREEZING_F = 32;
