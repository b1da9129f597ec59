import type { ControllerProfile } from './profile';

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
    {
      code: 'E1',
      label: 'Equipment',
      scope: 'this',
      form: {
        kind: 'menu',
        options: [
          { code: 'a', label: 'Furnace or strips only', means: { 'system-type': 'conventional' } },
          {
            code: 'b',
            label: 'Heat pump, single stage',
            means: { 'system-type': 'heat-pump', 'compressor-stages': 1 },
          },
          { code: 'c', label: 'Heat pump, two stage', means: { 'system-type': 'heat-pump', 'compressor-stages': 2 } },
          {
            code: 'd',
            label: 'Dual fuel, single stage',
            means: { 'system-type': 'dual-fuel', 'compressor-stages': 1 },
          },
          { code: 'e', label: 'Dual fuel, two stage', means: { 'system-type': 'dual-fuel', 'compressor-stages': 2 } },
        ],
      },
      factory: 'a',
      note: 'Changing it resets every entry after it to its factory default.',
    },
    {
      code: 'E2',
      label: 'Reversing valve energized in',
      scope: 'this',
      form: {
        kind: 'menu',
        options: [
          { code: 'a', label: 'Cooling', means: { 'reversing-valve': 'O' } },
          { code: 'b', label: 'Heating', means: { 'reversing-valve': 'B' } },
        ],
      },
      shownWhen: { entry: 'E1', is: ['b', 'c', 'd', 'e'] },
      factory: 'a',
    },
    {
      code: 'E3',
      label: 'First stage, minimum run',
      scope: 'this',
      form: { kind: 'number', setting: 'second-stage-least', min: 0, max: 15, step: 1, scale: 'plain' },
      shownWhen: { entry: 'E1', is: ['c', 'e'] },
      factory: '5',
    },
    {
      code: 'E4',
      label: 'Spare output',
      scope: 'this',
      form: {
        kind: 'menu',
        options: [
          { code: 'a', label: 'Nothing', means: { 'assigned-terminal': 'unused' } },
          { code: 'b', label: 'Emergency heat', means: { 'assigned-terminal': 'emergency' } },
          { code: 'c', label: 'Backup, second stage', means: { 'assigned-terminal': 'second-aux' } },
          { code: 'd', label: 'Trouble lamp', means: { 'assigned-terminal': 'fault-lamp' } },
        ],
      },
      factory: 'a',
    },
    {
      code: 'O1',
      label: 'Outdoor reading from',
      scope: 'this',
      form: {
        kind: 'menu',
        options: [
          { code: 'a', label: 'Nowhere', means: { 'outdoor-source': 'none' } },
          { code: 'b', label: 'Wired sensor', means: { 'outdoor-source': 'wired' } },
          { code: 'c', label: 'Radio sensor', means: { 'outdoor-source': 'wireless' } },
          { code: 'd', label: 'Internet weather', means: { 'outdoor-source': 'weather' } },
        ],
      },
      factory: 'a',
    },
    {
      code: 'O2',
      label: 'Outdoor reading used for',
      scope: 'this',
      form: {
        kind: 'menu',
        options: [
          { code: 'a', label: 'Showing', means: { 'outdoor-sensor-use': 'display' } },
          { code: 'b', label: 'Lockouts', means: { 'outdoor-sensor-use': 'control' } },
          { code: 'c', label: 'Showing and lockouts', means: { 'outdoor-sensor-use': 'both' } },
        ],
      },
      shownWhen: { entry: 'O1', is: ['b', 'c', 'd'] },
      factory: 'c',
    },
    {
      code: 'O3',
      label: 'No compressor below',
      scope: 'this',
      form: { kind: 'number', setting: 'compressor-lockout', min: -10, max: 60, step: 1, scale: 'plain', none: 'none' },
      shownWhen: { entry: 'O1', is: ['b', 'c', 'd'] },
      factory: 'none',
    },
    {
      code: 'B1',
      label: 'Stages of backup',
      scope: 'this',
      form: {
        kind: 'menu',
        options: [
          { code: 'a', label: 'None', means: { 'backup-stages': 0 } },
          { code: 'b', label: 'One', means: { 'backup-stages': 1 } },
          { code: 'c', label: 'Two', means: { 'backup-stages': 2 } },
        ],
      },
      shownWhen: { entry: 'E1', is: ['b', 'c', 'd', 'e'] },
      factory: 'b',
    },
    {
      code: 'B2',
      label: 'Backup runs on',
      scope: 'this',
      form: {
        kind: 'menu',
        options: [
          { code: 'a', label: 'Electricity', means: { 'backup-source': 'electric' } },
          { code: 'b', label: 'Gas or oil', means: { 'backup-source': 'fossil', 'backup-with-heat-pump': 'apart' } },
        ],
      },
      shownWhen: {
        all: [
          { entry: 'B1', is: ['b', 'c'] },
          { entry: 'E1', is: ['b', 'c', 'd', 'e'] },
        ],
      },
      factory: 'a',
    },
    {
      code: 'B3',
      label: 'Backup with compressor',
      scope: 'this',
      form: {
        kind: 'menu',
        options: [
          { code: 'a', label: 'Not allowed', means: { 'backup-with-heat-pump': 'apart' } },
          { code: 'b', label: 'Allowed', means: { 'backup-with-heat-pump': 'together' } },
          { code: 'c', label: 'Emergency heat only', means: { 'backup-with-heat-pump': 'emergency-only' } },
        ],
      },
      shownWhen: { entry: 'B2', is: ['a'] },
      factory: 'b',
    },
    {
      code: 'B4',
      label: 'Who starts the blower',
      scope: 'this',
      form: {
        kind: 'menu',
        options: [
          { code: 'a', label: 'Equipment', means: { 'fan-in-heat': 'equipment' } },
          { code: 'b', label: 'Thermostat', means: { 'fan-in-heat': 'thermostat' } },
        ],
      },
      shownWhen: { entry: 'B1', is: ['b', 'c'] },
      factory: 'a',
    },
    {
      code: 'B5',
      label: 'Backup starts at',
      scope: 'this',
      form: { kind: 'number', setting: 'droop', min: 0, max: 5, step: 0.5, scale: 'plain', none: 'time' },
      shownWhen: { entry: 'B1', is: ['b', 'c'] },
      factory: '0',
    },
    {
      code: 'B6',
      label: 'Next stage after',
      scope: 'this',
      form: { kind: 'number', setting: 'upstage-time', min: 10, max: 60, step: 5, scale: 'plain', none: 'none' },
      factory: 'none',
    },
    {
      code: 'B7',
      label: 'Backup starts per hour',
      scope: 'this',
      form: { kind: 'number', setting: 'backup-cycles', min: 1, max: 9, step: 1, scale: 'plain' },
      shownWhen: { entry: 'B1', is: ['b', 'c'] },
      factory: '6',
    },
    {
      code: 'B8',
      label: 'No backup above',
      scope: 'this',
      form: { kind: 'number', setting: 'aux-lockout', min: 0, max: 70, step: 1, scale: 'plain', none: 'none' },
      shownWhen: {
        all: [
          { entry: 'O1', is: ['b', 'c', 'd'] },
          { entry: 'B1', is: ['b', 'c'] },
        ],
      },
      factory: 'none',
    },
    {
      code: 'B9',
      label: 'Heat pump fault: use backup',
      scope: 'this',
      form: {
        kind: 'menu',
        options: [
          { code: 'a', label: 'No', means: { 'emergency-on-fault': 'off' } },
          { code: 'b', label: 'Yes', means: { 'emergency-on-fault': 'on' } },
        ],
      },
      shownWhen: { entry: 'B1', is: ['b', 'c'] },
      factory: 'a',
    },
    {
      code: 'T1',
      label: 'Compressor starts per hour',
      scope: 'this',
      form: { kind: 'number', setting: 'compressor-cycles', min: 1, max: 6, step: 1, scale: 'plain' },
      factory: '3',
    },
    {
      code: 'T2',
      label: 'Compressor minimum off time',
      scope: 'this',
      form: { kind: 'number', setting: 'compressor-min-off', min: 2, max: 9, step: 1, scale: 'plain' },
      factory: '5',
    },
    {
      code: 'T3',
      label: 'Blower after heat',
      scope: 'this',
      form: { kind: 'number', setting: 'fan-after-heat', min: 0, max: 180, step: 15, scale: 'plain' },
      factory: '60',
    },
    {
      code: 'T4',
      label: 'Blower after cool',
      scope: 'this',
      form: { kind: 'number', setting: 'fan-after-cool', min: 0, max: 180, step: 15, scale: 'plain' },
      factory: '45',
    },
    {
      code: 'T5',
      label: 'Wait after power-up',
      scope: 'this',
      form: { kind: 'number', setting: 'power-up-hold', min: 0, max: 15, step: 1, scale: 'plain' },
      factory: '5',
    },
    {
      code: 'T6',
      label: 'Start early',
      scope: 'this',
      form: {
        kind: 'menu',
        options: [
          { code: 'a', label: 'No', means: { 'adaptive-recovery': 'off' } },
          { code: 'b', label: 'Yes', means: { 'adaptive-recovery': 'on' } },
        ],
      },
      factory: 'b',
    },
    {
      code: 'T7',
      label: 'Response',
      scope: 'this',
      form: {
        kind: 'menu',
        options: [
          { code: 'a', label: 'Calm', means: { response: 'calm' } },
          { code: 'b', label: 'Medium', means: { response: 'usual' } },
          { code: 'c', label: 'Brisk', means: { response: 'brisk' } },
        ],
      },
      factory: 'b',
    },
    {
      code: 'R1',
      label: 'Reads the room at',
      scope: 'this',
      form: {
        kind: 'menu',
        options: [
          { code: 'a', label: 'Here', means: { 'sensing-place': 'here' } },
          { code: 'b', label: 'Remote sensor', means: { 'sensing-place': 'remote' } },
          { code: 'c', label: 'Average of both', means: { 'sensing-place': 'average' } },
        ],
      },
      factory: 'a',
    },
    {
      code: 'R2',
      label: 'Sensor correction',
      scope: 'this',
      form: { kind: 'number', setting: 'temperature-offset', min: -3, max: 3, step: 0.5, scale: 'plain' },
      factory: '0',
    },
    {
      code: 'R3',
      label: 'Heat or cool chosen',
      scope: 'this',
      form: {
        kind: 'menu',
        options: [
          { code: 'a', label: 'By hand', means: { changeover: 'manual' } },
          { code: 'b', label: 'By itself', means: { changeover: 'auto' } },
        ],
      },
      factory: 'a',
    },
    {
      code: 'R4',
      label: 'Space between setpoints',
      scope: 'this',
      form: { kind: 'number', setting: 'deadband', min: 0, max: 9, step: 1, scale: 'plain' },
      shownWhen: { entry: 'R3', is: ['b'] },
      factory: '3',
    },
    {
      code: 'R5',
      label: 'Highest heat setpoint',
      scope: 'this',
      form: { kind: 'number', setting: 'heat-setpoint-most', min: 60, max: 90, step: 1, scale: 'plain', none: 'none' },
      factory: 'none',
    },
    {
      code: 'R6',
      label: 'Lowest cool setpoint',
      scope: 'this',
      form: { kind: 'number', setting: 'cool-setpoint-least', min: 50, max: 80, step: 1, scale: 'plain', none: 'none' },
      factory: 'none',
    },
    {
      code: 'R7',
      label: 'Test stops above, heat',
      scope: 'this',
      form: { kind: 'number', setting: 'test-heat-most', min: 60, max: 99, step: 1, scale: 'plain', none: 'none' },
      factory: 'none',
    },
    {
      code: 'R8',
      label: 'Test stops below, cool',
      scope: 'this',
      form: { kind: 'number', setting: 'test-cool-least', min: 45, max: 80, step: 1, scale: 'plain', none: 'none' },
      factory: 'none',
    },
    {
      code: 'C1',
      label: 'Reminders count',
      scope: 'this',
      form: {
        kind: 'menu',
        options: [
          { code: 'a', label: 'Run time', means: { 'reminder-basis': 'run-time' } },
          { code: 'b', label: 'Days', means: { 'reminder-basis': 'calendar' } },
        ],
      },
      factory: 'a',
    },
    {
      code: 'C2',
      label: 'Filter',
      scope: 'this',
      form: { kind: 'number', setting: 'filter-reminder', min: 10, max: 360, step: 10, scale: 'plain', none: 'none' },
      factory: 'none',
    },
    {
      code: 'C3',
      label: 'Service',
      scope: 'this',
      form: { kind: 'number', setting: 'service-reminder', min: 3, max: 24, step: 1, scale: 'plain', none: 'none' },
      factory: 'none',
    },
    {
      code: 'C4',
      label: 'Humidifier pad',
      scope: 'this',
      form: { kind: 'number', setting: 'humidifier-reminder', min: 1, max: 24, step: 1, scale: 'plain', none: 'none' },
      factory: 'none',
    },
    {
      code: 'C5',
      label: 'UV lamp',
      scope: 'this',
      form: { kind: 'number', setting: 'lamp-reminder', min: 3, max: 36, step: 1, scale: 'plain', none: 'none' },
      factory: 'none',
    },
    {
      code: 'H1',
      label: 'Day plan',
      scope: 'this',
      form: {
        kind: 'menu',
        options: [
          { code: 'a', label: 'One temperature', means: { schedule: 'none' } },
          { code: 'b', label: 'Night', means: { schedule: 'night' } },
          { code: 'c', label: 'Night and away', means: { schedule: 'night-and-away' } },
        ],
      },
      factory: 'c',
    },
    {
      code: 'H2',
      label: 'Lower at night by',
      scope: 'this',
      form: { kind: 'number', setting: 'setback', min: 0, max: 12, step: 1, scale: 'plain' },
      shownWhen: { entry: 'H1', is: ['b', 'c'] },
      factory: '8',
    },
    {
      code: 'H3',
      label: 'After an outage',
      scope: 'this',
      form: {
        kind: 'menu',
        options: [
          { code: 'a', label: 'Stay off', means: { 'outage-restart': 'off' } },
          { code: 'b', label: 'Go on', means: { 'outage-restart': 'resume' } },
        ],
      },
      factory: 'b',
    },
    {
      code: 'H4',
      label: 'Degrees',
      scope: 'this',
      form: {
        kind: 'menu',
        options: [
          { code: 'a', label: '°F', means: { 'temperature-scale': 'F' } },
          { code: 'b', label: '°C', means: { 'temperature-scale': 'C' } },
        ],
      },
      factory: 'a',
    },
    {
      code: 'H5',
      label: 'Clock',
      scope: 'this',
      form: {
        kind: 'menu',
        options: [
          { code: 'a', label: '12 hours', means: { clock: 12 } },
          { code: 'b', label: '24 hours', means: { clock: 24 } },
        ],
      },
      factory: 'a',
    },
    {
      code: 'H6',
      label: 'Screen',
      scope: 'this',
      form: {
        kind: 'menu',
        options: [
          { code: 'a', label: 'Wakes when touched', means: { screen: 'touch' } },
          { code: 'b', label: 'Always on', means: { screen: 'always' } },
        ],
      },
      factory: 'a',
    },
    {
      code: 'H7',
      label: 'Lock',
      scope: 'this',
      form: {
        kind: 'menu',
        options: [
          { code: 'a', label: 'None', means: { lock: 'none' } },
          { code: 'b', label: 'A few degrees', means: { lock: 'partial' } },
          { code: 'c', label: 'Full, by code', means: { lock: 'full' } },
        ],
      },
      factory: 'a',
      note: 'Do this last, after startup.',
    },
  ],
};
