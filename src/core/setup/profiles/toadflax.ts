import type { ControllerProfile } from './profile';

/**
 * A made-up indoor board with one knob and a six-character display. Values for the air handler and for the system are
 * stored separately and take effect only after a start.
 */
export const toadflax: ControllerProfile = {
  format: 'gate-cross-controller',
  fileVersion: 1,
  id: 'toadflax-indoor',
  name: 'Toadflax',
  role: 'indoor',
  about:
    'A made-up indoor board with one knob, a six-character display and eight lamps. The lists for the air handler and for the system are stored separately and take effect only after a start.',
  scopes: [
    { id: 'unit', label: 'This air handler' },
    { id: 'group', label: 'The whole system' },
  ],
  before: ['Set the thermostat to Off.', 'Wait until the blower stops and the display shows REST.'],
  enter: [
    'Press the knob and turn it left, pressed, until all eight lamps are lit.',
    'Turn the knob to go from item to item. Press it to open an item, turn it to change the value, press it to close the item.',
  ],
  save: [
    'Turn the knob to STORE and hold it pressed until the lamps go out one by one: this list is saved but not yet active.',
  ],
  activate: [
    'Turn the knob to START and press it.',
    'Turn it right until all eight lamps are lit. The board restarts; until then it uses the old values.',
  ],
  readBack: ['With the setup closed, turn the knob slowly: the display shows each item with the value in force.'],
  delays: [
    { label: 'Board restarts after activation', seconds: 90 },
    { label: 'Delays every call after power-up', seconds: 240 },
  ],
  banks: [],
  jumpers: [],
  entries: [
    {
      code: 'CTRL',
      label: 'Control wires',
      scope: 'unit',
      form: {
        kind: 'menu',
        options: [
          { code: 'BUS', label: 'Communicating', means: { 'control-mode': 'communicating' } },
          { code: '24V', label: '24 V', means: { 'control-mode': '24-volt' } },
        ],
      },
      factory: 'BUS',
      isLasting: true,
      note: 'Once 24V is stored, the communicating terminals are disabled for good.',
    },
    {
      code: 'DUCT',
      label: 'Static pressure, tenths of in. w.c.',
      scope: 'unit',
      form: { kind: 'number', setting: 'external-static', min: 1, max: 9, step: 1, scale: 'tenths' },
      factory: '5',
    },
    {
      code: 'AIR-C',
      label: 'Airflow, cooling',
      scope: 'unit',
      form: { kind: 'number', setting: 'airflow-cooling', min: 400, max: 2000, step: 25, scale: 'plain' },
      factory: '1200',
    },
    {
      code: 'AIR-H',
      label: 'Airflow, heat pump only',
      scope: 'unit',
      form: { kind: 'number', setting: 'airflow-heating', min: 400, max: 2000, step: 25, scale: 'plain' },
      factory: '1200',
    },
    {
      code: 'KIT',
      label: 'Heat kit',
      scope: 'unit',
      form: {
        kind: 'menu',
        options: [
          { code: '0.0', label: 'None', means: { 'kit-size': 0 } },
          { code: '4.8', label: '4.8 kW', means: { 'kit-size': 4.8 } },
          { code: '7.2', label: '7.2 kW', means: { 'kit-size': 7.2 } },
          { code: '9.6', label: '9.6 kW', means: { 'kit-size': 9.6 } },
          { code: '14.4', label: '14.4 kW', means: { 'kit-size': 14.4 } },
          { code: '19.2', label: '19.2 kW', means: { 'kit-size': 19.2 } },
        ],
      },
      factory: '0.0',
    },
    {
      code: 'AIR-K',
      label: 'Airflow, kit on',
      scope: 'unit',
      form: { kind: 'number', setting: 'airflow-strips', min: 400, max: 2000, step: 25, scale: 'plain' },
      shownWhen: { entry: 'KIT', is: ['4.8', '7.2', '9.6', '14.4', '19.2'] },
      factory: '1200',
    },
    {
      code: 'OFF-C',
      label: 'Blower off-delay, cool, seconds',
      scope: 'unit',
      form: { kind: 'number', setting: 'fan-after-cool', min: 0, max: 180, step: 15, scale: 'plain' },
      factory: '45',
    },
    {
      code: 'OFF-H',
      label: 'Blower off-delay, heat, seconds',
      scope: 'unit',
      form: { kind: 'number', setting: 'fan-after-heat', min: 0, max: 180, step: 15, scale: 'plain' },
      factory: '60',
    },
    {
      code: 'IDLE',
      label: 'Blower between calls',
      scope: 'unit',
      form: {
        kind: 'menu',
        options: [
          { code: 'STOP', label: 'Stops', means: { 'blower-when-satisfied': 'off' } },
          { code: 'SLOW', label: 'Low speed', means: { 'blower-when-satisfied': 'low' } },
          { code: 'FULL', label: 'Heating speed', means: { 'blower-when-satisfied': 'on' } },
        ],
      },
      shownWhen: { entry: 'CTRL', is: ['BUS'] },
      factory: 'SLOW',
    },
    {
      code: 'WARM',
      label: 'Blower waits for a warm coil',
      scope: 'unit',
      form: {
        kind: 'menu',
        options: [
          { code: 'YES', label: 'Yes', means: { 'blower-hold': 'on' } },
          { code: 'NO', label: 'No', means: { 'blower-hold': 'off' } },
        ],
      },
      shownWhen: { entry: 'CTRL', is: ['BUS'] },
      factory: 'NO',
    },
    {
      code: 'DEF-B',
      label: 'Blower during defrost',
      scope: 'unit',
      form: {
        kind: 'menu',
        options: [
          { code: 'RUN', label: 'Runs', means: { 'blower-in-defrost': 'runs' } },
          { code: 'STOP', label: 'Stops', means: { 'blower-in-defrost': 'stops' } },
        ],
      },
      shownWhen: { entry: 'CTRL', is: ['BUS'] },
      factory: 'RUN',
    },
    {
      code: 'BY',
      label: 'Kit controlled by',
      scope: 'group',
      form: {
        kind: 'menu',
        options: [
          { code: 'STAT', label: 'Thermostat', means: { 'backup-control': 'thermostat' } },
          { code: 'SWCH', label: 'Outdoor switches', means: { 'backup-control': 'outdoor-thermostats' } },
          { code: 'OUTD', label: 'Outdoor board', means: { 'backup-control': 'outdoor-board' } },
        ],
      },
      factory: 'STAT',
    },
    {
      code: 'ON-AT',
      label: 'Kit on, tenths of a degree below setpoint',
      scope: 'group',
      form: { kind: 'number', setting: 'aux-on-point', min: 5, max: 60, step: 5, scale: 'tenths' },
      factory: '20',
    },
    {
      code: 'OFF-AT',
      label: 'Kit off, tenths of a degree below setpoint',
      scope: 'group',
      form: { kind: 'number', setting: 'aux-off-point', min: 0, max: 50, step: 5, scale: 'tenths' },
      factory: '10',
    },
    {
      code: 'WAIT',
      label: 'Kit waits, minutes',
      scope: 'group',
      form: { kind: 'number', setting: 'board-backup-delay', min: 0, max: 60, step: 5, scale: 'plain' },
      shownWhen: { entry: 'KIT', scope: 'unit', is: ['4.8', '7.2', '9.6', '14.4', '19.2'] },
      factory: '0',
    },
    {
      code: 'DEF-K',
      label: 'Kit during defrost',
      scope: 'group',
      form: {
        kind: 'menu',
        options: [
          { code: 'NO', label: 'Off', means: { 'strips-in-defrost': 'off' } },
          { code: 'YES', label: 'On', means: { 'strips-in-defrost': 'on' } },
        ],
      },
      shownWhen: { entry: 'KIT', scope: 'unit', is: ['4.8', '7.2', '9.6', '14.4', '19.2'] },
      factory: 'YES',
    },
    {
      code: 'FAULT',
      label: 'Heat pump fault',
      scope: 'group',
      form: {
        kind: 'menu',
        options: [
          { code: 'OFF', label: 'Kit stays off', means: { 'emergency-on-fault': 'off' } },
          { code: 'ON', label: 'Kit takes over', means: { 'emergency-on-fault': 'on' } },
        ],
      },
      factory: 'OFF',
    },
  ],
};
