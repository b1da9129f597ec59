/** Dimensions of the drawing, in its own units; one unit is one pixel at full size. */
export const ROW_HEIGHT = 46;
export const HEADER_HEIGHT = 46;
export const DEVICE_GAP = 18;
/** Stub next to a device, free of vertical wires: room for the color name. */
export const STUB = 62;
export const TRACK = 14;
export const PARKING_HEIGHT = 30;
export const MARGIN = 14;
/**
 * Offsets of wire ends from the middle of a row, different on the two sides of a channel, so that no two wires share a
 * line.
 */
export const OFFSETS = { left: [-10, 10, -20, 20, -16, 16], right: [-5, 5, -15, 15, -18, 18] } as const;

/** A point of the drawing. */
export interface Point {
  readonly x: number;
  readonly y: number;
}

/** Side of a channel: whether the device is left or right of it. */
export type Side = 'left' | 'right';
