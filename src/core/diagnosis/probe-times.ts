import type { Spot } from '../devices/device';

/** Walking time between two places, s. All times here are our judgment. */
export const WALK_S: Readonly<Record<Spot, Readonly<Record<Spot, number>>>> = {
  wall: { wall: 0, indoors: 30, outdoors: 60 },
  indoors: { wall: 30, indoors: 0, outdoors: 70 },
  outdoors: { wall: 60, indoors: 70, outdoors: 0 },
};
/** Removing a panel. */
export const PANEL_S: Readonly<Record<Spot, number>> = { wall: 15, indoors: 60, outdoors: 60 };
/** Reading twice, and entering it. */
export const READ_S = 30;
/** Setting another call at the thermostat, and waiting for switches. */
export const CALL_S = 20;
/** Opening, locking out and verifying every supply dead; restoring them. */
export const VERIFY_DEAD_S = 150;
export const PUT_BACK_S = 45;
/** Waiting for the compressor's minimum off time. */
export const RESTART_S = 180;
