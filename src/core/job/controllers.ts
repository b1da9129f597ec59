/** The controllers of a system. */
export const CONTROLLERS = { thermostat: 'Thermostat', indoor: 'Indoor board', outdoor: 'Outdoor board' } as const;
export type ControllerRole = keyof typeof CONTROLLERS;
export const CONTROLLER_ROLES = Object.keys(CONTROLLERS) as ControllerRole[];
