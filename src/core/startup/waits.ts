import type { Facts } from '../job/document';
import type { Wait } from './step';

/** The compressor's minimum off time, before any restart: from power-up, a stop, another mode or a defrost. */
export const minOffWait = ({ thermostat }: Facts): Wait => ({
  id: 'min-off',
  label: 'Compressor minimum off time',
  seconds: thermostat.compressorMinOffMin * 60,
  why: 'From power-up or the last stop, before Y may start the compressor: pressures must equalize.',
});

/** Until temperatures and amps of a running heat pump mean something; an inverter first has to climb. */
export const steadyRunWait = ({ outdoorUnit }: Facts): Wait => ({
  id: 'steady',
  label: 'Steady run',
  seconds: 900,
  why:
    outdoorUnit.stages === 'inverter'
      ? 'An inverter takes minutes to reach speed; then allow 15 minutes for temperatures and amps.'
      : 'Temperatures and amps are meaningful after 15 minutes.',
});

/** Until a burner's rise is stopped. */
export const STEADY_FIRE: Wait = {
  id: 'steady',
  label: 'Steady fire',
  seconds: 600,
  why: 'The rise settles in about ten minutes.',
};
