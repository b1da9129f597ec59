import { type CauseEntry, ofKind, together } from './entry';

const cause = ofKind('air', { proves: ['fan', 'heat', 'heat-aux', 'emergency', 'furnace', 'cool'] });

export const air: CauseEntry = together(
  cause(
    'filter',
    'Filter choked',
    5,
    'The commonest of all, and the first to look at.',
    { ails: { airShare: 0.65, staticShare: 1.6, isFilterChoked: true } },
    { confirm: 'Take it out, and read the static pressure again.', mend: 'New filter; write down its size and date.' },
  ),
  cause(
    'tap',
    'Blower on too low a tap, or set for another size',
    2,
    'Left as delivered, or turned down for noise.',
    { ails: { airShare: 0.7, staticShare: 0.5, settingsOff: ['blower-tap'] } },
    {
      confirm: 'Tap or switches against the blower’s table.',
      mend: 'Tap for the airflow on the Sheet; then amps and rise again.',
    },
  ),
  cause(
    'choked',
    'Indoor coil or ducts choked: face dirty, damper shut, returns covered',
    2,
    'Dirt behind a filter that was left out; furniture over returns.',
    { ails: { airShare: 0.6, staticShare: 1.8 } },
    {
      confirm: 'Pressure across the coil, and each side of the blower by itself against the room.',
      mend: 'Open dampers, clean the coil, add return.',
    },
  ),
  cause(
    'blower-dead',
    'Blower motor or its capacitor dead, though called',
    2,
    'Motors and their modules fail; a capacitor sooner.',
    { ails: { blower: 'dead', airShare: 0 } },
    {
      confirm: 'Its relay is in and the motor has volts, and stands still.',
      mend: 'Capacitor, module or motor for its like; every supply proven dead first.',
    },
  ),
);
