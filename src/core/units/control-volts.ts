/**
 * Volts of a 24 V control circuit, V: what a coil needs, what a supply gives, what a meter reading means. All in one
 * place; a manufacturer's own figures win.
 */

/**
 * Pull-in volts of a 24 V coil. Our judgment, with the trade: three quarters of nominal; coils differ, and the
 * manufacturer's figure wins.
 */
export const PULL_IN_VOLTS = 18;

/** Drop-out volts: half of nominal. Our judgment: relays drop out anywhere from 4 to 12 V. */
export const DROP_OUT_VOLTS = 12;

/**
 * Minimum volts at a coil under load, with a margin above pull-in. Source: the trade's own rule, 20 V at every coil.
 */
export const LEAST_COIL_VOLTS = 20;

/** Below it a coil counts as not powered rather than short of volts. Our judgment: half of drop-out. */
export const FED_VOLTS = 6;

/** Output of a class 2 supply, no load to full load. Source: the trade's own limits, 21 to 28 V. */
export const SUPPLY_VOLTS = [21, 28] as const;

/** Wider limits for a warning: pull-in, and what electronics withstand. Our judgment. */
export const SUPPLY_WARN_VOLTS = [PULL_IN_VOLTS, 30] as const;

/**
 * Above it a control conductor is not a class 2 circuit: line voltage, crossed circuits, or two transformers in series.
 * Source: NEC chapter 9, table 11(A), class 2 up to 30 V.
 */
export const MOST_CONTROL_VOLTS = 30;

/** Maximum volts of a terminal that is off. Our judgment: leakage through a board's filters makes a volt or two. */
export const DEAD_VOLTS = 3;

/**
 * Up to this an off terminal shows ghost voltage; above it something feeds it. Half of the supply, as for a floating
 * wire.
 */
export const GHOST_VOLTS = 12;

/** Readings below it are noise. Our judgment: the last digit of a cheap meter. */
export const NOTHING_VOLTS = 1;
