import type { Spot } from '../devices/device';

/** Seconds between two places. All times here are our judgment. */
export const WALK_S: Readonly<Record<Spot, Readonly<Record<Spot, number>>>> = {
  wall: { wall: 0, indoors: 30, outdoors: 60 },
  indoors: { wall: 30, indoors: 0, outdoors: 70 },
  outdoors: { wall: 60, indoors: 70, outdoors: 0 },
};
/** To take a panel off. */
export const PANEL_S: Readonly<Record<Spot, number>> = { wall: 15, indoors: 60, outdoors: 60 };
/** To read it twice, and enter it. */
export const READ_S = 30;
/** To set another call at the thermostat, and to let switches move. */
export const CALL_S = 20;
/** To open, lock out and verify dead every supply; to put them back. */
export const VERIFY_DEAD_S = 150;
export const PUT_BACK_S = 45;
/** A compressor that was off starts after its minimum off. */
export const RESTART_S = 180;
