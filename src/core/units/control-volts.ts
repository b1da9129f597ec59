/**
 * Volts of a 24 V control circuit, V: what a coil needs, what a supply gives, what a meter's figure means.
 * One place for all of them; a maker's own figures win.
 */

/**
 * A 24 V coil pulls in at or above it. Our judgment, with the trade: three quarters of nominal; coils differ, and the
 * maker's figure wins.
 */
export const PULL_IN_VOLTS = 18;

/** A coil that is in lets go below it: half of nominal. Our judgment: relays let go anywhere from 4 to 12 V. */
export const DROP_OUT_VOLTS = 12;

/** Least volts at a coil under load, a sound margin above pull-in. Source: the trade's own rule, 20 V at every coil. */
export const LEAST_COIL_VOLTS = 20;

/** Below it a coil is not fed at all, and its volts are no shortage. Our judgment: half of what lets it go. */
export const FED_VOLTS = 6;

/** What a class 2 supply gives, no load to full load. Source: the trade's own limits, 21 to 28 V. */
export const SUPPLY_VOLTS = [21, 28] as const;

/** Wider limits within which it still works, for a warning: pull-in, and what electronics stand. Our judgment. */
export const SUPPLY_WARN_VOLTS = [PULL_IN_VOLTS, 30] as const;

/**
 * Above it a control conductor is no class 2 circuit any more: line voltage, crossed circuits, or two transformers in
 * series. Source: NEC chapter 9, table 11(A), class 2 up to 30 V.
 */
export const MOST_CONTROL_VOLTS = 30;

/** A terminal that is off reads less than it. Our judgment: leaks through a board's filters make a volt or two. */
export const DEAD_VOLTS = 3;

/** Up to it an off terminal shows a ghost, above it something feeds it. Half of the supply, as for a floating wire. */
export const GHOST_VOLTS = 12;

/** Below it a meter shows nothing worth a word. Our judgment: the last digit of a cheap meter. */
export const NOTHING_VOLTS = 1;
