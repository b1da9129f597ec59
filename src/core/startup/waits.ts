import type { Facts } from '../job/document';
import type { Wait } from './step';

/** The compressor's minimum off time before any restart: after power-up, a stop, a mode change or a defrost. */
export const minOffWait = ({ thermostat }: Facts): Wait => ({
  id: 'min-off',
  label: 'Compressor minimum off time',
  seconds: thermostat.compressorMinOffMin * 60,
  why: 'From power-up or the last stop, before Y may start the compressor: pressures must equalize.',
});

/** Until temperatures and amps of a running heat pump are steady; an inverter ramps up first. */
export const steadyRunWait = ({ outdoorUnit }: Facts): Wait => ({
  id: 'steady',
  label: 'Steady run',
  seconds: 900,
  why:
    outdoorUnit.stages === 'inverter'
      ? 'An inverter takes minutes to reach speed; then allow 15 minutes for temperatures and amps.'
      : 'Temperatures and amps are meaningful after 15 minutes.',
});

/** Until a furnace's rise is steady. */
export const STEADY_FIRE: Wait = {
  id: 'steady',
  label: 'Steady fire',
  seconds: 600,
  why: 'The rise settles in about ten minutes.',
};
