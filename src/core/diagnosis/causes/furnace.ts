import { backupOf } from '../../job/backup';
import type { Facts } from '../../job/document';
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
    'Water in the tube, a nest in the flue, a cold chimney.',
    { ails: { furnace: 'no-inducer' } },
    {
      confirm: 'Does the inducer run? Pressure at its tube against the label.',
      mend: 'Clear flue and drain; then the part.',
    },
  ),
  cause(
    'igniter',
    'Igniter or spark dead',
    3,
    'Hot-surface igniters crack; electrodes foul.',
    { ails: { furnace: 'no-glow' } },
    {
      confirm: 'Inducer runs, its switch closes, no glow or spark. Cold ohms of the igniter.',
      mend: 'Igniter for its like, not touched with bare fingers.',
    },
  ),
  cause(
    'gas-valve',
    'Igniter works and no fuel comes: valve, supply, nozzle',
    2,
    'Shut cock, empty tank, plugged nozzle, valve coil.',
    { ails: { furnace: 'no-light' } },
    { confirm: 'Cock open? Inlet pressure, by licensed people.', mend: 'Fuel and pressure first; then the valve.' },
  ),
  cause(
    'flame-sensor',
    'Flame not sensed: rod dirty, ground poor',
    3,
    'Film on the rod: the commonest.',
    { ails: { furnace: 'drops-out', flameShare: 0.15 } },
    {
      confirm: 'Flame current while it burns, µA.',
      mend: 'Clean rod and ground; wire it as it was.',
      by: 'technician',
    },
    isGas,
  ),
  cause(
    'limit',
    'Furnace limit opens: too hot, or worn',
    2,
    'Too little air, over-fired; a limit that tripped for years.',
    { ails: { furnace: 'limit' } },
    {
      confirm: 'Rise against the plate. Never bypass the limit.',
      mend: 'Airflow first, then pressure, then the limit for its like.',
    },
  ),
  cause(
    'weak-fire',
    'Burns low: manifold or pump pressure, nozzle or orifices',
    1.5,
    'Set for another fuel or height; a worn nozzle.',
    { ails: { furnace: 'weak', manifoldShare: 0.55 } },
    {
      confirm: 'Manifold or pump pressure; rise at the airflow of the plate.',
      mend: 'Set by the plate, by licensed people.',
    },
  ),
);

/** What can be wrong with a burner, where there is one. */
export const furnaceCauses: CauseEntry = (facts, harness) => (isFossil(facts) ? all(facts, harness) : []);
