import { type Device, device } from '../device';

/** A 10 kΩ thermistor: ohms at 77 °F and beta, K. Our judgment, the most common part; the sensor's table decides. */
const OHMS_AT_77_F = 10_000;
const BETA_K = 3950;
const kelvin = (fahrenheit: number) => ((fahrenheit - 32) * 5) / 9 + 273.15;

/** Resistance of the sensor at a temperature, Ω; input °F. */
export const sensorOhms = (outdoorF: number): number =>
  OHMS_AT_77_F * Math.exp(BETA_K * (1 / kelvin(outdoorF) - 1 / kelvin(77)));

/** A two-wire outdoor sensor. */
export const outdoorSensor: Device = device('outdoor-sensor', 'outdoors', {
  terminals: [
    { mark: 'S1', carries: 'sensor' },
    { mark: 'S2', carries: 'sensor' },
  ],
  resistors: [{ id: 'outdoor sensor', label: 'Outdoor sensor', from: 'S1', to: 'S2', ohmsAt: sensorOhms }],
});
