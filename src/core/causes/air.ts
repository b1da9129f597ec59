import { type CauseEntry, ofKind, together } from './entry';

const cause = ofKind('air', { proves: ['fan', 'heat', 'heat-aux', 'emergency', 'furnace', 'cool'] });

export const air: CauseEntry = together(
  cause(
    'filter',
    'Filter clogged',
    5,
    'The most common cause. Check it first.',
    { ails: { airShare: 0.65, staticShare: 1.6, isFilterChoked: true } },
    {
      confirm: 'Pull the filter and recheck static pressure.',
      fix: 'Install a new filter; write its size and date on the cabinet.',
    },
  ),
  cause(
    'tap',
    'Blower speed tap too low, or set for the wrong size',
    2,
    'Left at the factory setting, or turned down for noise.',
    { ails: { airShare: 0.7, staticShare: 0.5, settingsOff: ['blower-tap'] } },
    {
      confirm: 'Compare the speed tap or switch settings with the blower table.',
      fix: 'Set the speed tap for the airflow on the Survey, then recheck amps and rise.',
    },
  ),
  cause(
    'choked',
    'Indoor coil or ducts plugged: dirty coil face, closed damper, covered returns',
    2,
    'Dirt from running with no filter; furniture over returns.',
    { ails: { airShare: 0.6, staticShare: 1.8 } },
    {
      confirm: 'Measure the drop across the coil, then the static on each side of the blower to the room.',
      fix: 'Open the dampers, clean the coil, add return air.',
    },
  ),
  cause(
    'blower-dead',
    'Blower called, but motor or capacitor failed',
    2,
    'Motors and modules fail; capacitors fail sooner.',
    { ails: { blower: 'dead', airShare: 0 } },
    {
      confirm: 'Relay pulled in, motor has voltage but does not turn.',
      fix: 'Lock out and verify every supply dead; then replace the capacitor, module or motor with the same part.',
    },
  ),
);
