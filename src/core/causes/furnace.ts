import { backupOf } from '../job/backup';
import type { Facts } from '../job/document';
import { type CauseEntry, ofKind, together } from './entry';

const isFossil = (facts: Facts) => backupOf(facts) === 'fossil';
const isGas = (facts: Facts) => isFossil(facts) && facts.furnace.fuel !== 'fuel-oil';

const cause = ofKind('furnace', {
  by: 'licensed',
  caution: 'fuel',
  proves: ['furnace', 'gas', 'oil', 'emergency', 'heat-aux'],
});

const all: CauseEntry = together(
  cause(
    'flue',
    'Sequence stops before the igniter: inducer, its switch, flue or drain',
    2,
    'Water in the pressure tube, a nest in the flue, a cold chimney.',
    { ails: { furnace: 'no-inducer' } },
    {
      confirm: 'Does the inducer run? Compare the tube pressure with the label.',
      fix: 'Clear the flue and drain; then replace the failed part.',
    },
  ),
  cause(
    'igniter',
    'Igniter or spark dead',
    3,
    'Hot-surface igniters crack; electrodes foul.',
    { ails: { furnace: 'no-glow' } },
    {
      confirm: 'Inducer runs, pressure switch closes, no glow or spark. Ohm the igniter cold.',
      fix: 'Replace the igniter with the same part; do not touch the element with bare fingers.',
    },
  ),
  cause(
    'gas-valve',
    'Igniter works, no fuel: valve, supply or nozzle',
    2,
    'Closed gas cock, empty tank, plugged nozzle, bad valve coil.',
    { ails: { furnace: 'no-light' } },
    {
      confirm: 'Gas cock open? Inlet pressure (licensed tech only).',
      fix: 'Fuel and pressure first; then the valve.',
    },
  ),
  cause(
    'flame-sensor',
    'Flame not sensed: dirty rod or poor ground',
    3,
    'Film on the flame rod is most common.',
    { ails: { furnace: 'drops-out', flameShare: 0.15 } },
    {
      confirm: 'Flame current while it burns, µA.',
      fix: 'Clean the flame rod and ground; rewire as found.',
      by: 'technician',
    },
    isGas,
  ),
  cause(
    'limit',
    'Furnace limit opens: overheating, or a weak limit',
    2,
    'Low airflow, overfired, or a limit weakened by years of trips.',
    { ails: { furnace: 'limit' } },
    {
      confirm: 'Compare temperature rise with the rating plate. Never bypass the limit.',
      fix: 'Fix airflow first, then gas pressure; then replace the limit with the same part.',
    },
  ),
  cause(
    'weak-fire',
    'Underfired: manifold or pump pressure, nozzle or orifices',
    1.5,
    'Set up for another fuel or elevation, or a worn nozzle.',
    { ails: { furnace: 'weak', manifoldShare: 0.55 } },
    {
      confirm: 'Manifold or pump pressure; temperature rise at nameplate airflow.',
      fix: 'Set to the rating plate (licensed tech only).',
    },
  ),
);

/** Causes in the furnace's burner. */
export const furnaceCauses: CauseEntry = (facts, harness) => (isFossil(facts) ? all(facts, harness) : []);
