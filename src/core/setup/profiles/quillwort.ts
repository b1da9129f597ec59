import type { ControllerProfile } from './profile';

/** A made-up thermostat with numbered menu entries. Entries that do not matter are not shown. */
export const quillwort: ControllerProfile = {
  format: 'gate-cross-controller',
  fileVersion: 1,
  id: 'quillwort-menu',
  name: 'Quillwort',
  role: 'thermostat',
  about: 'A made-up thermostat with numbered menu entries. Entries that do not matter are not shown.',
  scopes: [{ id: 'this', label: 'This thermostat' }],
  before: ['Set the system to Off and wait until the blower stands.'],
  enter: ['Wake the screen.', 'Hold the two lower corners for six seconds, until a number shows.'],
  save: ['Leave with the arrow that bends back: each value is kept as you leave its number.'],
  activate: [],
  readBack: ['Enter again, and step through: the number stands left, its value right.'],
  delays: [
    { label: 'Holds every call after power-up', seconds: 300 },
    { label: 'Shows outdoor temperature after a sensor is paired', seconds: 120 },
  ],
  banks: [],
  jumpers: [],
  entries: [
    {
      code: '11',
      label: 'System',
      scope: 'this',
      form: {
        kind: 'menu',
        options: [
          { code: '0', label: 'Furnace or strips alone', means: { 'system-type': 'conventional' } },
          { code: '1', label: 'Heat pump, one stage', means: { 'system-type': 'heat-pump', 'compressor-stages': 1 } },
          { code: '2', label: 'Heat pump, two stages', means: { 'system-type': 'heat-pump', 'compressor-stages': 2 } },
          {
            code: '3',
            label: 'Heat pump with furnace, one stage',
            means: { 'system-type': 'dual-fuel', 'compressor-stages': 1 },
          },
          {
            code: '4',
            label: 'Heat pump with furnace, two stages',
            means: { 'system-type': 'dual-fuel', 'compressor-stages': 2 },
          },
        ],
      },
      factory: '0',
      note: 'Changing it puts every entry after it back to what it came with.',
    },
    {
      code: '12',
      label: 'Valve terminal',
      scope: 'this',
      form: {
        kind: 'menu',
        options: [
          { code: '0', label: 'Hot in cooling', means: { 'reversing-valve': 'O' } },
          { code: '1', label: 'Hot in heating', means: { 'reversing-valve': 'B' } },
        ],
      },
      shownWhen: { entry: '11', is: ['1', '2', '3', '4'] },
      factory: '0',
    },
    {
      code: '13',
      label: 'Backup stages',
      scope: 'this',
      form: {
        kind: 'menu',
        options: [
          { code: '0', label: 'None', means: { 'backup-stages': 0 } },
          { code: '1', label: 'One', means: { 'backup-stages': 1 } },
          { code: '2', label: 'Two', means: { 'backup-stages': 2 } },
        ],
      },
      shownWhen: { entry: '11', is: ['1', '2', '3', '4'] },
      factory: '1',
    },
    {
      code: '14',
      label: 'Backup is',
      scope: 'this',
      form: {
        kind: 'menu',
        options: [
          { code: '0', label: 'Electric', means: { 'backup-source': 'electric' } },
          { code: '1', label: 'Gas or oil', means: { 'backup-source': 'fossil', 'backup-with-heat-pump': 'apart' } },
        ],
      },
      shownWhen: {
        all: [
          { entry: '13', is: ['1', '2'] },
          { entry: '11', is: ['1', '2', '3', '4'] },
        ],
      },
      factory: '0',
    },
    {
      code: '15',
      label: 'Blower in backup',
      scope: 'this',
      form: {
        kind: 'menu',
        options: [
          { code: '0', label: 'Equipment starts it', means: { 'fan-in-heat': 'equipment' } },
          { code: '1', label: 'Thermostat starts it', means: { 'fan-in-heat': 'thermostat' } },
        ],
      },
      shownWhen: { entry: '13', is: ['1', '2'] },
      factory: '0',
    },
    {
      code: '16',
      label: 'Backup with compressor',
      scope: 'this',
      form: {
        kind: 'menu',
        options: [
          { code: '0', label: 'Never', means: { 'backup-with-heat-pump': 'apart' } },
          { code: '1', label: 'Together', means: { 'backup-with-heat-pump': 'together' } },
          { code: '2', label: 'Backup in emergency only', means: { 'backup-with-heat-pump': 'emergency-only' } },
        ],
      },
      shownWhen: { entry: '14', is: ['0'] },
      factory: '1',
    },
    {
      code: '17',
      label: 'Free terminal',
      scope: 'this',
      form: {
        kind: 'menu',
        options: [
          { code: '0', label: 'Not used', means: { 'assigned-terminal': 'unused' } },
          { code: '1', label: 'Emergency heat', means: { 'assigned-terminal': 'emergency' } },
          { code: '2', label: 'Second backup stage', means: { 'assigned-terminal': 'second-aux' } },
          { code: '3', label: 'Fault lamp', means: { 'assigned-terminal': 'fault-lamp' } },
        ],
      },
      factory: '0',
    },
    {
      code: '18',
      label: 'Backup on heat-pump fault',
      scope: 'this',
      form: {
        kind: 'menu',
        options: [
          { code: '0', label: 'No', means: { 'emergency-on-fault': 'off' } },
          { code: '1', label: 'Yes', means: { 'emergency-on-fault': 'on' } },
        ],
      },
      shownWhen: { entry: '13', is: ['1', '2'] },
      factory: '0',
    },
    {
      code: '21',
      label: 'Outdoor temperature',
      scope: 'this',
      form: {
        kind: 'menu',
        options: [
          { code: '0', label: 'None', means: { 'outdoor-source': 'none' } },
          { code: '1', label: 'Wired', means: { 'outdoor-source': 'wired' } },
          { code: '2', label: 'Wireless', means: { 'outdoor-source': 'wireless' } },
          { code: '3', label: 'From the network', means: { 'outdoor-source': 'weather' } },
        ],
      },
      factory: '0',
    },
    {
      code: '22',
      label: 'No compressor below',
      scope: 'this',
      form: { kind: 'number', setting: 'compressor-lockout', min: -10, max: 60, step: 1, scale: 'plain', none: 'OFF' },
      shownWhen: { entry: '21', is: ['1', '2', '3'] },
      factory: 'OFF',
    },
    {
      code: '23',
      label: 'No backup above',
      scope: 'this',
      form: { kind: 'number', setting: 'aux-lockout', min: 0, max: 70, step: 1, scale: 'plain', none: 'OFF' },
      shownWhen: {
        all: [
          { entry: '21', is: ['1', '2', '3'] },
          { entry: '13', is: ['1', '2'] },
        ],
      },
      factory: 'OFF',
    },
    {
      code: '31',
      label: 'Backup waits for',
      scope: 'this',
      form: { kind: 'number', setting: 'droop', min: 0, max: 5, step: 0.5, scale: 'plain', none: 'TIME' },
      shownWhen: { entry: '13', is: ['1', '2'] },
      factory: '0',
    },
    {
      code: '32',
      label: 'Next stage after',
      scope: 'this',
      form: { kind: 'number', setting: 'upstage-time', min: 10, max: 60, step: 5, scale: 'plain', none: 'OFF' },
      factory: 'OFF',
    },
    {
      code: '33',
      label: 'Compressor starts an hour',
      scope: 'this',
      form: { kind: 'number', setting: 'compressor-cycles', min: 1, max: 6, step: 1, scale: 'plain' },
      factory: '3',
    },
    {
      code: '34',
      label: 'Backup starts an hour',
      scope: 'this',
      form: { kind: 'number', setting: 'backup-cycles', min: 1, max: 9, step: 1, scale: 'plain' },
      shownWhen: { entry: '13', is: ['1', '2'] },
      factory: '6',
    },
    {
      code: '35',
      label: 'Compressor rest',
      scope: 'this',
      form: { kind: 'number', setting: 'compressor-min-off', min: 2, max: 9, step: 1, scale: 'plain' },
      factory: '5',
    },
    {
      code: '36',
      label: 'Early start',
      scope: 'this',
      form: {
        kind: 'menu',
        options: [
          { code: '0', label: 'No', means: { 'adaptive-recovery': 'off' } },
          { code: '1', label: 'Yes', means: { 'adaptive-recovery': 'on' } },
        ],
      },
      factory: '1',
    },
    {
      code: '41',
      label: 'Heat and cool',
      scope: 'this',
      form: {
        kind: 'menu',
        options: [
          { code: '0', label: 'By hand', means: { changeover: 'manual' } },
          { code: '1', label: 'By itself', means: { changeover: 'auto' } },
        ],
      },
      factory: '0',
    },
    {
      code: '42',
      label: 'Distance of heat and cool',
      scope: 'this',
      form: { kind: 'number', setting: 'deadband', min: 0, max: 9, step: 1, scale: 'plain' },
      shownWhen: { entry: '41', is: ['1'] },
      factory: '3',
    },
    {
      code: '43',
      label: 'Highest heat',
      scope: 'this',
      form: { kind: 'number', setting: 'heat-setpoint-most', min: 60, max: 90, step: 1, scale: 'plain', none: 'OFF' },
      factory: 'OFF',
    },
    {
      code: '44',
      label: 'Lowest cool',
      scope: 'this',
      form: { kind: 'number', setting: 'cool-setpoint-least', min: 50, max: 80, step: 1, scale: 'plain', none: 'OFF' },
      factory: 'OFF',
    },
    {
      code: '45',
      label: 'Sensor offset',
      scope: 'this',
      form: { kind: 'number', setting: 'temperature-offset', min: -3, max: 3, step: 0.5, scale: 'plain' },
      factory: '0',
    },
    {
      code: '51',
      label: 'Degrees',
      scope: 'this',
      form: {
        kind: 'menu',
        options: [
          { code: 'F', label: '°F', means: { 'temperature-scale': 'F' } },
          { code: 'C', label: '°C', means: { 'temperature-scale': 'C' } },
        ],
      },
      factory: 'F',
    },
    {
      code: '52',
      label: 'Clock',
      scope: 'this',
      form: {
        kind: 'menu',
        options: [
          { code: '12', label: '12 hours', means: { clock: 12 } },
          { code: '24', label: '24 hours', means: { clock: 24 } },
        ],
      },
      factory: '12',
    },
    {
      code: '53',
      label: 'Day has',
      scope: 'this',
      form: {
        kind: 'menu',
        options: [
          { code: '0', label: 'No periods', means: { schedule: 'none' } },
          { code: '2', label: 'Two periods', means: { schedule: 'night' } },
          { code: '4', label: 'Four periods', means: { schedule: 'night-and-away' } },
        ],
      },
      factory: '4',
    },
    {
      code: '54',
      label: 'Night is cooler by',
      scope: 'this',
      form: { kind: 'number', setting: 'setback', min: 0, max: 12, step: 1, scale: 'plain' },
      shownWhen: { entry: '53', is: ['2', '4'] },
      factory: '8',
    },
    {
      code: '55',
      label: 'Filter after',
      scope: 'this',
      form: { kind: 'number', setting: 'filter-reminder', min: 10, max: 360, step: 10, scale: 'plain', none: 'OFF' },
      factory: 'OFF',
    },
    {
      code: '56',
      label: 'Service after',
      scope: 'this',
      form: { kind: 'number', setting: 'service-reminder', min: 3, max: 24, step: 1, scale: 'plain', none: 'OFF' },
      factory: 'OFF',
    },
    {
      code: '57',
      label: 'After an outage',
      scope: 'this',
      form: {
        kind: 'menu',
        options: [
          { code: '0', label: 'Stay off', means: { 'outage-restart': 'off' } },
          { code: '1', label: 'Go on', means: { 'outage-restart': 'resume' } },
        ],
      },
      factory: '1',
    },
    {
      code: '58',
      label: 'Room sensor',
      scope: 'this',
      form: {
        kind: 'menu',
        options: [
          { code: '0', label: 'Built in', means: { 'sensing-place': 'here' } },
          { code: '1', label: 'Remote', means: { 'sensing-place': 'remote' } },
          { code: '2', label: 'Both', means: { 'sensing-place': 'average' } },
        ],
      },
      factory: '0',
    },
    {
      code: '91',
      label: 'Lock',
      scope: 'this',
      form: {
        kind: 'menu',
        options: [
          { code: '0', label: 'Open', means: { lock: 'none' } },
          { code: '1', label: 'A few degrees', means: { lock: 'partial' } },
          { code: '2', label: 'Code', means: { lock: 'full' } },
        ],
      },
      factory: '0',
      note: 'Last, after the startup.',
    },
  ],
};
