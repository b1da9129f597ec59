import { entriesIn, menu, number, option, when } from './builders';
import type { ControllerProfile } from './profile';

const entry = entriesIn('this');

/** A made-up thermostat: pages by letter, numbered lines on each. Lines that do not matter are hidden. */
export const quillwort: ControllerProfile = {
  format: 'gate-cross-controller',
  fileVersion: 1,
  id: 'quillwort-menu',
  name: 'Quillwort',
  role: 'thermostat',
  about:
    'A made-up touch thermostat: seven pages named by a letter, lines numbered on each page. Lines that do not matter are not shown.',
  scopes: [{ id: 'this', label: 'This thermostat' }],
  before: ['Set the system to Off and wait until the blower stops.'],
  enter: [
    'Wake the screen.',
    'Slide a finger along the bottom edge from left to right and back without lifting it: page E, Equipment, opens.',
    'Slide up or down to go from line to line; the next page follows the last line. Tap a value to change it.',
  ],
  save: [
    'Slide the line to the right edge: a filled square shows that its value is saved. Close the pages with the square at the top.',
  ],
  activate: [],
  readBack: ['Open the pages again and go through them: page letter and line number on the left, value on the right.'],
  delays: [
    { label: 'Waits after power-up before it answers any call', seconds: 300 },
    { label: 'The outdoor temperature appears after the sensor is found', seconds: 120 },
  ],
  banks: [],
  jumpers: [],
  entries: [
    entry(
      'E1',
      'Equipment',
      menu(
        option('a', 'Furnace or strips only', { 'system-type': 'conventional' }),
        option('b', 'Heat pump, single stage', { 'system-type': 'heat-pump', 'compressor-stages': 1 }),
        option('c', 'Heat pump, two stage', { 'system-type': 'heat-pump', 'compressor-stages': 2 }),
        option('d', 'Dual fuel, single stage', { 'system-type': 'dual-fuel', 'compressor-stages': 1 }),
        option('e', 'Dual fuel, two stage', { 'system-type': 'dual-fuel', 'compressor-stages': 2 }),
      ),
      { factory: 'a', note: 'Changing it resets every entry after it to its factory default.' },
    ),
    entry(
      'E2',
      'Reversing valve energized in',
      menu(option('a', 'Cooling', { 'reversing-valve': 'O' }), option('b', 'Heating', { 'reversing-valve': 'B' })),
      { shownWhen: when('E1', 'b', 'c', 'd', 'e'), factory: 'a' },
    ),
    entry('E3', 'First stage, minimum run', number('second-stage-least', [0, 15], 1), {
      shownWhen: when('E1', 'c', 'e'),
      factory: '5',
    }),
    entry(
      'E4',
      'Spare output',
      menu(
        option('a', 'Nothing', { 'assigned-terminal': 'unused' }),
        option('b', 'Emergency heat', { 'assigned-terminal': 'emergency' }),
        option('c', 'Backup, second stage', { 'assigned-terminal': 'second-aux' }),
        option('d', 'Trouble lamp', { 'assigned-terminal': 'fault-lamp' }),
      ),
      { factory: 'a' },
    ),
    entry(
      'O1',
      'Outdoor reading from',
      menu(
        option('a', 'Nowhere', { 'outdoor-source': 'none' }),
        option('b', 'Wired sensor', { 'outdoor-source': 'wired' }),
        option('c', 'Radio sensor', { 'outdoor-source': 'wireless' }),
        option('d', 'Internet weather', { 'outdoor-source': 'weather' }),
      ),
      { factory: 'a' },
    ),
    entry(
      'O2',
      'Outdoor reading used for',
      menu(
        option('a', 'Showing', { 'outdoor-sensor-use': 'display' }),
        option('b', 'Lockouts', { 'outdoor-sensor-use': 'control' }),
        option('c', 'Showing and lockouts', { 'outdoor-sensor-use': 'both' }),
      ),
      { shownWhen: when('O1', 'b', 'c', 'd'), factory: 'c' },
    ),
    entry('O3', 'No compressor below', number('compressor-lockout', [-10, 60], 1, { none: 'none' }), {
      shownWhen: when('O1', 'b', 'c', 'd'),
      factory: 'none',
    }),
    entry(
      'B1',
      'Stages of backup',
      menu(
        option('a', 'None', { 'backup-stages': 0 }),
        option('b', 'One', { 'backup-stages': 1 }),
        option('c', 'Two', { 'backup-stages': 2 }),
      ),
      { shownWhen: when('E1', 'b', 'c', 'd', 'e'), factory: 'b' },
    ),
    entry(
      'B2',
      'Backup runs on',
      menu(
        option('a', 'Electricity', { 'backup-source': 'electric' }),
        option('b', 'Gas or oil', { 'backup-source': 'fossil', 'backup-with-heat-pump': 'apart' }),
      ),
      { shownWhen: { all: [when('B1', 'b', 'c'), when('E1', 'b', 'c', 'd', 'e')] }, factory: 'a' },
    ),
    entry(
      'B3',
      'Backup with compressor',
      menu(
        option('a', 'Not allowed', { 'backup-with-heat-pump': 'apart' }),
        option('b', 'Allowed', { 'backup-with-heat-pump': 'together' }),
        option('c', 'Emergency heat only', { 'backup-with-heat-pump': 'emergency-only' }),
      ),
      { shownWhen: when('B2', 'a'), factory: 'b' },
    ),
    entry(
      'B4',
      'Who starts the blower',
      menu(
        option('a', 'Equipment', { 'fan-in-heat': 'equipment' }),
        option('b', 'Thermostat', { 'fan-in-heat': 'thermostat' }),
      ),
      { shownWhen: when('B1', 'b', 'c'), factory: 'a' },
    ),
    entry('B5', 'Backup starts at', number('droop', [0, 5], 0.5, { none: 'time' }), {
      shownWhen: when('B1', 'b', 'c'),
      factory: '0',
    }),
    entry('B6', 'Next stage after', number('upstage-time', [10, 60], 5, { none: 'none' }), { factory: 'none' }),
    entry('B7', 'Backup starts per hour', number('backup-cycles', [1, 9], 1), {
      shownWhen: when('B1', 'b', 'c'),
      factory: '6',
    }),
    entry('B8', 'No backup above', number('aux-lockout', [0, 70], 1, { none: 'none' }), {
      shownWhen: { all: [when('O1', 'b', 'c', 'd'), when('B1', 'b', 'c')] },
      factory: 'none',
    }),
    entry(
      'B9',
      'Heat pump fault: use backup',
      menu(option('a', 'No', { 'emergency-on-fault': 'off' }), option('b', 'Yes', { 'emergency-on-fault': 'on' })),
      { shownWhen: when('B1', 'b', 'c'), factory: 'a' },
    ),
    entry('T1', 'Compressor starts per hour', number('compressor-cycles', [1, 6], 1), { factory: '3' }),
    entry('T2', 'Compressor minimum off time', number('compressor-min-off', [2, 9], 1), { factory: '5' }),
    entry('T3', 'Blower after heat', number('fan-after-heat', [0, 180], 15), { factory: '60' }),
    entry('T4', 'Blower after cool', number('fan-after-cool', [0, 180], 15), { factory: '45' }),
    entry('T5', 'Wait after power-up', number('power-up-hold', [0, 15], 1), { factory: '5' }),
    entry(
      'T6',
      'Start early',
      menu(option('a', 'No', { 'adaptive-recovery': 'off' }), option('b', 'Yes', { 'adaptive-recovery': 'on' })),
      { factory: 'b' },
    ),
    entry(
      'T7',
      'Response',
      menu(
        option('a', 'Calm', { response: 'calm' }),
        option('b', 'Medium', { response: 'usual' }),
        option('c', 'Brisk', { response: 'brisk' }),
      ),
      { factory: 'b' },
    ),
    entry(
      'R1',
      'Reads the room at',
      menu(
        option('a', 'Here', { 'sensing-place': 'here' }),
        option('b', 'Remote sensor', { 'sensing-place': 'remote' }),
        option('c', 'Average of both', { 'sensing-place': 'average' }),
      ),
      { factory: 'a' },
    ),
    entry('R2', 'Sensor correction', number('temperature-offset', [-3, 3], 0.5), { factory: '0' }),
    entry(
      'R3',
      'Heat or cool chosen',
      menu(option('a', 'By hand', { changeover: 'manual' }), option('b', 'By itself', { changeover: 'auto' })),
      { factory: 'a' },
    ),
    entry('R4', 'Space between setpoints', number('deadband', [0, 9], 1), { shownWhen: when('R3', 'b'), factory: '3' }),
    entry('R5', 'Highest heat setpoint', number('heat-setpoint-most', [60, 90], 1, { none: 'none' }), {
      factory: 'none',
    }),
    entry('R6', 'Lowest cool setpoint', number('cool-setpoint-least', [50, 80], 1, { none: 'none' }), {
      factory: 'none',
    }),
    entry('R7', 'Test stops above, heat', number('test-heat-most', [60, 99], 1, { none: 'none' }), { factory: 'none' }),
    entry('R8', 'Test stops below, cool', number('test-cool-least', [45, 80], 1, { none: 'none' }), {
      factory: 'none',
    }),
    entry(
      'C1',
      'Reminders count',
      menu(
        option('a', 'Run time', { 'reminder-basis': 'run-time' }),
        option('b', 'Days', { 'reminder-basis': 'calendar' }),
      ),
      { factory: 'a' },
    ),
    entry('C2', 'Filter', number('filter-reminder', [10, 360], 10, { none: 'none' }), { factory: 'none' }),
    entry('C3', 'Service', number('service-reminder', [3, 24], 1, { none: 'none' }), { factory: 'none' }),
    entry('C4', 'Humidifier pad', number('humidifier-reminder', [1, 24], 1, { none: 'none' }), { factory: 'none' }),
    entry('C5', 'UV lamp', number('lamp-reminder', [3, 36], 1, { none: 'none' }), { factory: 'none' }),
    entry(
      'H1',
      'Day plan',
      menu(
        option('a', 'One temperature', { schedule: 'none' }),
        option('b', 'Night', { schedule: 'night' }),
        option('c', 'Night and away', { schedule: 'night-and-away' }),
      ),
      { factory: 'c' },
    ),
    entry('H2', 'Lower at night by', number('setback', [0, 12], 1), { shownWhen: when('H1', 'b', 'c'), factory: '8' }),
    entry(
      'H3',
      'After an outage',
      menu(option('a', 'Stay off', { 'outage-restart': 'off' }), option('b', 'Go on', { 'outage-restart': 'resume' })),
      { factory: 'b' },
    ),
    entry(
      'H4',
      'Degrees',
      menu(option('a', '°F', { 'temperature-scale': 'F' }), option('b', '°C', { 'temperature-scale': 'C' })),
      { factory: 'a' },
    ),
    entry('H5', 'Clock', menu(option('a', '12 hours', { clock: 12 }), option('b', '24 hours', { clock: 24 })), {
      factory: 'a',
    }),
    entry(
      'H6',
      'Screen',
      menu(option('a', 'Wakes when touched', { screen: 'touch' }), option('b', 'Always on', { screen: 'always' })),
      { factory: 'a' },
    ),
    entry(
      'H7',
      'Lock',
      menu(
        option('a', 'None', { lock: 'none' }),
        option('b', 'A few degrees', { lock: 'partial' }),
        option('c', 'Full, by code', { lock: 'full' }),
      ),
      { factory: 'a', note: 'Do this last, after startup.' },
    ),
  ],
};
